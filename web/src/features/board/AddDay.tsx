import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { shortId, type ClientId } from "../../api/ids";
import { query } from "../../api/query";
import { Button } from "../../ui/Button";
import { Sheet } from "../../ui/Sheet";
import { Part } from "../../ui/Waiting";
import type { AddTemplateDay, Edit } from "./useBoard";

/** Adds a day on the first weekday that is free, an empty one or one of a template. */
export function AddDay({
  client,
  phase,
  save,
  addTemplateDay,
}: {
  client: ClientId;
  phase: Schemas["PhaseView"];
  save: (edits: Edit[], reason: string) => void;
  addTemplateDay: AddTemplateDay;
}) {
  const [choosing, setChoosing] = useState(false);
  const taken = phase.days.map((day) => day.weekday);
  const weekday = [0, 2, 4, 1, 3, 5, 6].find((candidate) => !taken.includes(candidate));
  if (weekday === undefined) return null;
  const name = `Day ${phase.days.length + 1}`;
  return (
    <span className="flex gap-2">
      <Button
        onClick={() =>
          save([{ op: "add_day", phase: phase.id, day: shortId("d"), name, weekday }], `${name} added`)
        }
      >
        Add a day
      </Button>
      <Button tone="quiet" onClick={() => setChoosing(true)}>
        Add an optional day
      </Button>
      {choosing && (
        <TemplateDays
          client={client}
          take={(template, day) => {
            setChoosing(false);
            addTemplateDay({ template, day, phase: phase.id });
          }}
          onClose={() => setChoosing(false)}
        />
      )}
    </span>
  );
}

function TemplateDays({
  client,
  take,
  onClose,
}: {
  client: ClientId;
  take: (template: string, day: number) => void;
  onClose: () => void;
}) {
  const templates = useQuery(query.templates(client));
  return (
    <Sheet title="A day from a template" open onClose={onClose}>
      <p className="text-soft">
        It becomes an optional day: held when there is time, never missed. The day’s own sheet changes that.
      </p>
      <Part of={templates}>
        {(list) => (
          <ul className="mt-2">
            {list.map((one) => (
              <li key={one.id} className="border-b border-line py-2">
                <span className="font-medium">{one.name}</span>{" "}
                <span className="text-sm text-soft">{one.asks}</span>
                <span className="mt-1 flex flex-wrap gap-1.5">
                  {one.day_names.map((day, number) => (
                    <Button key={number} onClick={() => take(one.id, number)}>
                      {day}
                      <span className="sr-only"> of {one.name}</span>
                    </Button>
                  ))}
                </span>
              </li>
            ))}
          </ul>
        )}
      </Part>
    </Sheet>
  );
}
