import { describe, expect, it } from "vitest";
import type { FloorSet, ShownLine } from "../floorState";
import {
  NOTHING_SEEN,
  choices,
  neighbour,
  sameLoad,
  spoken,
  startingPoint,
  withAmount,
  withLoad,
  withSide,
  type Said,
} from "./said";

const kg = (value: string) => ({ value, unit: "kg" as const });
const said = (more: Partial<Said> = {}): Said => ({
  reps: 8,
  seconds: null,
  load: kg("60"),
  assisted: false,
  reserve: 2,
  how: NOTHING_SEEN,
  note: "",
  ...more,
});

const set = (more: object) => more as unknown as FloorSet;
const line = (sets: FloorSet[]) => ({ sets, usual_reps: 10 }) as unknown as ShownLine;

describe("the pad's starting point", () => {
  const aim = { reps: 6, seconds: null, load: kg("80"), assisted: false, reserve: 1 };
  it("is the set as aimed at, its lead side named", () => {
    expect(startingPoint(line([]), set({ aim, logged: null, sides: ["right", "left"] }))).toMatchObject({
      reps: 6,
      load: kg("80"),
      reserve: 1,
      how: { lead: "right" },
    });
  });

  it("is the set as logged when it is corrected, with what was seen of it", () => {
    const logged = {
      ...aim,
      outcome: "done",
      reps: 4,
      how: { source: "tap", quality: "slipping" },
      note: "Tired",
    };
    expect(startingPoint(line([]), set({ aim, logged, sides: [] }))).toMatchObject({
      reps: 4,
      how: { quality: "slipping" },
      note: "Tired",
    });
  });

  it("is the last set's for one that is added, the usual repetitions where nothing is known", () => {
    expect(startingPoint(line([set({ aim })]), undefined).reps).toBe(6);
    expect(startingPoint(line([]), undefined).reps).toBe(10);
  });
});

describe("what a tap makes of it", () => {
  it("stays within what can be logged", () => {
    expect(withAmount(said(), -1).reps).toBe(0);
    expect(withAmount(said(), 101).reps).toBe(100);
    expect(withAmount(said({ reps: null, seconds: 21_600 }), 21_605).seconds).toBe(21_600);
    expect(withAmount(said({ reps: null, metres: 5000 }), 5100)).toMatchObject({
      metres: 5100,
      seconds: null,
    });
  });

  it("counts the weaker side", () => {
    const uneven = withSide(said(), "left", 6);
    expect(uneven).toMatchObject({ reps: 6, how: { left: 6, right: 8 } });
    expect(spoken(uneven, false)).toBe("6 left, 8 right reps × 60 kg, 2 left");
    expect(withAmount(uneven, 7).how).toMatchObject({ left: null, right: null });
  });

  it("goes to the next load there is, down to none", () => {
    const loads = [kg("10"), kg("12.5"), kg("15")];
    expect(neighbour(loads, kg("12.5"), 1)).toEqual(kg("15"));
    expect(neighbour(loads, kg("15"), 1)).toBeUndefined();
    expect(neighbour(loads, kg("10"), -1)).toBeNull();
    expect(neighbour(loads, null, -1)).toBeUndefined();
  });
});

describe("loads", () => {
  it("are the same by figure and unit", () => {
    expect(sameLoad(kg("60"), kg("60.0"))).toBe(true);
    expect(sameLoad(kg("60"), null)).toBe(false);
    expect(sameLoad(kg("60"), { value: "60", unit: "lb" })).toBe(false);
  });
});

it("says distances with their time, and repetitions counted by the clock", () => {
  const run = { reps: null, metres: 5000, seconds: 1880, load: null, reserve: null };
  expect(spoken(said(run), false)).toBe("5 km in 31:20");
  expect(spoken(said({ ...run, metres: 2950, seconds: null }), false)).toBe("2950 m");
  const curls = { reps: null, seconds: 45, load: null, reserve: null };
  expect(spoken(said({ ...curls, how: { ...NOTHING_SEEN, counted: 14 } }), false)).toBe("45 s, 14 reps");
  expect(spoken(said({ ...curls, seconds: 4500 }), false)).toBe("75 min");
});

it("says holds and added loads", () => {
  expect(spoken(said({ reps: null, seconds: 40, load: null, reserve: null }), true)).toBe("40 s");
  expect(spoken(said({ load: kg("10"), assisted: true }), true)).toBe("8 reps × −10 kg, 2 left");
});

describe("what is asked at a load", () => {
  const asked = {
    ranges: [
      { load: kg("12"), low: 12, high: 12 },
      { load: kg("8"), low: 15, high: 15 },
      { load: kg("16"), low: 8, high: 10 },
    ],
  } as unknown as FloorSet;

  it("comes with a load that the line names, and stays with any other", () => {
    const planned = { ...said(), reps: 12, load: kg("12") };
    expect(withLoad(planned, asked, kg("16"))).toMatchObject({ reps: 8, load: kg("16") });
    expect(withLoad(planned, asked, kg("8"))).toMatchObject({ reps: 15 });
    expect(withLoad(withLoad(planned, asked, kg("8")), asked, kg("12"))).toMatchObject({ reps: 12 });
    expect(withLoad({ ...planned, reps: 11 }, asked, kg("14"))).toMatchObject({ reps: 11, load: kg("14") });
    expect(withLoad(planned, undefined, kg("16"))).toMatchObject({ reps: 12 });
  });

  it.each([
    [{ load: null, low: 8, high: 12 }, 8, 7, 13],
    [{ load: null, low: 8, high: 12 }, 14, 8, 14],
    [{ load: null, low: 5, high: 5 }, 5, 2, 8],
    [{ load: null, low: 3, high: 3 }, 3, 1, 7],
    [{ load: null, low: 8, high: 15 }, 10, 8, 15],
    [{ load: null, low: 1, high: 30 }, 20, 17, 23],
    [null, 8, 5, 11],
  ])("is offered in the row: %o with %i chosen", (range, amount, first, last) => {
    const row = choices(range, amount);
    expect([row[0], row.at(-1)]).toEqual([first, last]);
    expect(row).toContain(amount);
  });
});
