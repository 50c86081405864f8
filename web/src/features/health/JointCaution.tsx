import { t } from "../../ui/words";
import { TriangleAlert } from "lucide-react";
import type { Schemas } from "../../api/client";

const tones = { stop: "text-stop", caution: "text-caution", note: "text-soft" };

/** What a joint says of the exercise, with what to do instead. */
export function JointCaution({ caution, instead }: { caution: Schemas["Caution"]; instead: string[] }) {
  return (
    <p className={`mt-1 flex gap-1.5 ${tones[caution.grade]}`}>
      <TriangleAlert size={18} className="mt-0.5 shrink-0" aria-hidden />
      <span>
        {caution.text}
        {caution.grade !== "note" && instead.length > 0 && (
          <> {t("Instead: {{instead}}.", { instead: instead.join(", ") })}</>
        )}
      </span>
    </p>
  );
}

/** The same on a phone: the joint's name beside the exercise's, opened with a tap. */
export function JointButton({
  cautions,
  open,
  toggle,
}: {
  cautions: Schemas["Caution"][];
  open: boolean;
  toggle: () => void;
}) {
  const worst = cautions[0];
  if (!worst) return null;
  return (
    <button
      type="button"
      aria-expanded={open}
      onClick={toggle}
      className={`flex min-h-12 shrink-0 items-center gap-1 text-sm underline @floor:hidden ${tones[worst.grade]}`}
    >
      <TriangleAlert size={18} aria-hidden />
      {worst.about}
    </button>
  );
}
