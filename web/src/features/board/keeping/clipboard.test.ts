import { describe, expect, it } from "vitest";
import type { Schemas } from "../../../api/client";
import type { LineId, WeekId } from "../../../api/ids";
import { pastedEdits, rowsFor, tableOf } from "./clipboard";

const line = (id: string, exercise: string, ...texts: string[]) => ({
  id,
  exercise,
  cells: texts.map((text) => ({ plan: { text } })),
});
const board = {
  phases: [
    {
      id: "p1",
      weeks: [
        { id: "w1", number: 1 },
        { id: "w2", number: 2 },
      ],
      days: [
        {
          name: "Legs",
          groups: [
            { lines: [line("squat", "Back squat", "3 x 8, 60 kg", "3 x 8, 62.5 kg")] },
            { lines: [line("calf", "Calf raise", "", "2 x 15")] },
          ],
        },
        { name: "Press", groups: [{ lines: [line("press", "Bench press", "4 x 6", "4 x 6")] }] },
      ],
    },
  ],
} as unknown as Schemas["BoardView"];
const lines = (...ids: string[]) => new Set(ids as LineId[]);
const paste = (text: string, at = "squat", week = "w1") =>
  pastedEdits(board, at as LineId, week as WeekId, text).map((one) =>
    one.op === "set_cell" ? [one.line, one.week, one.text] : [],
  );

describe("rows of the board for a spreadsheet", () => {
  it("stand under a heading, days in rows of their own where there are several", () => {
    expect(rowsFor(board, lines("squat"))).toBe(
      "Exercise\tWeek 1\tWeek 2\nBack squat\t3 x 8, 60 kg\t3 x 8, 62.5 kg",
    );
    expect(rowsFor(board, lines("squat", "press")).split("\n")).toEqual([
      "Exercise\tWeek 1\tWeek 2",
      "Legs",
      "Back squat\t3 x 8, 60 kg\t3 x 8, 62.5 kg",
      "Press",
      "Bench press\t4 x 6\t4 x 6",
    ]);
  });

  it("come back as they went, whatever was changed in between", () => {
    const copied = rowsFor(board, lines("squat", "calf", "press"));
    expect(paste(copied)).toEqual([]);
    expect(paste(copied.replace("62.5 kg", "65 kg").replace("4 x 6\t", "5 x 5\t"))).toEqual([
      ["squat", "w2", "3 x 8, 65 kg"],
      ["press", "w1", "5 x 5"],
    ]);
  });

  it("without a heading go row by row and week by week from the cell on, as far as there are any", () => {
    expect(paste("3 x 5\t3 x 4\n2 x 20\n5 x 5\nmore", "squat", "w2")).toEqual([
      ["squat", "w2", "3 x 5"],
      ["calf", "w2", "2 x 20"],
      ["press", "w2", "5 x 5"],
    ]);
  });

  it("by name find their line, whatever the order", () => {
    expect(paste("Exercise\tWeek 1\nBench press\t5 x 3\nNobody's lift\t9 x 9")).toEqual([
      ["press", "w1", "5 x 3"],
    ]);
  });

  it("with quotes are read as spreadsheets write them", () => {
    expect(tableOf('"3 x 8, ""slow"""\t4 x 6\r\n\n"a\nb"\tc\n')).toEqual([
      ['3 x 8, "slow"', "4 x 6"],
      ["a\nb", "c"],
    ]);
    expect(tableOf('"\t" 60')).toEqual([['"', '" 60']]);
  });
});
