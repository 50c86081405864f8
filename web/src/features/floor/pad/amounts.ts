import { t } from "../../../ui/words";
import { countdown, distance, duration } from "../../../ui/format";

interface Figures {
  reps: number | null;
  seconds: number | null;
  metres?: number | null | undefined;
  how?: { counted?: number | null | undefined };
}

/** What was done: `8 reps`, `40 s, 14 reps`, `5 km in 31:20`. */
export function amountWords({ reps, seconds, metres, how }: Figures): string {
  if (reps !== null) return t("{{reps}} reps", { reps });
  if (metres != null)
    return distance(metres) + (seconds ? ` ${t("in {{seconds}}", { seconds: countdown(seconds) })}` : "");
  return duration(seconds ?? 0) + (how?.counted == null ? "" : `, ${how.counted} reps`);
}
