import type { Schemas } from "../../api/client";

/** Which week a panel shows. */
export function WeekPicker({
  phase,
  at,
  choose,
}: {
  phase: Schemas["PhaseView"];
  at: number;
  choose: (week: number) => void;
}) {
  return (
    <label className="flex items-center gap-2 text-sm">
      in week
      <select
        value={at}
        onChange={(event) => choose(Number(event.target.value))}
        className="min-h-8 rounded-md border border-line-strong/60 bg-raised px-2"
      >
        {phase.weeks.map((entry, index) => (
          <option key={entry.id} value={index}>
            {entry.number}
            {entry.is_now ? ", now" : ""}
          </option>
        ))}
      </select>
    </label>
  );
}
