import { t } from "../../../ui/words";
import { Select } from "../../../ui/fields/Select";
import { NOWHERE } from "../../../api/ids";
import type { Schemas } from "../../../api/client";
import { Button } from "../../../ui/Button";
import { Choice } from "../../../ui/fields/Choice";
import { Sheet } from "../../../ui/Sheet";
import type { Save } from "../keeping/useBoard";

/** What a week trains where weeks alternate, and where it is trained when the client travels. */
export function WeekSheet({
  view,
  phase,
  week,
  save,
  onClose,
}: {
  view: Schemas["BoardView"];
  phase: Schemas["PhaseView"];
  week: Schemas["WeekView"];
  save: Save;
  onClose: () => void;
}) {
  const change = (fields: Partial<Schemas["ChangeWeek"]>, what: string) =>
    save(
      [{ op: "change_week", phase: phase.id, week: week.id, ...fields }],
      t("Week {{number}}: {{what}}", { number: week.number, what }),
    );
  const alternate = () =>
    save(
      phase.weeks.map((one, n) => ({
        op: "change_week" as const,
        phase: phase.id,
        week: one.id,
        variant: n % 2 ? ("B" as const) : ("A" as const),
      })),
      t("{{name}}: weeks alternate A and B", { name: phase.name }),
    );
  return (
    <Sheet title={t("Week {{number}}", { number: week.number })} open onClose={onClose}>
      <div className="grid gap-4">
        <div className="flex flex-wrap items-end gap-3">
          <Choice
            label={t("Variants")}
            value={week.variant as "" | "A" | "B"}
            options={[
              ["", t("no alternation")],
              ["A", "A"],
              ["B", "B"],
            ]}
            choose={(variant) =>
              change({ variant }, variant ? t("{{variant}} week", { variant }) : t("no alternation"))
            }
          />
          <Button onClick={alternate}>{t("Alternate A and B in the whole phase")}</Button>
        </div>
        <Select
          label={t("Place")}
          hint={t("For a travel week: every day of it is read against this place.")}
          value={week.place}
          empty={t("where each day says")}
          options={view.places.map((place) => [place.id, place.name] as const)}
          choose={(place) =>
            change(
              { place: place || NOWHERE },
              `at ${view.places.find((one) => one.id === place)?.name ?? t("the usual place")}`,
            )
          }
        />
        {phase.weeks.length > 1 && (
          <Button
            tone="stop"
            className="justify-self-start"
            onClick={() => {
              save(
                [{ op: "remove_week", phase: phase.id, week: week.id }],
                t("Week {{number}} taken out", { number: week.number }),
              );
              onClose();
            }}
          >
            {t("Take the week out")}
          </Button>
        )}
      </div>
    </Sheet>
  );
}
