import { t } from "../../../ui/words";
import { Minus, Plus } from "lucide-react";

/** A figure with its unit, and a button on each side to make it less or more. */
export function Stepper({
  label,
  value,
  unit,
  note = "",
  less,
  more,
}: {
  label: string;
  value: string;
  unit: string;
  /** What goes with the figure, such as the colour of a pin. */
  note?: string;
  less: () => void;
  more: () => void;
}) {
  const look =
    "grid min-h-14 w-12 shrink-0 place-items-center hover:bg-sunk @floor:min-h-16 @floor:w-16 short:min-h-12";
  return (
    <div
      className="flex items-center rounded-lg border border-line-strong bg-raised"
      role="group"
      aria-label={label}
    >
      <button type="button" aria-label={t("{{label}}: less", { label })} className={look} onClick={less}>
        <Minus aria-hidden />
      </button>
      <p className="grow text-center leading-none">
        <span className="text-4xl font-semibold tracking-tight @floor:text-6xl short:text-4xl!">{value}</span>
        <span className="text-soft @max-floor:block @floor:ml-1.5 @floor:text-lg">{unit}</span>
        {note && <span className="mt-1 block text-base font-medium @floor:text-xl">{note}</span>}
      </p>
      <button type="button" aria-label={t("{{label}}: more", { label })} className={look} onClick={more}>
        <Plus aria-hidden />
      </button>
    </div>
  );
}
