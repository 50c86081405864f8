// Rows of the board as a spreadsheet has them, and back: tabs between cells, a line a row, quotes where they are needed.
import type { Schemas } from "../../../api/client";
import type { LineId, WeekId } from "../../../api/ids";
import type { Edit } from "./useBoard";

type Board = Schemas["BoardView"];

/** The chosen lines with their weeks under a heading, days in rows of their own where there are several. */
export function rowsFor(view: Board, chosen: ReadonlySet<LineId>): string {
  const rows: string[][] = [];
  for (const phase of view.phases) {
    const days = phase.days
      .map((day) => ({
        day,
        lines: day.groups.flatMap((group) => group.lines).filter((one) => chosen.has(one.id)),
      }))
      .filter(({ lines }) => lines.length > 0);
    if (days.length === 0) continue;
    // In English whatever the screens speak: these heads are read again when the rows come back.
    rows.push(["Exercise", ...phase.weeks.map((week) => `Week ${week.number}`)]);
    for (const { day, lines } of days) {
      if (days.length > 1) rows.push([day.name]);
      for (const line of lines) rows.push([line.exercise, ...line.cells.map((cell) => cell.plan.text)]);
    }
  }
  return rows.map((row) => row.map(quoted).join("\t")).join("\n");
}

const quoted = (cell: string) => (/["\t\n]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell);

/** A cell in quotes; a ditto mark alone is none. */
const QUOTED = /^"(?:[^"\t]|"")*"\s*(?:[\t\n]|$)/;

/** The cells of copied rows. */
export function tableOf(text: string): string[][] {
  const rows: string[][] = [[]];
  let cell = "";
  let within = false;
  const end = () => {
    rows.at(-1)?.push(cell.trim());
    cell = "";
  };
  for (let at = 0; at < text.length; at += 1) {
    const sign = text[at] ?? "";
    if (within && sign === '"' && text[at + 1] === '"') {
      cell += '"';
      at += 1;
    } else if (within && sign === '"') within = false;
    else if (!within && sign === '"' && cell === "" && QUOTED.test(text.slice(at))) within = true;
    else if (!within && sign === "\t") end();
    else if (!within && sign === "\n") {
      end();
      rows.push([]);
    } else if (sign !== "\r") cell += sign;
  }
  end();
  return rows.filter((row) => row.some(Boolean));
}

const HEADING = /^(?:exercise|movement|lift|name)s?$/i;

/** What pasted rows put where, from a cell on: by the names beside them under a heading, else row by row. */
export function pastedEdits(view: Board, lineId: LineId, weekId: WeekId, text: string): Edit[] {
  const phase = view.phases.find((one) => linesOf(one).some((line) => line.id === lineId));
  if (!phase) return [];
  const lines = linesOf(phase);
  const from = lines.findIndex((line) => line.id === lineId);
  const week = phase.weeks.findIndex((one) => one.id === weekId);
  const table = tableOf(text);
  const named = HEADING.test(table[0]?.[0] ?? "");
  const rows = named ? table.slice(1).filter((row) => row.length > 1) : table;
  const taken = new Set<LineId>();
  return rows.flatMap((row, number) => {
    const cells = named ? row.slice(1) : row;
    const same = (one: Schemas["LineView"]) => one.exercise.toLowerCase() === row[0]?.toLowerCase();
    const line = named
      ? lines.slice(from).find((one) => same(one) && !taken.has(one.id))
      : lines[from + number];
    if (!line) return [];
    taken.add(line.id);
    return cells.flatMap((cell, column): Edit[] => {
      const into = phase.weeks[(named ? 0 : week) + column];
      return into && line.cells[phase.weeks.indexOf(into)]?.plan.text !== cell
        ? [{ op: "set_cell", line: line.id, week: into.id, text: cell, carry: "none", by_hand: true }]
        : [];
    });
  });
}

const linesOf = (phase: Schemas["PhaseView"]) =>
  phase.days.flatMap((day) => day.groups.flatMap((group) => group.lines));
