import { t } from "../../../ui/words";
import { count } from "../../../ui/format";
import { Button } from "../../../ui/Button";
import { openSets } from "../floorState";
import type { ShownFloor } from "../floorState";
import { Panel } from "./Panel";

/** Ends a session with sets still open: which ones, and both ways on. */
export function FinishPanel({
  shown,
  onFinish,
  onBack,
}: {
  shown: ShownFloor;
  onFinish: () => void;
  onBack: () => void;
}) {
  const open = openSets(shown);
  const sets = open.reduce((sum, one) => sum + one.open, 0);
  return (
    <Panel
      title={t("{{sets}} not done yet", { sets: count(sets, "set") })}
      back={t("Back to the set")}
      onBack={onBack}
    >
      <ul className="mt-3 border-t border-line text-lg">
        {open.map((one) => (
          <li key={one.line} className="flex justify-between gap-3 border-b border-line py-2">
            <span className="min-w-0 break-words">{one.exercise}</span>
            <span className="shrink-0 text-soft">
              {t("{{open}} of {{sets}}", { open: one.open, sets: one.sets })}
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-3 text-soft">
        {t(
          "They stay written as not done. The session can be opened again from Today, the calendar and the review; sets logged then count.",
        )}
      </p>
      <div className="mt-auto grid gap-2 pt-6">
        <Button big tone="act" className="min-h-16!" data-main-action onClick={onFinish}>
          {t("Finish as it is")}
        </Button>
      </div>
    </Panel>
  );
}
