import { t } from "../../../ui/words";
import { useState } from "react";
import type { ExerciseId } from "../../../api/ids";
import { Sheet } from "../../../ui/Sheet";
import { pictureAddress } from "../../library/pictureAddress";

/** The trainer's own picture of the exercise, small beside its name; a tap shows it large, to be turned to the client. */
export function LinePicture({ id, mark, name }: { id: ExerciseId; mark: string; name: string }) {
  const [large, setLarge] = useState(false);
  const address = pictureAddress(id, mark);
  return (
    <>
      <button
        type="button"
        aria-label={t("Show the picture of {{name}}", { name })}
        className="size-12 shrink-0 overflow-hidden rounded-md border border-line"
        onClick={() => setLarge(true)}
      >
        <img src={address} alt="" className="size-full object-cover" />
      </button>
      <Sheet title={name} open={large} onClose={() => setLarge(false)}>
        <img
          src={address}
          alt={t("{{name}}, as the trainer shows it", { name })}
          className="mx-auto max-h-[70dvh] rounded-md"
        />
      </Sheet>
    </>
  );
}
