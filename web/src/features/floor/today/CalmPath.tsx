import { t } from "../../../ui/words";
import { topicName } from "../../health/names";
import type { FloorData } from "../useFloor";
import type { ShownFloor, ShownLine } from "../floorState";
import type { Hurt } from "../pad/Hurts";
import { InsteadList } from "./InsteadList";
import { Offer, Panel } from "./Panel";

/** Something hurts: this exercise stops, something else takes its place, and the signs that end a session are at hand. */
export function CalmPath({
  shown,
  line,
  hurt,
  data,
  onDone,
  showSigns,
}: {
  shown: ShownFloor;
  line: ShownLine;
  hurt: Hurt;
  data: FloorData;
  onDone: () => void;
  showSigns: () => void;
}) {
  const what = topicName(hurt.joint, hurt.side);
  const why = `${what[0]?.toUpperCase()}${what.slice(1)} hurt in ${line.exercise}.`;
  const doing = (act: () => Promise<void>) => () => {
    void act();
    onDone();
  };
  return (
    <Panel
      title={t("Stop {{exercise}} for today", { exercise: line.exercise })}
      back={t("Go on with it")}
      onBack={onDone}
    >
      <p className="mt-1 text-lg">
        {t("{{why}} It is written down with the set. Choose what takes its place, or leave it out.", { why })}
      </p>
      <div className="mt-3 grid gap-2">
        <Offer
          tone="stop"
          title={t("Is it more than that? Warning signs")}
          more={t(
            "Sudden or spreading pain, dizziness, pressure in the chest: the signs that end a session.",
          )}
          onClick={showSigns}
        />
      </div>
      <h3 className="mt-4 mb-1.5 font-semibold">{t("Instead, sparing the {{what}}", { what })}</h3>
      <InsteadList
        shown={shown}
        line={line}
        hurt={hurt}
        onChoose={(instead) =>
          doing(() => data.change({ sort: "swap", line: line.line, exercise: instead.exercise, why }))()
        }
      />
      <div className="mt-3 grid gap-2">
        <Offer
          title={t("Leave it out today")}
          more={t("What was done of it is kept.")}
          onClick={doing(() => data.change({ sort: "drop", line: line.line, why }))}
        />
      </div>
      <p className="mt-4 text-soft">
        {t("Pain that does not settle, or comes back, belongs to a clinician before this is loaded again.")}
      </p>
    </Panel>
  );
}
