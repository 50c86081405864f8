// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { LineId } from "../../../api/ids";
import type { FloorSet, ShownFloor, ShownLine, Spot } from "../floorState";
import { SetPad } from "./SetPad";

const kg = (value: number) => ({ value: String(value), unit: "kg" as const });
const act = { log: vi.fn(), hurt: vi.fn(), note: vi.fn(), change: vi.fn(), straightToWork: vi.fn() };
const spot: Spot = { line: "l" as LineId, set: 1, ramp: false } as never;

function pad(set: Partial<FloorSet> = {}): void {
  const first = {
    number: 1,
    ramp: false,
    stands: null,
    planned: null,
    aim: { reps: 8, seconds: null, load: kg(60), assisted: false },
    sides: [],
    on_bar: null,
    ranges: [],
    logged: null,
    earlier: [],
    beside: [],
    measured: [],
    doubt: "",
    ...set,
  } as FloorSet;
  const line = {
    line: "l",
    exercise: "Back squat",
    planned: "3 x 8, 60 kg",
    bodyweight: false,
    each_side: false,
    codes: [],
    usual_reps: 10,
    loads: [kg(57.5), kg(60), kg(62.5)],
    sets: [first, { ...first, number: 2 }],
  } as never as ShownLine;
  render(<SetPad shown={{} as ShownFloor} line={line} set={first} spot={spot} act={act} tight={false} />);
}
const said = () => act.log.mock.lastCall?.[1] as { reps: number; load: { value: string }; reserve: number };

beforeEach(() => {
  vi.clearAllMocks();
  localStorage.clear();
});
afterEach(cleanup);

describe("the set pad", () => {
  it("logs the planned set with one tap", () => {
    pad();
    fireEvent.click(screen.getByRole("button", { name: /^Done: 8 reps × 60 kg/ }));
    expect(act.log).toHaveBeenCalledOnce();
    expect([act.log.mock.lastCall?.[0], said().reps, said().load.value]).toEqual(["done", 8, "60"]);
  });

  it("logs what was said instead, by taps or by keys, with a load that is there", () => {
    pad();
    fireEvent.click(screen.getByRole("button", { name: "Reps: less" }));
    fireEvent.keyDown(window, { key: "ArrowRight" });
    fireEvent.keyDown(window, { key: "2" });
    fireEvent.keyDown(window, { key: "Enter" });
    expect([said().reps, said().load.value, said().reserve]).toEqual([7, "62.5", 2]);
    fireEvent.keyDown(window, { key: "ArrowRight" });
    fireEvent.keyDown(window, { key: "Enter" });
    expect(said().load.value, "nothing heavier is there").toBe("62.5");
  });

  it("corrects or takes back what was logged, and skips what was not", () => {
    pad();
    fireEvent.click(screen.getByRole("button", { name: "Skip set" }));
    cleanup();
    const logged = {
      id: "s",
      outcome: "done",
      reps: 6,
      seconds: null,
      load: kg(60),
      assisted: false,
      reserve: 1,
    };
    pad({ logged: { ...logged, how: {}, note: "", bar: null, logged_at: null } as never });
    fireEvent.click(screen.getByRole("button", { name: "Correct set 1" }));
    expect(said().reps).toBe(6);
    fireEvent.click(screen.getByRole("button", { name: "Take it back" }));
    expect(act.log.mock.calls.map(([outcome]) => outcome as string)).toEqual(["skipped", "done", "cleared"]);
  });
});
