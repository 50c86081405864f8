import { NOWHERE, type LineId } from "../../api/ids";
import { describe, expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import {
  firstOpen,
  nextSpot,
  restAfter,
  tally,
  withWaiting,
  type AskedSet,
  type FloorView,
} from "./floorState";
import type { Kept } from "../../outbox/outbox";

const L1 = "l1" as LineId;
const L2 = "l2" as LineId;

const planned = { width: 8, height: 0.75, label: "8 reps with 60 kg" };

function openSet(number: number): Schemas["FloorSet"] {
  const aim = { reps: 8, seconds: null, load: { value: "60", unit: "kg" as const }, assisted: false };
  return {
    number,
    ramp: false,
    stands: null,
    planned,
    aim,
    sides: [],
    on_bar: null,
    ranges: [],
    logged: null,
    earlier: [],
    beside: [],
    measured: [],
    doubt: "",
  };
}

function floor(...lines: number[]): FloorView {
  return {
    session_id: "s",
    started_at: null,
    finished_at: null,
    notes: [],
    asked_readiness: false,
    order: lines.flatMap((sets, index) =>
      Array.from({ length: sets }, (_, n) => turn(`l${index + 1}` as LineId, n + 1)),
    ),
    lines: lines.map((sets, index) => ({
      line: `l${index + 1}`,
      exercise_id: "squat",
      notes: [],
      rest: 120,
      ramp_up: [],
      sets: Array.from({ length: sets }, (_, n) => openSet(n + 1)),
    })),
  } as unknown as FloorView;
}

function turn(line: LineId, number: number, ramp = false, rest = 90): Schemas["Turn"] {
  return { line, number, ramp, rest, work: 0, round: 1 };
}

const at = (seconds: number) => new Date(Date.UTC(2026, 2, 4, 17, 0, seconds)).toISOString();

let key = 0;
function tapped(line: LineId, number: number, more: Partial<AskedSet> = {}): Kept {
  const logged_at = at(++key);
  const body = { id: `row-${key}`, line, number, ramp: false, outcome: "done", reps: 7, logged_at, ...more };
  return { key, session: "s", id: body.id, kind: "set", method: "POST", path: "/sets", body };
}

describe("withWaiting", () => {
  it("lays a tap over the open set, marked as waiting", () => {
    const set = withWaiting(floor(2), [tapped(L1, 1)]).lines[0]?.sets[0];
    expect(set?.logged).toMatchObject({ reps: 7, bar: { width: 7, height: 0.75 } });
    expect(set?.waiting).toBe(true);
    expect(set?.planned).toEqual(planned);
  });

  it("lets the last of several taps stand", () => {
    const taps = [tapped(L1, 1), tapped(L1, 1, { reps: 5 })];
    expect(withWaiting(floor(1), taps).lines[0]?.sets[0]?.logged?.reps).toBe(5);
  });

  it("opens a set that was taken back", () => {
    const taps = [tapped(L1, 1), tapped(L1, 1, { outcome: "cleared", reps: null })];
    const set = withWaiting(floor(1), taps).lines[0]?.sets[0];
    expect(set?.logged).toBeNull();
    expect(set?.stands).toBe((taps[1]?.body as AskedSet).id);
  });

  it("adds a set beyond the plan in its place", () => {
    const sets = withWaiting(floor(2), [tapped(L1, 3)]).lines[0]?.sets;
    expect(sets?.map((set) => [set.number, set.planned === null])).toEqual([
      [1, false],
      [2, false],
      [3, true],
    ]);
  });

  it("does not draw twice what the server has already", () => {
    const tap = tapped(L1, 1);
    const view = floor(1);
    const stored = { ...openSet(1), stands: tap.id };
    if (view.lines[0]) view.lines[0].sets = [stored];
    expect(withWaiting(view, [tap]).lines[0]?.sets[0]).toBe(stored);
  });

  it("leaves out refused taps and those of other sessions", () => {
    const refused = { ...tapped(L1, 1), refused: "No." };
    const other = { ...tapped(L1, 1), session: "another" };
    expect(withWaiting(floor(1), [refused, other]).lines[0]?.sets[0]?.logged).toBeNull();
  });

  it("shows waiting notes on their line and on the session, and a waiting finish", () => {
    const note = (line: LineId, text: string): Kept => ({
      key: ++key,
      session: "s",
      id: `n${key}`,
      kind: "note",
      method: "POST",
      path: "/notes",
      body: { id: `n${key}`, line, text },
    });
    const finish: Kept = {
      ...note(NOWHERE, ""),
      kind: "finish",
      body: { finished_at: "2026-03-04T18:00:00Z" },
    };
    const shown = withWaiting(floor(1), [note(L1, "Knee"), note(NOWHERE, "Slept badly"), finish]);
    expect(shown.lines[0]?.notes).toEqual(["Knee"]);
    expect(shown.notes).toEqual(["Slept badly"]);
    expect(shown.finished_at).toBe("2026-03-04T18:00:00Z");
  });
});

describe("what was asked to be changed", () => {
  const change = (wanted: object): Kept => ({
    key: ++key,
    session: "s",
    id: `c${key}`,
    kind: "change",
    method: "POST",
    path: "/changes",
    body: { id: `c${key}`, wanted },
  });

  it("shows another load for the sets left at once, and leaves what was logged alone", () => {
    const load = change({ sort: "load", line: L1, load: { value: "55", unit: "kg" }, assisted: false });
    const shown = withWaiting(floor(2, 1), [tapped(L1, 1), load]);
    expect(shown.lines[0]?.sets.map((set) => set.aim.load?.value)).toEqual(["60", "55"]);
    expect(shown.lines[1]?.sets[0]?.aim.load?.value).toBe("60");
    expect(shown.changing).toBe(1);
  });

  it("leaves a line out, keeping what was done of it", () => {
    const shown = withWaiting(floor(3, 1), [tapped(L1, 1), change({ sort: "drop", line: L1, why: "" })]);
    expect(shown.lines[0]?.sets.map((set) => set.number)).toEqual([1]);
  });

  it("knows that readiness was asked before the server does", () => {
    expect(withWaiting(floor(1), []).asked_readiness).toBe(false);
    expect(withWaiting(floor(1), [change({ sort: "readiness" })]).asked_readiness).toBe(true);
  });
});

describe("nextSpot", () => {
  const spot = (line: number, set: number, ramp = false) => ({ line, set, ramp });

  it("is the first open set", () => {
    expect(nextSpot(withWaiting(floor(2, 2), []))).toEqual(spot(0, 1));
    expect(nextSpot(withWaiting(floor(2, 2), [tapped(L1, 1)]))).toEqual(spot(0, 2));
    expect(nextSpot(withWaiting(floor(1, 2), [tapped(L1, 1)]))).toEqual(spot(1, 1));
  });

  it("stays with the exercise that was begun out of its turn", () => {
    expect(nextSpot(withWaiting(floor(2, 2), [tapped(L2, 1)]))).toEqual(spot(1, 2));
  });

  it("comes back to what was left open, and ends when all is logged", () => {
    const taps = [tapped(L2, 1)];
    expect(nextSpot(withWaiting(floor(1, 1), taps))).toEqual(spot(0, 1));
    expect(nextSpot(withWaiting(floor(1, 1), [...taps, tapped(L1, 1, { outcome: "skipped" })]))).toBeNull();
  });

  it("goes round by round where the session does", () => {
    const paired = { ...floor(2, 2), order: [turn(L1, 1), turn(L2, 1), turn(L1, 2), turn(L2, 2)] };
    expect(nextSpot(withWaiting(paired, [tapped(L1, 1)]))).toEqual(spot(1, 1));
    expect(nextSpot(withWaiting(paired, [tapped(L1, 1), tapped(L2, 1)]))).toEqual(spot(0, 2));
  });

  it("goes on after an added set with the next exercise", () => {
    const taps = [tapped(L1, 1), tapped(L1, 2)];
    expect(nextSpot(withWaiting(floor(1, 1), taps))).toEqual(spot(1, 1));
  });

  it("leads through the ramp-up, and passes it over once the work has begun", () => {
    const view = floor(2);
    view.order = [turn(L1, 1, true, 45), ...view.order];
    if (view.lines[0]) view.lines[0].ramp_up = [{ ...openSet(1), ramp: true }];
    expect(nextSpot(withWaiting(view, []))).toEqual(spot(0, 1, true));
    expect(nextSpot(withWaiting(view, [tapped(L1, 1, { ramp: true })]))).toEqual(spot(0, 1));
    expect(nextSpot(withWaiting(view, [tapped(L1, 1)]))).toEqual(spot(0, 2));
    expect(restAfter(withWaiting(view, []), spot(0, 1, true))).toBe(45);
  });
});

describe("firstOpen", () => {
  it("is the line's first open set, its last when all are logged", () => {
    const shown = withWaiting(floor(2), [tapped(L1, 1)]);
    expect(firstOpen(shown, 0).set).toBe(2);
    expect(firstOpen(withWaiting(floor(1), [tapped(L1, 1)]), 0).set).toBe(1);
  });
});

describe("tally", () => {
  it("counts what is logged, skipped sets too", () => {
    const line = withWaiting(floor(3), [tapped(L1, 1), tapped(L1, 2, { outcome: "skipped" })]).lines[0];
    expect(line && tally(line)).toEqual({ done: 2, all: 3 });
  });
});
