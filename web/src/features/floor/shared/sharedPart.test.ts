import { describe, expect, it } from "vitest";
import type { ShownFloor, ShownLine } from "../floorState";
import { mirrored, sharedPart } from "./sharedPart";

const set = (number: number) => ({ number, ramp: false, logged: null });
const squat = {
  line: "a",
  exercise: "Goblet squat",
  planned: "2 x 8, 12 kg",
  cues: { cues: ["Tall chest"] },
  sets: [set(1), set(2)],
  ramp_up: [],
} as unknown as ShownLine;
const plank = { ...squat, line: "b", exercise: "Plank" } as unknown as ShownLine;
const shown = {
  day: "At home",
  lines: [squat, plank],
  order: [{ line: "a", number: 1, round: 1, ramp: false, rest: 60, work: 30 }],
} as unknown as ShownFloor;
const spot = { line: 0, set: 1, ramp: false };

describe("the client's part", () => {
  it("says the set at hand, its cues and what comes next", () => {
    const part = sharedPart(shown, squat, spot, null, null, 0);
    expect(part).toMatchObject({ phase: "set", title: "Goblet squat", cues: ["Tall chest"], next: "Plank" });
    expect(part.detail).toBe("Set 1 of 2 · 2 x 8, 12 kg");
  });
  it("runs out with the rest", () => {
    expect(sharedPart(shown, squat, spot, null, 31_000, 1000)).toMatchObject({
      phase: "rest",
      until: 31_000,
    });
    expect(sharedPart(shown, squat, spot, null, 900, 1000).phase).toBe("set");
  });
  it("is done when there is no line", () => {
    expect(sharedPart(shown, undefined, null, null, null, 0).phase).toBe("done");
  });
  it("turns sides round, and nothing else", () => {
    expect(mirrored("Left, then right; leftover")).toBe("Right, then left; leftover");
  });
});
