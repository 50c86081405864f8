import { t } from "../../../ui/words";
import { pictureAddress } from "../../library/pictureAddress";
import type { ShownLine } from "../floorState";
import { Panel } from "../today/Panel";

interface OfLine {
  line: ShownLine;
}

/** The trainer's own picture of the exercise, small beside its name; a tap shows it large. */
export function LinePicture({ line, show }: OfLine & { show: () => void }) {
  return (
    <button
      type="button"
      aria-label={t("Show the picture of {{name}}", { name: line.exercise })}
      className="size-12 shrink-0 overflow-hidden rounded-md border border-line"
      onClick={show}
    >
      <img src={pictureAddress(line.exercise_id, line.picture)} alt="" className="size-full object-cover" />
    </button>
  );
}

/** The picture as large as there is room, to be turned to the client. */
export function PicturePanel({ line, onDone }: OfLine & { onDone: () => void }) {
  return (
    <Panel title={line.exercise} back={t("Back to the set")} onBack={onDone}>
      <img
        src={pictureAddress(line.exercise_id, line.picture)}
        alt={t("{{name}}, as the trainer shows it", { name: line.exercise })}
        className="mx-auto mt-3 max-h-[70dvh] rounded-md"
      />
    </Panel>
  );
}
