import { named, t } from "../../../ui/words";
import { Picker } from "../../../ui/fields/Select";
import { WeekKind } from "../../../api/enums";
import { SlidersHorizontal } from "lucide-react";
import type { Schemas } from "../../../api/client";
import { shortId } from "../../../api/ids";
import { count, shortDate } from "../../../ui/format";
import type { Opened } from "../keeping/opened";
import type { Save } from "../keeping/useBoard";

const stuck = "shadow-[inset_0_-2px_0_var(--color-ink)] lg:sticky lg:top-0 lg:z-10";

/** The weeks of a phase: number, date, and what each does. */
export function WeekHeads({
  phase,
  places,
  compact,
  corner,
  open,
  save,
}: {
  phase: Schemas["PhaseView"];
  places: Schemas["PlaceHead"][];
  compact: boolean;
  /** What else stands in the corner. */
  corner?: React.ReactNode;
  open: (what: Opened) => void;
  save: Save;
}) {
  return (
    <thead>
      <tr className="text-left align-bottom">
        <th
          scope="col"
          className={`bg-ground font-normal lg:left-0 lg:z-[15] ${stuck} ${compact ? "w-[15rem] pr-2" : "w-56 pb-1"}`}
        >
          <span className="flex flex-wrap items-center gap-x-3">
            <button
              type="button"
              className="text-sm text-soft underline hover:text-ink"
              onClick={() =>
                save(
                  [{ op: "add_week", phase: phase.id, week: shortId("w") }],
                  t("{{name}}: week added", { name: phase.name }),
                )
              }
            >
              {t("Add a week")}
            </button>
            {corner}
          </span>
        </th>
        {phase.weeks.map((week) => (
          <th
            key={week.id}
            scope="col"
            className={`px-2 ${stuck} ${compact ? "py-0" : "pb-1"} ${week.is_now ? "bg-ember-wash" : "bg-ground"} ${week.kind === "ease off" ? "border-t-4 border-line-strong" : ""}`}
          >
            <span className={compact ? "flex items-center gap-x-2 overflow-hidden" : "contents"}>
              <span className={`flex items-baseline gap-x-2 ${compact ? "shrink-0" : "flex-wrap"}`}>
                <span className="font-semibold whitespace-nowrap">
                  {t("Week {{number}}{{more}}", {
                    number: week.number,
                    more: week.variant && ` ${week.variant}`,
                  })}
                </span>
                <span className="text-sm font-normal whitespace-nowrap text-soft">
                  {shortDate(week.monday)}
                </span>
                {week.is_now && <span className="text-sm font-semibold text-ember">{t("now")}</span>}
              </span>
              <span className="flex items-center gap-1">
                <Picker
                  quiet
                  aria-label={t("What week {{number}} does", { number: week.number })}
                  value={week.kind}
                  className="-ml-1 font-normal text-soft"
                  options={WeekKind}
                  choose={(kind) =>
                    kind &&
                    save(
                      [{ op: "change_week", phase: phase.id, week: week.id, kind }],
                      t("Week {{number}}: {{kind}}", { number: week.number, kind: named(kind) }),
                    )
                  }
                />
                <button
                  type="button"
                  aria-label={t("Variant and place of week {{number}}", { number: week.number })}
                  className="grid size-6 place-items-center rounded text-soft hover:text-ink"
                  onClick={() => open({ week: week.id })}
                >
                  <SlidersHorizontal size={14} aria-hidden />
                </button>
              </span>
              {week.pause > 0 && (
                <span className="block truncate text-sm font-normal text-caution" title={week.pause_reason}>
                  {t("after {{weeks}} off", { weeks: count(week.pause, "week") })}
                </span>
              )}
              {week.place && (
                <span className="block truncate text-sm font-normal text-caution">
                  {t("at {{more}}", {
                    more: places.find((place) => place.id === week.place)?.name ?? t("a place that is gone"),
                  })}
                </span>
              )}
            </span>
          </th>
        ))}
      </tr>
    </thead>
  );
}
