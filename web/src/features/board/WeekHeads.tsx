import type { Schemas } from "../../api/client";
import { freshId } from "../../api/ids";
import { shortDate } from "../../ui/format";
import type { Edit } from "./useBoard";

const kinds: Schemas["WeekKind"][] = ["build", "hold", "ease off"];

/** The weeks of a phase: number, date, and what each does. */
export function WeekHeads({
  phase,
  save,
}: {
  phase: Schemas["PhaseView"];
  save: (edits: Edit[], reason: string) => void;
}) {
  return (
    <thead>
      <tr className="border-b-2 border-ink text-left align-bottom">
        <th scope="col" className="w-52 pb-1 font-normal">
          <button
            type="button"
            className="text-sm text-soft underline hover:text-ink"
            onClick={() =>
              save(
                [{ op: "add_week", phase: phase.id, week: `w${freshId().slice(0, 10)}` }],
                `${phase.name}: week added`,
              )
            }
          >
            Add a week
          </button>
        </th>
        {phase.weeks.map((week) => (
          <th key={week.id} scope="col" className={`px-2 pb-1 ${week.is_now ? "bg-ember-wash" : ""}`}>
            <span className="flex items-baseline gap-2">
              <span className="font-semibold">Week {week.number}</span>
              <span className="text-sm font-normal text-soft">{shortDate(week.monday)}</span>
              {week.is_now && <span className="text-sm font-semibold text-ember">now</span>}
              <select
                aria-label={`What week ${week.number} does`}
                value={week.kind}
                className="ml-auto bg-transparent text-sm font-normal text-soft"
                onChange={(event) =>
                  save(
                    [
                      {
                        op: "change_week",
                        phase: phase.id,
                        week: week.id,
                        kind: event.target.value as Schemas["WeekKind"],
                      },
                    ],
                    `Week ${week.number}: ${event.target.value}`,
                  )
                }
              >
                {kinds.map((kind) => (
                  <option key={kind}>{kind}</option>
                ))}
              </select>
            </span>
          </th>
        ))}
      </tr>
    </thead>
  );
}
