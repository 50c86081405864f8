// What was done of a day on this phone: pure values, kept in the browser by who shows them.
import { freshId } from "../api/ids";
import type { Day, PlannedSet } from "./data";

export interface Done {
  done: boolean;
  reps: number | null;
  seconds: number | null;
  /** In the client's own unit; null as planned. */
  load: string | null;
  reserve: number | null;
  hurt: boolean;
  byClock: boolean;
  /** Milliseconds of the device's clock. */
  at: number;
}

export interface DayLog {
  /** This go's own id: what is sent twice is known by it. */
  run: string;
  begun: number | null;
  ended: number | null;
  effort: number | null;
  note: string;
  rows: Record<string, Done>;
}

export const freshLog = (): DayLog => ({
  run: freshId().slice(0, 16),
  begun: null,
  ended: null,
  effort: null,
  note: "",
  rows: {},
});

export const keyOf = (move: number, set: Pick<PlannedSet, "number" | "ramp">): string =>
  `${move}:${set.number}:${set.ramp ? 1 : 0}`;

/** The log with a set said; the first one begins the day. */
export const withSet = (log: DayLog, key: string, said: Done): DayLog => ({
  ...log,
  begun: log.begun ?? said.at,
  ended: null,
  rows: { ...log.rows, [key]: said },
});

/** The log without a set: it was tapped by mistake. */
export function withoutSet(log: DayLog, key: string): DayLog {
  return { ...log, rows: Object.fromEntries(Object.entries(log.rows).filter(([other]) => other !== key)) };
}

export interface Turn {
  move: number;
  set: PlannedSet;
  key: string;
  /** Seconds of rest behind it. */
  rest: number;
}

/** All sets of a day in the order they are done: the plan's own, then what stands in no order. */
export function turnsOf(day: Day): Turn[] {
  const turns: Turn[] = [];
  const found = new Set<string>();
  const add = (move: number, set: PlannedSet, rest: number) => {
    const key = keyOf(move, set);
    if (found.has(key)) return;
    found.add(key);
    turns.push({ move, set, key, rest });
  };
  for (const turn of day.order) {
    const move = day.moves.findIndex((one) => one.line === turn.line);
    const set = day.moves[move]?.sets.find((one) => one.number === turn.number && one.ramp === turn.ramp);
    if (set) add(move, set, turn.rest);
  }
  day.moves.forEach((move, index) => move.sets.forEach((set) => add(index, set, move.rest)));
  return turns;
}

/** The first set nobody has said anything of, of one move or of all. */
export const nextTurn = (turns: readonly Turn[], log: DayLog, move?: number): Turn | undefined =>
  turns.find((turn) => !log.rows[turn.key] && (move === undefined || turn.move === move));

/** A set as it was planned. */
export const asPlanned = (set: PlannedSet): Omit<Done, "at"> => ({
  done: true,
  reps: set.aim.reps,
  seconds: set.aim.seconds,
  load: null,
  reserve: null,
  hurt: false,
  byClock: false,
});

export const SKIPPED: Omit<Done, "at"> = {
  done: false,
  reps: null,
  seconds: null,
  load: null,
  reserve: null,
  hurt: false,
  byClock: false,
};

/** How many of a move's sets have been said. */
export const saidOf = (log: DayLog, move: number, sets: readonly PlannedSet[]): number =>
  sets.filter((set) => log.rows[keyOf(move, set)]).length;
