import type { LineId, ProgramId, WeekId } from "../../../api/ids";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Schemas } from "../../../api/client";
import { keepDraft } from "../keeping/drafts";
import { weekWords } from "./FindingsPanel";
import { linesBefore } from "../grid/PhaseTable";
import { runCommand } from "../keeping/runCommand";

describe("weeks in words", () => {
  it.each([
    [[3], "Week 3."],
    [[1, 2, 3, 4], "Weeks 1 to 4."],
    [[1, 3], "Weeks 1, 3."],
  ])("%j", (weeks, words) => {
    expect(weekWords(weeks)).toBe(words);
  });
});

describe("a half-typed cell", () => {
  const kept = new Map<string, string>();
  beforeEach(() => {
    kept.clear();
    vi.stubGlobal("window", {
      localStorage: {
        getItem: (key: string) => kept.get(key) ?? null,
        setItem: (key: string, value: string) => kept.set(key, value),
        removeItem: (key: string) => kept.delete(key),
      },
    });
  });

  it("is no trouble where the browser has no room", () => {
    vi.stubGlobal("window", {
      localStorage: {
        setItem: () => {
          throw new Error("full");
        },
      },
    });
    expect(() => keepDraft("p" as ProgramId, "l1" as LineId, "w1" as WeekId, "3 x")).not.toThrow();
  });
});

const line = (id: string, text: string) => ({
  id,
  exercise: id,
  cells: [{ plan: { text } }, { plan: { text: "" } }],
});
const group = (id: string, ...lines: string[]) => ({
  id: `g-${id}`,
  lines: lines.map((one) => line(one, `${one}!`)),
});
const board = {
  phases: [
    {
      id: "p1",
      weeks: [
        { id: "w1", number: 1 },
        { id: "w2", number: 2 },
      ],
      days: [{ id: "d1", name: "Day 1", groups: [group("a", "squat"), group("b", "press", "row")] }],
    },
  ],
} as unknown as Schemas["BoardView"];

beforeEach(() => vi.stubGlobal("navigator", {}));

function hands() {
  return { save: vi.fn(), fill: vi.fn(), choose: vi.fn(), setOpened: vi.fn() };
}

describe("commands on the board", () => {
  const run = (what: Parameters<typeof runCommand>[0], on: string, chosen: string[] = []) => {
    const held = hands();
    runCommand(what, on as LineId, "w1" as WeekId, board, new Set(chosen as LineId[]), held);
    return held;
  };

  it("fill on from the week they were asked in", () => {
    expect(run("copy on", "row").fill).toHaveBeenCalledWith(
      expect.objectContaining({ lines: ["row"], week: "w1", kind: "the same" }),
    );
    expect(run("fill", "row").setOpened).toHaveBeenCalledWith({ fill: { lines: ["row"], week: "w1" } });
  });

  it("move a line inside its group first", () => {
    expect(run("move down", "press").save.mock.calls[0]?.[0]).toMatchObject([
      { op: "move_within", line: "press", position: 1 },
    ]);
    expect(run("move up", "row").save.mock.calls[0]?.[0]).toMatchObject([{ op: "move_within", position: 0 }]);
    expect(run("move up", "press").save.mock.calls[0]?.[0]).toMatchObject([
      { op: "move_group", position: 0 },
    ]);
  });

  it("move the whole group, and nothing past the ends", () => {
    expect(run("move down", "squat").save.mock.calls[0]?.[0]).toMatchObject([
      { op: "move_group", group: "g-a", position: 1 },
    ]);
    expect(run("move up", "squat").save).not.toHaveBeenCalled();
    expect(run("move down", "row").save).not.toHaveBeenCalled();
  });

  it("choose and open, and leave a line alone that is gone", () => {
    expect(run("choose", "row").choose).toHaveBeenCalledWith("row");
    expect(run("more", "row").setOpened).toHaveBeenCalledWith({ line: "row" });
    expect(run("choose", "gone").choose).not.toHaveBeenCalled();
  });
});

describe("rows of the grid", () => {
  it("count every line of the days before", () => {
    const phase = board.phases[0];
    expect(phase && linesBefore(phase)).toBe(3);
    expect(phase && linesBefore(phase, 0)).toBe(0);
  });
});
