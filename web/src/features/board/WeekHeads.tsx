import { Picker } from "../../ui/Select";
import { WeekKind } from "../../api/enums";
import { SlidersHorizontal } from "lucide-react";
import type { Schemas } from "../../api/client";
import { shortId } from "../../api/ids";
import { shortDate } from "../../ui/format";
import type { Opened } from "./opened";
import type { Save } from "./useBoard";

/** The weeks of a phase: number, date, and what each does. */
export function WeekHeads({
  phase,
  places,
  open,
  save,
}: {
  phase: Schemas["PhaseView"];
  places: Schemas["PlaceHead"][];
  open: (what: Opened) => void;
  save: Save;
}) {
  return (
    <thead>
      <tr className="border-b-2 border-ink text-left align-bottom">
        <th scope="col" className="w-56 pb-1 font-normal">
          <button
            type="button"
            className="text-sm text-soft underline hover:text-ink"
            onClick={() =>
              save([{ op: "add_week", phase: phase.id, week: shortId("w") }], `${phase.name}: week added`)
            }
          >
            Add a week
          </button>
        </th>
        {phase.weeks.map((week) => (
          <th
            key={week.id}
            scope="col"
            className={`px-2 pb-1 ${week.is_now ? "bg-ember-wash" : ""} ${week.kind === "ease off" ? "border-t-4 border-line-strong" : ""}`}
          >
            <span className="flex flex-wrap items-baseline gap-x-2">
              <span className="font-semibold whitespace-nowrap">
                Week {week.number}
                {week.variant && ` ${week.variant}`}
              </span>
              <span className="text-sm font-normal whitespace-nowrap text-soft">
                {shortDate(week.monday)}
              </span>
              {week.is_now && <span className="text-sm font-semibold text-ember">now</span>}
            </span>
            <span className="flex items-center gap-1">
              <Picker
                quiet
                aria-label={`What week ${week.number} does`}
                value={week.kind}
                className="-ml-1 font-normal text-soft"
                options={WeekKind}
                choose={(kind) =>
                  kind &&
                  save(
                    [{ op: "change_week", phase: phase.id, week: week.id, kind }],
                    `Week ${week.number}: ${kind}`,
                  )
                }
              />
              <button
                type="button"
                aria-label={`Variant and place of week ${week.number}`}
                className="grid size-6 place-items-center rounded text-soft hover:text-ink"
                onClick={() => open({ week: week.id })}
              >
                <SlidersHorizontal size={14} aria-hidden />
              </button>
            </span>
            {week.place && (
              <span className="block text-sm font-normal text-caution">
                at {places.find((place) => place.id === week.place)?.name ?? "a place that is gone"}
              </span>
            )}
          </th>
        ))}
      </tr>
    </thead>
  );
}
