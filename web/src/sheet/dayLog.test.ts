import { describe, expect, it } from "vitest";
import type { Day } from "./data";
import { SKIPPED, asPlanned, freshLog, nextTurn, saidOf, turnsOf, withSet, withoutSet } from "./dayLog";

const set = (number: number, ramp = false) => ({
  number,
  ramp,
  words: "8 reps",
  aim: { reps: 8, seconds: null, load: null, assisted: false, reserve: null, metres: null },
  sides: [],
  low: 8,
  high: 8,
});
const day = {
  moves: [
    { line: "a", sets: [set(1, true), set(1), set(2)], rest: 60 },
    { line: "b", sets: [set(1), set(2)], rest: 30 },
  ],
  order: [
    { line: "a", number: 1, rest: 0, round: 1, ramp: false },
    { line: "b", number: 1, rest: 90, round: 1, ramp: false },
    { line: "a", number: 2, rest: 0, round: 2, ramp: false },
    { line: "gone", number: 1, rest: 0, round: 1, ramp: false },
  ],
} as unknown as Day;

describe("a day on the phone", () => {
  it("goes in the plan's order, and forgets no set", () => {
    const keys = turnsOf(day).map((turn) => turn.key);
    expect(keys).toEqual(["0:1:0", "1:1:0", "0:2:0", "0:1:1", "1:2:0"]);
    expect(turnsOf(day)[1]?.rest).toBe(90);
  });
  it("begins with the first tap, and the next set is the first nobody has said", () => {
    const turns = turnsOf(day);
    const log = withSet(freshLog(), "0:1:0", { ...asPlanned(set(1)), at: 5 });
    expect(log.begun).toBe(5);
    expect(nextTurn(turns, log)?.key).toBe("1:1:0");
    expect(nextTurn(turns, log, 0)?.key).toBe("0:2:0");
  });
  it("takes a set back, and opens a day that was finished", () => {
    const log = { ...withSet(freshLog(), "0:1:0", { ...SKIPPED, at: 1 }), ended: 9 };
    expect(saidOf(log, 0, day.moves[0]?.sets ?? [])).toBe(1);
    expect(withoutSet(log, "0:1:0").rows).toEqual({});
    expect(withSet(log, "1:1:0", { ...SKIPPED, at: 2 }).ended).toBeNull();
  });
});
