import { t } from "../../../ui/words";
import type { Schemas } from "../../../api/client";
import { SavedField } from "../../../ui/fields/SavedField";
import { Select } from "../../../ui/fields/Select";
import type { Edit, Save } from "../keeping/useBoard";

type How = Schemas["RestrictedFlow"];

const LIMBS = [
  ["arms", t("arms")],
  ["legs", t("legs")],
  ["one arm", t("one arm")],
  ["one leg", t("one leg")],
] as const;
const MOST_SHARE = 80;

/** Restricted blood flow, ticked on a line or its phase: limb, pressure, cycles, share of the maximum. */
export function RestrictedFlowPart({
  line,
  phase,
  save,
}: {
  line: Schemas["LineView"];
  phase: Schemas["PhaseView"];
  save: Save;
}) {
  const where = line.restricted ? "line" : phase.restricted ? "phase" : "";
  const how: How | null = line.restricted ?? phase.restricted;
  const put = (place: string, next: How | null, what: string) =>
    save(
      [
        {
          op: "restrict_flow",
          ...(place === "line" ? { line: line.id } : { phase: phase.id }),
          how: next,
        } as Edit,
      ],
      `${place === "line" ? line.exercise : phase.name}: ${what}`,
    );
  const choose = (place: string) => {
    if (where) put(where, null, "no cuffs");
    if (place) put(place, how ?? { pressure: "as taught", cycles: "" }, "restricted blood flow");
  };
  const change = (fields: Partial<How>) => how && put(where, { ...how, ...fields }, "restricted blood flow");
  return (
    <fieldset className="grid gap-3">
      <Select
        label={t("Restricted blood flow (cuffs)")}
        value={where}
        empty={line.restricted_words ? t("only as it is written") : t("no")}
        options={[
          ["line", t("in this line")],
          ["phase", t("in all loaded work of the phase")],
        ]}
        hint={t(
          "Only by those trained in it, for clients who were asked. The board asks once a phase; nothing here raises its load.",
        )}
        choose={choose}
      />
      {how && (
        <div className="grid grid-cols-2 gap-3">
          <Select
            label={t("On the")}
            value={how.limb ?? ""}
            empty={t("not said")}
            options={LIMBS}
            choose={(limb) => change({ limb: limb === "" ? null : limb })}
          />
          <SavedField
            of={line.id}
            label={t("Pressure")}
            value={how.pressure ?? "as taught"}
            save={(pressure) => change({ pressure: pressure.trim() || "as taught" })}
          />
          <SavedField
            of={line.id}
            label={t("Cycles")}
            value={how.cycles ?? ""}
            hint={t("When the cuffs are let off.")}
            save={(cycles) => change({ cycles })}
          />
          <SavedField
            of={line.id}
            label={t("Load, % of max")}
            value={how.load_share ? String(how.load_share) : ""}
            save={(text) => {
              const share = Number.parseInt(text, 10);
              change({ load_share: share > 0 ? Math.min(share, MOST_SHARE) : null });
            }}
          />
        </div>
      )}
    </fieldset>
  );
}
