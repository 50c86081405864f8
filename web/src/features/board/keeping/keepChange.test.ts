import { describe, expect, it } from "vitest";
import type { Schemas } from "../../../api/client";
import { withChange } from "./keepChange";

const revision = (number: number) => ({ number }) as Schemas["RevisionView"];
const day = (id: string, name = id) => ({ id, name }) as unknown as Schemas["DayView"];
const board = {
  name: "Base",
  revision: revision(3),
  phases: [
    { id: "p1", volume: [], days: [day("d1"), day("d2")] },
    { id: "p2", volume: [], days: [day("d3")] },
  ],
} as unknown as Schemas["BoardView"];
const change = (base: number, phases: unknown[], whole: unknown = null) =>
  ({ base, revision: revision(base + 1), phases, board: whole }) as Schemas["BoardChange"];

describe("a change of the board", () => {
  it("replaces the days it names and leaves the others the same objects", () => {
    const next = withChange(
      board,
      change(3, [{ id: "p1", volume: [{ week: 1 }], days: [day("d2", "new")] }]),
    );
    expect(next?.revision.number).toBe(4);
    expect(next?.phases[0]?.days.map((one) => one.name)).toEqual(["d1", "new"]);
    expect(next?.phases[0]?.volume).toEqual([{ week: 1 }]);
    expect(next?.phases[0]?.days[0]).toBe(board.phases[0]?.days[0]);
    expect(next?.phases[1]).toBe(board.phases[1]);
  });

  it("is the whole board where it brings one", () => {
    const whole = { ...board, name: "Other" };
    expect(withChange(board, change(9, [], whole))).toBe(whole);
  });

  it("does not fit the board of another revision", () => {
    expect(withChange(board, change(2, []))).toBeNull();
  });
});
