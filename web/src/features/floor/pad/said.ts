// What the pad says of a set before it is logged: where it starts, what a tap makes of it, how it reads. No rule of training.
import { t } from "../../../ui/words";
import type { Schemas } from "../../../api/client";
import { amountWords } from "./amounts";
import type { AskedHow, FloorSet, ShownLine } from "../floorState";

/** What is said of a set: its figures, and what was seen beside them. */
export interface Said {
  reps: number | null;
  seconds: number | null;
  /** A distance, with the seconds it took where somebody took them. */
  metres?: number | null | undefined;
  load: Schemas["Load"] | null;
  assisted: boolean;
  reserve: number | null;
  how: AskedHow;
  note: string;
}

export const NOTHING_SEEN: AskedHow = { source: "tap", confirmed: false };

const MOST_REPS = 100;
const MOST_SECONDS = 6 * 3600;
const MOST_METRES = 50_000;

/** The pad as it opens: the set as logged, else as aimed at, else as the set before it. */
export function startingPoint(line: ShownLine, set: FloorSet | undefined): Said {
  const logged = set?.logged?.outcome === "done" ? set.logged : null;
  const from = logged ?? set?.aim ?? line.sets.at(-1)?.aim;
  const lead = set?.sides[0];
  return {
    reps: from?.reps ?? (from?.seconds == null && from?.metres == null ? line.usual_reps : null),
    seconds: from?.seconds ?? null,
    metres: from?.metres ?? null,
    load: from?.load ?? null,
    assisted: from?.assisted ?? false,
    reserve: from?.reserve ?? null,
    how: logged?.how ?? (lead ? { ...NOTHING_SEEN, lead } : NOTHING_SEEN),
    note: logged?.note ?? "",
  };
}

export const isFar = (said: Said): boolean => said.metres != null;
export const isTimed = (said: Said): boolean => said.seconds !== null && !isFar(said);

export const amountOf = (said: Said): number => said.metres ?? said.seconds ?? said.reps ?? 0;

const mostOf = (said: Said) => (isFar(said) ? MOST_METRES : isTimed(said) ? MOST_SECONDS : MOST_REPS);

/** The same with another figure; figures of each side, if any, are the whole set's again. */
export function withAmount(said: Said, next: number): Said {
  const kept = Math.max(0, Math.min(mostOf(said), next));
  const how = { ...said.how, left: null, right: null };
  if (isFar(said)) return { ...said, metres: kept, how };
  return isTimed(said) ? { ...said, seconds: kept, how } : { ...said, reps: kept, how };
}

/** Another figure for one side; the set's own is that of the weaker side. */
export function withSide(said: Said, side: "left" | "right", next: number): Said {
  const whole = amountOf(said);
  const kept = Math.max(0, Math.min(mostOf(said), next));
  const sides = { left: said.how.left ?? whole, right: said.how.right ?? whole, [side]: kept };
  return { ...withAmount(said, Math.min(sides.left, sides.right)), how: { ...said.how, ...sides } };
}

/** The next load on the server's list, lighter or heavier; null is no load at all, undefined that there is none. */
export function neighbour(
  loads: Schemas["Load"][],
  now: Schemas["Load"] | null,
  way: 1 | -1,
): Schemas["Load"] | null | undefined {
  const at = Number(now?.value ?? 0);
  if (way === 1) return loads.find((entry) => Number(entry.value) > at);
  const lighter = loads.filter((entry) => Number(entry.value) < at).at(-1);
  return lighter ?? (now ? null : undefined);
}

/** What a load is set to where it has a code, such as the colour of a pin. */
export const codeOf = (line: Pick<ShownLine, "loads" | "codes">, load: Schemas["Load"] | null): string =>
  (load && line.codes[line.loads.findIndex((one) => sameLoad(one, load))]) ?? "";

export const sameLoad = (one: Schemas["Load"] | null, other: Schemas["Load"] | null): boolean =>
  one === other ||
  (one !== null && other !== null && one.unit === other.unit && Number(one.value) === Number(other.value));

/** A set in one breath, as the big button says it. */
export function spoken(said: Said, bodyweight: boolean, code = ""): string {
  const { left, right } = said.how;
  const sides =
    left != null && right != null && left !== right
      ? t("{{left}} left, {{right}} right", { left, right })
      : null;
  const amount = sides === null ? amountWords(said) : `${sides} ${isTimed(said) ? "s" : "reps"}`;
  const sign = bodyweight ? (said.assisted ? "−" : "+") : "";
  const load = said.load ? ` × ${sign}${said.load.value} ${said.load.unit}` : "";
  return `${amount}${load}${code && ` ${code}`}${said.reserve === null ? "" : `, ${said.reserve} left`}`;
}

/** What is asked at a load: of the planned one where the line says nothing of it. */
export function rangeOf(
  set: FloorSet | undefined,
  load: Schemas["Load"] | null,
): Schemas["TargetRange"] | null {
  const ranges = set?.ranges ?? [];
  return ranges.find((one) => sameLoad(one.load, load)) ?? ranges[0] ?? null;
}

/** The same with another load; one that the line names brings its own repetitions. */
export function withLoad(said: Said, set: FloorSet | undefined, load: Schemas["Load"] | null): Said {
  const [was, is] = [rangeOf(set, said.load), rangeOf(set, load)];
  const moved = { ...said, load };
  return was && is && was !== is && (is.low !== was.low || is.high !== was.high)
    ? { ...withAmount(moved, is.low), load }
    : moved;
}

const IN_A_ROW = 7;

/** The figures offered in a row: the planned range is in it, and the one that is chosen. */
export function choices(range: Schemas["TargetRange"] | null, amount: number): number[] {
  const [low, high] = range ? [Math.min(range.low, amount), Math.max(range.high, amount)] : [amount, amount];
  const wide = high - low + 1;
  if (wide > IN_A_ROW + 2) {
    const from = Math.max(1, amount - 3);
    return Array.from({ length: IN_A_ROW }, (_, n) => from + n);
  }
  const from = Math.max(1, low - Math.max(0, Math.floor((IN_A_ROW - wide) / 2)));
  return Array.from({ length: Math.max(IN_A_ROW, wide) }, (_, n) => from + n);
}
