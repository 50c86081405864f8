import { describe, expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { nextSpot, tally, withWaiting, type AskedSet, type FloorView } from "./floorState";
import type { Kept } from "../../outbox/outbox";

const planned = { width: 8, height: 0.75, label: "8 reps with 60 kg" };

function openSet(number: number): Schemas["FloorSet"] {
  const aim = { reps: 8, seconds: null, load: { value: "60", unit: "kg" as const }, assisted: false };
  return { number, stands: null, planned, aim, logged: null, earlier: [], beside: [] };
}

function floor(...lines: number[]): FloorView {
  return {
    session_id: "s",
    started_at: null,
    finished_at: null,
    notes: [],
    lines: lines.map((sets, index) => ({
      line: `l${index + 1}`,
      exercise_id: "squat",
      notes: [],
      sets: Array.from({ length: sets }, (_, n) => openSet(n + 1)),
    })),
  } as unknown as FloorView;
}

let key = 0;
function tapped(line: string, number: number, more: Partial<AskedSet> = {}): Kept {
  const body = { id: `row-${++key}`, line, number, outcome: "done", reps: 7, ...more };
  return { key, session: "s", id: body.id, kind: "set", method: "POST", path: "/sets", body };
}

describe("withWaiting", () => {
  it("lays a tap over the open set, marked as waiting", () => {
    const set = withWaiting(floor(2), [tapped("l1", 1)]).lines[0]?.sets[0];
    expect(set?.logged).toMatchObject({ reps: 7, bar: { width: 7, height: 0.75 } });
    expect(set?.waiting).toBe(true);
    expect(set?.planned).toEqual(planned);
  });

  it("lets the last of several taps stand", () => {
    const taps = [tapped("l1", 1), tapped("l1", 1, { reps: 5 })];
    expect(withWaiting(floor(1), taps).lines[0]?.sets[0]?.logged?.reps).toBe(5);
  });

  it("opens a set that was taken back", () => {
    const taps = [tapped("l1", 1), tapped("l1", 1, { outcome: "cleared", reps: null })];
    const set = withWaiting(floor(1), taps).lines[0]?.sets[0];
    expect(set?.logged).toBeNull();
    expect(set?.stands).toBe((taps[1]?.body as AskedSet).id);
  });

  it("adds a set beyond the plan in its place", () => {
    const sets = withWaiting(floor(2), [tapped("l1", 3)]).lines[0]?.sets;
    expect(sets?.map((set) => [set.number, set.planned === null])).toEqual([
      [1, false],
      [2, false],
      [3, true],
    ]);
  });

  it("does not draw twice what the server has already", () => {
    const tap = tapped("l1", 1);
    const view = floor(1);
    const stored = { ...openSet(1), stands: tap.id };
    if (view.lines[0]) view.lines[0].sets = [stored];
    expect(withWaiting(view, [tap]).lines[0]?.sets[0]).toBe(stored);
  });

  it("leaves out refused taps and those of other sessions", () => {
    const refused = { ...tapped("l1", 1), refused: "No." };
    const other = { ...tapped("l1", 1), session: "another" };
    expect(withWaiting(floor(1), [refused, other]).lines[0]?.sets[0]?.logged).toBeNull();
  });

  it("shows waiting notes on their line and on the session, and a waiting finish", () => {
    const note = (line: string, text: string): Kept => ({
      key: ++key,
      session: "s",
      id: `n${key}`,
      kind: "note",
      method: "POST",
      path: "/notes",
      body: { id: `n${key}`, line, text },
    });
    const finish: Kept = { ...note("", ""), kind: "finish", body: { finished_at: "2026-03-04T18:00:00Z" } };
    const shown = withWaiting(floor(1), [note("l1", "Knee"), note("", "Slept badly"), finish]);
    expect(shown.lines[0]?.notes).toEqual(["Knee"]);
    expect(shown.notes).toEqual(["Slept badly"]);
    expect(shown.finished_at).toBe("2026-03-04T18:00:00Z");
  });
});

describe("nextSpot", () => {
  it("is the first open set", () => {
    expect(nextSpot(withWaiting(floor(2, 2), []))).toEqual({ line: 0, set: 1 });
    expect(nextSpot(withWaiting(floor(2, 2), [tapped("l1", 1)]))).toEqual({ line: 0, set: 2 });
    expect(nextSpot(withWaiting(floor(1, 2), [tapped("l1", 1)]))).toEqual({ line: 1, set: 1 });
  });

  it("comes back to what was left open, and ends when all is logged", () => {
    const taps = [tapped("l2", 1)];
    expect(nextSpot(withWaiting(floor(1, 1), taps), 1)).toEqual({ line: 0, set: 1 });
    expect(nextSpot(withWaiting(floor(1, 1), [...taps, tapped("l1", 1, { outcome: "skipped" })]))).toBeNull();
  });
});

describe("tally", () => {
  it("counts what is logged, skipped sets too", () => {
    const line = withWaiting(floor(3), [tapped("l1", 1), tapped("l1", 2, { outcome: "skipped" })]).lines[0];
    expect(line && tally(line)).toEqual({ done: 2, all: 3 });
  });
});
