// The floor's state without the framework: the server's view with what still waits in the browser laid over it.
import type { Schemas } from "../../api/client";
import type { Kept } from "../../outbox/outbox";

export type FloorView = Schemas["FloorView"];
export type FloorLine = Schemas["FloorLine"];
export type FloorSet = Schemas["FloorSet"] & { waiting?: boolean };
export type AskedSet = Schemas["AskedSet"];

export interface ShownLine extends Omit<FloorLine, "sets"> {
  sets: FloorSet[];
}
export interface ShownFloor extends Omit<FloorView, "lines"> {
  lines: ShownLine[];
}

/** Lays waiting sets, notes and the finish over what the server knows. */
export function withWaiting(view: FloorView, waiting: readonly Kept[]): ShownFloor {
  const mine = waiting.filter((entry) => entry.session === view.session_id && entry.refused === undefined);
  const sets = mine.filter((entry) => entry.kind === "set").map((entry) => entry.body as AskedSet);
  const notes = mine
    .filter((entry) => entry.kind === "note")
    .map((entry) => entry.body as Schemas["AskedNote"]);
  const finish = mine.find((entry) => entry.kind === "finish")?.body as Schemas["AskedFinish"] | undefined;
  return {
    ...view,
    finished_at: view.finished_at ?? finish?.finished_at ?? null,
    notes: [...view.notes, ...notes.filter((note) => !note.line).map((note) => note.text)],
    lines: view.lines.map((line) => ({
      ...line,
      notes: [...line.notes, ...notes.filter((note) => note.line === line.line).map((note) => note.text)],
      sets: sets.filter((set) => set.line === line.line).reduce<FloorSet[]>(withSet, line.sets),
    })),
  };
}

function withSet(sets: FloorSet[], row: AskedSet): FloorSet[] {
  const there = sets.find((set) => set.number === row.number);
  // The server has it already, and only its answer has not been taken out of the outbox.
  if (there?.stands === row.id) return sets;
  const base: FloorSet = there ?? {
    number: row.number,
    stands: null,
    planned: null,
    aim: {
      reps: row.reps ?? null,
      seconds: row.seconds ?? null,
      load: row.load ? asLoad(row.load) : null,
      assisted: row.assisted ?? false,
    },
    logged: null,
    earlier: [],
    beside: [],
  };
  const logged = row.outcome === "cleared" ? null : asLogged(row, base);
  const shown: FloorSet = { ...base, stands: row.id, logged, waiting: true };
  return [...sets.filter((set) => set.number !== row.number), shown].sort((a, b) => a.number - b.number);
}

const asLoad = (load: NonNullable<AskedSet["load"]>): Schemas["Load"] => ({
  value: String(load.value),
  unit: load.unit,
});

function asLogged(row: AskedSet, set: FloorSet): Schemas["LoggedSet"] {
  const width = row.reps ?? set.planned?.width ?? 8;
  const amount = row.reps != null ? `${row.reps} reps` : `${row.seconds ?? 0} s`;
  const label = row.load ? `${amount} with ${row.load.value} ${row.load.unit}` : amount;
  return {
    id: row.id,
    outcome: row.outcome,
    reps: row.reps ?? null,
    seconds: row.seconds ?? null,
    load: row.load ? asLoad(row.load) : null,
    assisted: row.assisted ?? false,
    reserve: row.reserve ?? null,
    note: row.note ?? "",
    // Until the server has worked the height out, the fill is as high as the outline.
    bar: row.outcome === "done" ? { width, height: set.planned?.height ?? 0.5, label } : null,
    logged_at: row.logged_at,
  };
}

export interface Spot {
  line: number;
  set: number;
}

/** The first set nobody has logged, from a line on and then from the start; null when all are. */
export function nextSpot(floor: ShownFloor, from = 0): Spot | null {
  const order = [...floor.lines.keys()].map((index) => (index + from) % floor.lines.length);
  for (const line of order) {
    const open = floor.lines[line]?.sets.find((set) => set.logged === null);
    if (open) return { line, set: open.number };
  }
  return null;
}

export interface Tally {
  done: number;
  all: number;
}

/** How many sets of a line are logged. */
export const tally = (line: ShownLine): Tally => ({
  done: line.sets.filter((set) => set.logged !== null).length,
  all: line.sets.length,
});
