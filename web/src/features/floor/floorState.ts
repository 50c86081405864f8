// The floor's state without the framework: the server's view with what still waits in the browser laid over it.
import { t } from "../../ui/words";
import type { ClientId, ExerciseId, LineId } from "../../api/ids";
import type { Schemas } from "../../api/client";
import { amountWords } from "./pad/amounts";
import type { Entry } from "../../outbox/outbox";

export type FloorView = Schemas["FloorView"];
export type FloorLine = Schemas["FloorLine"];
export type FloorSet = Schemas["FloorSet"] & { waiting?: boolean };
export type AskedSet = Schemas["SetRequest"];
export type AskedHow = Schemas["HowRequest"];
export type Wanted = Schemas["ChangeRequest"]["wanted"];

export interface ShownLine extends Omit<FloorLine, "sets" | "ramp_up"> {
  sets: FloorSet[];
  ramp_up: FloorSet[];
}
export interface ShownFloor extends Omit<FloorView, "lines"> {
  lines: ShownLine[];
  /** What was asked to be changed and waits for the server. */
  changing: number;
}

/** Where what always goes for a client with an exercise is kept. */
export const exerciseNotePath = (client: ClientId | undefined, exercise: ExerciseId) =>
  `/api/clients/${client}/exercises/${exercise}/note`;

/** Lays waiting sets, notes, changes and the finish over what the server knows. */
export function withWaiting(view: FloorView, waiting: readonly (Entry & { refused?: string })[]): ShownFloor {
  const mine = waiting.filter((entry) => entry.session === view.session_id && entry.refused === undefined);
  const of = <T>(kind: Entry["kind"]) =>
    mine.filter((entry) => entry.kind === kind).map((entry) => entry.body as T);
  const notes = of<Schemas["NoteRequest"]>("note");
  const changes = of<Schemas["ChangeRequest"]>("change");
  const finish = of<Schemas["FinishRequest"]>("finish")[0];
  const always = (line: FloorLine) => {
    const path = exerciseNotePath(view.client_id, line.exercise_id);
    const said = mine.findLast((entry) => entry.path === path)?.body as { text: string } | undefined;
    return said?.text ?? line.always;
  };
  return {
    ...view,
    finished_at: view.finished_at ?? finish?.finished_at ?? null,
    asked_readiness: view.asked_readiness || changes.some((change) => change.wanted.sort === "readiness"),
    changing: changes.length + of("undo").length,
    notes: [...view.notes, ...notes.filter((note) => !note.line && !note.for_next).map((note) => note.text)],
    lines: view.lines.map((line) => ({
      ...line,
      always: always(line),
      notes: [...line.notes, ...notes.filter((note) => note.line === line.line).map((note) => note.text)],
      sets: mine.reduce((sets, entry) => withEntry(sets, entry, line.line, false), line.sets as FloorSet[]),
      ramp_up: mine.reduce(
        (sets, entry) => withEntry(sets, entry, line.line, true),
        line.ramp_up as FloorSet[],
      ),
    })),
  };
}

function withEntry(sets: FloorSet[], entry: Entry, line: LineId, ramp: boolean): FloorSet[] {
  if (entry.kind === "set") {
    const row = entry.body as AskedSet;
    return row.line === line && row.ramp === ramp ? withSet(sets, row) : sets;
  }
  if (entry.kind === "change" && !ramp) {
    const { wanted } = entry.body as Schemas["ChangeRequest"];
    return "line" in wanted && wanted.line === line ? withWanted(sets, wanted) : sets;
  }
  return sets;
}

/** Another load for the sets left, and a line left out, show before the server has heard of them. */
function withWanted(sets: FloorSet[], wanted: Wanted): FloorSet[] {
  if (wanted.sort === "drop") return sets.filter((set) => set.logged !== null);
  if (wanted.sort !== "load") return sets;
  const load = Number(wanted.load.value) ? asLoad(wanted.load) : null;
  const assisted = wanted.assisted ?? false;
  return sets.map((set) =>
    set.logged === null ? { ...set, on_bar: null, aim: { ...set.aim, load, assisted } } : set,
  );
}

function withSet(sets: FloorSet[], row: AskedSet): FloorSet[] {
  const there = sets.find((set) => set.number === row.number);
  // The server has it already, and only its answer has not been taken out of the outbox.
  if (there?.stands === row.id) return sets;
  const base: FloorSet = there ?? {
    number: row.number,
    ramp: row.ramp,
    stands: null,
    planned: null,
    aim: {
      reps: row.reps ?? null,
      seconds: row.seconds ?? null,
      metres: row.metres ?? null,
      load: row.load ? asLoad(row.load) : null,
      assisted: row.assisted,
    },
    sides: [],
    on_bar: null,
    ranges: [],
    logged: null,
    earlier: [],
    beside: [],
    measured: [],
    doubt: "",
  };
  const logged = row.outcome === "cleared" ? null : asLogged(row, base);
  const doubt = row.how?.confirmed ? "" : base.doubt;
  const shown: FloorSet = { ...base, stands: row.id, logged, doubt, waiting: true };
  return [...sets.filter((set) => set.number !== row.number), shown].sort((a, b) => a.number - b.number);
}

const asLoad = (load: NonNullable<AskedSet["load"]>): Schemas["Load"] => ({
  value: String(load.value),
  unit: load.unit,
});

function asLogged(row: AskedSet, set: FloorSet): Schemas["LoggedSet"] {
  const width = row.reps ?? set.planned?.width ?? 8;
  const figures = { reps: row.reps ?? null, seconds: row.seconds ?? null, metres: row.metres ?? null };
  const amount = amountWords({ ...figures, how: { counted: row.how?.counted ?? null } });
  const label = row.load
    ? t("{{amount}} with {{value}} {{unit}}", { amount, value: row.load.value, unit: row.load.unit })
    : amount;
  return {
    id: row.id,
    outcome: row.outcome,
    ...figures,
    load: row.load ? asLoad(row.load) : null,
    assisted: row.assisted,
    reserve: row.reserve ?? null,
    note: row.note,
    how: row.how,
    // Until the server has worked the height out, the fill is as high as the outline.
    bar: row.outcome === "done" ? { width, height: set.planned?.height ?? 0.5, label } : null,
    logged_at: row.logged_at,
  };
}

export interface Spot {
  line: number;
  set: number;
  ramp: boolean;
}

/** The sets of a line of one sort. */
export const setsOf = (line: ShownLine, ramp: boolean): FloorSet[] => (ramp ? line.ramp_up : line.sets);

/** The set at a spot; undefined for one that would be added. */
export const setAt = (floor: ShownFloor, spot: Spot): FloorSet | undefined => {
  const line = floor.lines[spot.line];
  return line && setsOf(line, spot.ramp).find((set) => set.number === spot.set);
};

/**
 * The next set to do: the first open one after the set that was logged last, in the order of the session, else the first
 * of all. Once a line's work has begun, its ramp-up is passed over. Null when all are logged.
 */
export function nextSpot(floor: ShownFloor): Spot | null {
  const order = spots(floor);
  const logged = order.map((spot) => setAt(floor, spot)?.logged?.logged_at ?? "");
  const latest = logged.reduce((best, at, index) => (at && at >= (logged[best] ?? "") ? index : best), -1);
  const turned = [...order.slice(latest + 1), ...order.slice(0, latest + 1)];
  return turned.find((spot) => isOpen(floor, spot)) ?? null;
}

/** The first open set of a line, else its last. */
export function firstOpen(floor: ShownFloor, line: number): Spot {
  const own = spots(floor).filter((spot) => spot.line === line);
  const last = floor.lines[line]?.sets.at(-1)?.number ?? 1;
  return own.find((spot) => isOpen(floor, spot)) ?? { line, set: last, ramp: false };
}

/** Every set in its turn; one that was added comes after the last of its line, a line beside the plan at the end. */
function spots(floor: ShownFloor): Spot[] {
  const at = new Map(floor.lines.map((line, index) => [line.line, index]));
  const order = floor.order.flatMap((turn): Spot[] => {
    const line = at.get(turn.line);
    return line === undefined ? [] : [{ line, set: turn.number, ramp: turn.ramp }];
  });
  const named = new Set(order.map(key));
  floor.lines.forEach((line, index) => {
    const more = line.sets
      .map((set): Spot => ({ line: index, set: set.number, ramp: false }))
      .filter((spot) => !named.has(key(spot)));
    const last = order.findLastIndex((spot) => spot.line === index);
    order.splice(last === -1 ? order.length : last + 1, 0, ...more);
  });
  return order;
}

const key = (spot: Spot) => `${spot.line}:${spot.set}:${spot.ramp}`;

function isOpen(floor: ShownFloor, spot: Spot): boolean {
  const set = setAt(floor, spot);
  if (!set || set.logged !== null) return false;
  return !spot.ramp || !floor.lines[spot.line]?.sets.some((work) => work.logged !== null);
}

/** Seconds of rest after a set; nothing where the next follows at once. */
export function restAfter(floor: ShownFloor, spot: Spot): number {
  const line = floor.lines[spot.line];
  const turn = floor.order.find(
    (one) => one.line === line?.line && one.number === spot.set && one.ramp === spot.ramp,
  );
  return turn?.rest ?? line?.rest ?? 0;
}

export interface Tally {
  done: number;
  all: number;
}

/** How many working sets of a line are logged. */
export const tally = (line: ShownLine): Tally => ({
  done: line.sets.filter((set) => set.logged !== null).length,
  all: line.sets.length,
});

/** The lines with planned sets that nobody has done or skipped yet, and how many; what only leads up is none. */
export function openSets(
  shown: ShownFloor,
): { line: LineId; exercise: string; open: number; sets: number }[] {
  return shown.lines
    .map(({ line, exercise, sets }) => ({
      line,
      exercise,
      open: sets.filter((set) => set.planned !== null && set.logged === null).length,
      sets: sets.length,
    }))
    .filter((one) => one.open > 0);
}
