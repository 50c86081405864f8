import { t } from "../../../ui/words";
import { Picker } from "../../../ui/fields/Select";
import type { Schemas } from "../../../api/client";

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
      {t("in week")}
      <Picker
        value={String(at)}
        choose={(week) => choose(Number(week))}
        options={phase.weeks.map(
          (entry, index) => [String(index), `${entry.number}${entry.is_now ? ", now" : ""}`] as const,
        )}
      />
    </label>
  );
}
