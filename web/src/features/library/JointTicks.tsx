import { named, t } from "../../ui/words";
import type { Schemas } from "../../api/client";
import { Joint } from "../../api/enums";

type Load = Schemas["JointLoadRequest"];
const next: Record<string, Schemas["Stress"] | null> = {
  none: "light",
  light: "moderate",
  moderate: "much",
  much: null,
};
const words = { light: t("a little"), moderate: "some", much: t("a lot") };

/** What an exercise asks of each joint: each press is one step more, then none again. */
export function JointTicks({ joints: loads, change }: { joints: Load[]; change: (loads: Load[]) => void }) {
  const of = (joint: Schemas["Joint"]) => loads.find((load) => load.joint === joint);
  return (
    <div role="group" aria-label={t("Asks of the joints")} className="grid gap-1">
      <span aria-hidden className="text-sm font-medium">
        {t("Asks of the joints: press for a little, some, a lot")}
      </span>
      <div className="flex flex-wrap gap-1">
        {Joint.map((joint) => {
          const load = of(joint);
          return (
            <button
              key={joint}
              type="button"
              onClick={() => {
                const stress = next[load?.stress ?? "none"];
                const others = loads.filter((entry) => entry.joint !== joint);
                change(stress ? [...others, { joint, stress, how: load?.how ?? "" }] : others);
              }}
              className={`min-h-7 rounded border px-2 text-sm ${load ? "border-ink bg-ink text-ground" : "border-line-strong"}`}
            >
              {named(joint)}
              {load && `: ${words[load.stress]}`}
            </button>
          );
        })}
      </div>
    </div>
  );
}
