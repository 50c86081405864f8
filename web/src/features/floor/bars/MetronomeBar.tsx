import { t } from "../../../ui/words";
import { Drum } from "lucide-react";
import type { ShownLine } from "../floorState";
import type { useMetronome } from "./useMetronome";

/** Calls the tempo of the line, phase by phase, and counts the repetitions with it. */
export function MetronomeBar({
  line,
  metronome,
}: {
  line: ShownLine;
  metronome: ReturnType<typeof useMetronome>;
}) {
  const { beat, toggle } = metronome;
  if (!line.metronome) return null;
  const { own, beats, rep_seconds: repSeconds } = line.metronome;
  const phases = beats.map((one) => `${one.say} ${one.seconds}`).join(", ");
  return (
    <button
      type="button"
      aria-pressed={beat !== null}
      aria-label={t("{{more}}: {{phases}}, {{repSeconds}} s a rep", {
        more: own ? t("Beat the tempo") : t("Beat"),
        phases,
        repSeconds,
      })}
      onClick={toggle}
      className="flex min-h-12 min-w-12 shrink-0 items-center justify-center gap-2 rounded-md px-2 hover:bg-sunk aria-pressed:bg-sunk"
    >
      <Drum size={20} aria-hidden />
      {beat ? (
        <span className="text-2xl font-semibold">
          {beat.rep} <span className="font-normal">{beat.say}</span>
        </span>
      ) : (
        <span className="text-soft @max-floor:hidden">{phases}</span>
      )}
    </button>
  );
}
