// What the client sees of a session that is run over a call: the move, its cues, the time, what comes next.
import { t } from "../../../ui/words";
import type { Running } from "../clock/useClock";
import { elapsed, left } from "../clock/player";
import { load } from "../../../ui/format";
import { nextSpot, setsOf, type FloorSet, type ShownFloor, type ShownLine, type Spot } from "../floorState";

export interface SharedPart {
  /** What is on: a set at hand, work by the clock, a rest, or nothing more. */
  phase: "set" | "work" | "rest" | "done";
  title: string;
  detail: string;
  cues: readonly string[];
  next: string;
  /** Milliseconds of the device's clock at which it is over; null where it counts up or no time runs. */
  until: number | null;
  /** Where it counts up, since when. */
  since: number | null;
  /** Seconds that stand while the clock is held. */
  held: number | null;
}

const NOTHING = { until: null, since: null, held: null };

/** The client's part at a moment; `rest` is when one that runs is over. */
export function sharedPart(
  shown: ShownFloor,
  line: ShownLine | undefined,
  spot: Spot | null,
  running: Running | null,
  rest: number | null,
  now: number,
): SharedPart {
  const step = running?.timeline.steps[running.run.step];
  if (running && step) {
    const { run, timeline } = running;
    const ms = left(timeline, run, now);
    const following = timeline.steps[run.step + 1];
    const work = step.kind === "work" || step.kind === "rounds";
    const spent = elapsed(run, now);
    return {
      phase: work ? "work" : "rest",
      title: step.title,
      detail: step.detail,
      cues: shown.lines.find((one) => one.line === step.line)?.cues.cues ?? [],
      next: following?.title ?? "",
      until: run.paused === null && ms !== null ? now + ms : null,
      since: run.paused === null && ms === null ? now - spent : null,
      held: run.paused === null ? null : Math.ceil((ms ?? spent) / 1000),
    };
  }
  if (!line || !spot || nextSpot(shown) === null)
    return { phase: "done", title: shown.day, detail: "", cues: [], next: "", ...NOTHING };
  const following = shown.lines[shown.lines.indexOf(line) + 1];
  const sets = setsOf(line, spot.ramp);
  const set = sets.find((one) => one.number === spot.set);
  const asked = spot.ramp && set ? inWords(set) : line.planned;
  const detail = t("{{more}} {{set}} of {{sets}} · {{asked}}", {
    more: spot.ramp ? t("Ramp-up set") : t("Set"),
    set: spot.set,
    sets: sets.length,
    asked,
  });
  const part = { title: line.exercise, detail, cues: line.cues.cues, next: following?.exercise ?? "" };
  return rest !== null && rest > now
    ? { phase: "rest", ...part, ...NOTHING, until: rest }
    : { phase: "set", ...part, ...NOTHING };
}

/** A ramp-up set in a few words. */
function inWords({ aim }: FloorSet): string {
  const amount = aim.reps === null ? `${aim.seconds} s` : t("{{reps}} reps", { reps: aim.reps });
  return aim.load ? `${amount}, ${load(aim.load)}` : amount;
}

/** Left for right and right for left, for who is looked at from the front. */
export const mirrored = (words: string): string =>
  words.replace(/\b(left|right)\b/gi, (side) => {
    const other = side.toLowerCase() === "left" ? "right" : "left";
    return side[0] === side[0]?.toUpperCase() ? `${other[0]?.toUpperCase()}${other.slice(1)}` : other;
  });

export const sharedPlace = (session: string): string => `shared-${session}`;
