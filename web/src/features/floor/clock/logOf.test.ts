import { describe, expect, it } from "vitest";
import type { FloorSet } from "../floorState";
import { logOf } from "./logOf";
import type { Ended, Step } from "./player";

const ended = (step: Partial<Step>, more: Partial<Ended> = {}): Ended => ({
  step: { marks: [], seconds: 40, ...step } as Step,
  index: 1,
  id: "run00001-1-0",
  seconds: 40,
  byClock: true,
  taps: 0,
  passed: 0,
  ...more,
});

const set = (aim: object, sides: string[] = []) =>
  ({ aim: { reps: null, seconds: null, load: null, assisted: false, ...aim }, sides }) as unknown as FloorSet;

describe("what a step that ended says of its set", () => {
  it("is the seconds that were worked for timed work, said by the clock", () => {
    const said = logOf(ended({}), set({ seconds: 40 }));
    expect(said).toMatchObject({ reps: null, seconds: 40, how: { source: "clock", checkpoints: null } });
  });

  it("is the seconds until the tap where somebody stopped it", () => {
    const said = logOf(ended({}, { seconds: 22, byClock: false }), set({ seconds: 40 }));
    expect(said).toMatchObject({ seconds: 22, how: { source: "tap" } });
  });

  it("is the repetitions aimed at for counted work, at its load", () => {
    const load = { value: "12", unit: "kg" as const };
    const said = logOf(ended({ seconds: null }, { seconds: null, byClock: false }), set({ reps: 10, load }));
    expect(said).toMatchObject({ reps: 10, seconds: null, load });
  });

  it("is the repetitions for a start every minute, whatever the minute lasted", () => {
    expect(logOf(ended({ seconds: 60 }, { seconds: 60 }), set({ reps: 15 }))).toMatchObject({
      reps: 15,
      seconds: null,
    });
  });

  it("counts the checkpoints that were reached", () => {
    const marked = { marks: [40, 50, 60] };
    expect(logOf(ended(marked, { passed: 1 }), set({ seconds: 40 })).how.checkpoints).toBe(1);
    expect(logOf(ended(marked), set({ seconds: 40 })).how.checkpoints).toBe(0);
  });

  it("names the side that led", () => {
    expect(logOf(ended({}), set({ seconds: 30 }, ["right", "left"])).how.lead).toBe("right");
    expect(logOf(ended({}), set({ seconds: 30 })).how.lead).toBeNull();
  });
});
