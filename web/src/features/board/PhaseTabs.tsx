import { Part } from "../../ui/Waiting";
import { query } from "../../api/query";
import type { ClientId } from "../../api/ids";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { type Schemas } from "../../api/client";
import { Roving } from "../../ui/Roving";
import { Button } from "../../ui/Button";
import { Sheet } from "../../ui/Sheet";

/** Phases folded to their names and weeks; one is unfolded, or all. A phase is added like the last or from a template. */
export function PhaseTabs({
  view,
  chosen,
  choose,
  add,
  addTemplate,
}: {
  view: Schemas["BoardView"];
  /** None where all are unfolded. */
  chosen: string | null;
  choose: (id: string) => void;
  add: () => void;
  addTemplate: (template: string) => void;
}) {
  const [choosing, setChoosing] = useState(false);
  const look =
    "border border-r-0 border-line-strong px-3 py-1.5 first:rounded-l-md last:rounded-r-md last:border-r aria-pressed:bg-ink aria-pressed:text-ground";
  return (
    <>
      <Roving label="Phases" className="flex flex-wrap items-center gap-2">
        <div className="flex">
          {view.phases.map((phase) => (
            <button
              key={phase.id}
              type="button"
              aria-pressed={phase.id === chosen}
              onClick={() => choose(phase.id)}
              className={look}
            >
              {phase.name}
              <span className="ml-2 text-sm">
                {phase.weeks[0]?.number}–{phase.weeks.at(-1)?.number}
              </span>
            </button>
          ))}
          {view.phases.length > 1 && (
            <button
              type="button"
              aria-pressed={chosen === null}
              onClick={() => choose("all")}
              className={look}
            >
              All
            </button>
          )}
        </div>
        <Button tone="quiet" onClick={add}>
          Add a phase
        </Button>
        <Button tone="quiet" onClick={() => setChoosing(true)}>
          From a template
        </Button>
      </Roving>
      {choosing && (
        <TemplateSheet
          client={view.client_id}
          take={(template) => {
            setChoosing(false);
            addTemplate(template);
          }}
          onClose={() => setChoosing(false)}
        />
      )}
    </>
  );
}

function TemplateSheet({
  client,
  take,
  onClose,
}: {
  client: ClientId;
  take: (template: string) => void;
  onClose: () => void;
}) {
  const templates = useQuery(query.templates(client));
  return (
    <Sheet title="The next phase from a template" open onClose={onClose}>
      <Part of={templates}>
        {(list) => (
          <ul>
            {list.map((one) => (
              <li key={one.id} className="flex items-start gap-3 border-b border-line py-2">
                <span className="mr-auto">
                  <span className="font-medium">{one.name}</span>{" "}
                  <span className="text-sm text-soft">
                    {one.school} · {one.days} days, {one.weeks} weeks
                  </span>
                  <span className="block text-sm text-soft">{one.suits}</span>
                </span>
                <Button aria-label={`Take it: ${one.name}`} onClick={() => take(one.id)}>
                  Take it
                </Button>
              </li>
            ))}
          </ul>
        )}
      </Part>
    </Sheet>
  );
}
