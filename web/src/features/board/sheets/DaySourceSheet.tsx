import { t } from "../../../ui/words";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../../../api/client";
import { query } from "../../../api/query";
import { Button } from "../../../ui/Button";
import { Sheet } from "../../../ui/Sheet";
import { Part } from "../../../ui/Waiting";
import { ProgramPick, type Picked } from "../../starting/ProgramPick";
import { fromProgram, fromTemplate, type Source } from "../../starting/source";
import { TakeSheet } from "./TakeSheet";

interface Chosen {
  name: string;
  source: Source;
  day: number;
}

/** An optional day from a template or from what somebody trained: looked at first, then taken. */
export function DaySourceSheet({
  view,
  phase,
  take,
  onClose,
}: {
  view: Schemas["BoardView"];
  phase: Schemas["PhaseView"];
  take: (source: Source, day: number) => void;
  onClose: () => void;
}) {
  const templates = useQuery(query.templates(view.client_id));
  const [picked, pick] = useState<Picked | null>(null);
  const [chosen, choose] = useState<Chosen | null>(null);
  const days = (of: string, names: string[], source: Source) => (
    <span className="mt-1 flex flex-wrap gap-1.5">
      {names.map((name, day) => (
        <Button key={day} onClick={() => choose({ name, source, day })}>
          {name}
          <span className="sr-only"> {t("of {{of}}", { of })}</span>
        </Button>
      ))}
    </span>
  );
  if (chosen)
    return (
      <Look
        view={view}
        phase={phase}
        chosen={chosen}
        take={take}
        back={() => choose(null)}
        onClose={onClose}
      />
    );
  return (
    <Sheet title={t("A day, taken over")} open onClose={onClose}>
      <p className="text-soft">
        {t(
          "It becomes an optional day: held when there is time, never missed. The day’s own sheet changes that.",
        )}
      </p>
      <section aria-labelledby="day-from-program" className="mt-3">
        <h3 id="day-from-program" className="font-semibold">
          {t("From a client’s program")}
        </h3>
        <ProgramPick first={view.client_id} whole={false} picked={picked} pick={pick} />
        {picked?.phase &&
          days(picked.phase.name, picked.phase.days, fromProgram(picked.program.id, picked.phase.id))}
      </section>
      <section aria-labelledby="day-from-template" className="mt-5">
        <h3 id="day-from-template" className="font-semibold">
          {t("From a template")}
        </h3>
        <Part of={templates}>
          {(list) => (
            <ul>
              {list.map((one) => (
                <li key={one.id} className="border-b border-line py-2">
                  <span className="font-medium">{one.name}</span>{" "}
                  <span className="text-sm text-soft">{one.own ? t("your own") : one.asks}</span>
                  {days(one.name, one.day_names, fromTemplate(one.id))}
                </li>
              ))}
            </ul>
          )}
        </Part>
      </section>
    </Sheet>
  );
}

function Look({
  view,
  phase,
  chosen,
  take,
  back,
  onClose,
}: {
  view: Schemas["BoardView"];
  phase: Schemas["PhaseView"];
  chosen: Chosen;
  take: (source: Source, day: number) => void;
  back: () => void;
  onClose: () => void;
}) {
  const { source, day } = chosen;
  const asked = { ...source, day, phase: phase.id, base: view.revision.number };
  const look = useQuery(query.lookAtDay(view.program_id, asked));
  return (
    <TakeSheet
      title={t("{{name}}, in {{name2}}", { name: chosen.name, name2: phase.name })}
      look={look}
      take={() => take(source, day)}
      back={back}
      onClose={onClose}
    />
  );
}
