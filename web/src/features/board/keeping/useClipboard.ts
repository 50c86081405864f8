// Copying and pasting on the board: a cell as its text, chosen lines as rows, rows of a spreadsheet back into cells.
import { t } from "../../../ui/words";
import { useEffect, useRef } from "react";
import type { Schemas } from "../../../api/client";
import type { LineId, WeekId } from "../../../api/ids";
import { pastedEdits, rowsFor } from "./clipboard";
import type { Save } from "./useBoard";

const MOST = 200;

export function useClipboard(
  view: Schemas["BoardView"] | undefined,
  chosen: ReadonlySet<LineId>,
  save: Save,
): void {
  const latest = useRef({ view, chosen, save });
  useEffect(() => {
    latest.current = { view, chosen, save };
  });
  useEffect(() => {
    const copied = (event: ClipboardEvent) => {
      const { view: board, chosen: lines } = latest.current;
      const at = cellAt(board);
      if (!board || !at || !window.getSelection()?.isCollapsed) return;
      event.clipboardData?.setData("text/plain", lines.size > 0 ? rowsFor(board, lines) : at.text);
      event.preventDefault();
    };
    const pasted = (event: ClipboardEvent) => {
      const { view: board, chosen: lines, save: keep } = latest.current;
      const at = cellAt(board);
      const text = event.clipboardData?.getData("text/plain") ?? "";
      if (!board || !at) return;
      event.preventDefault();
      const single = !/[\t\n]/.test(text.trim());
      const into = single && lines.has(at.line) ? [...lines] : [at.line];
      const edits = single
        ? into.map((line) => ({
            op: "set_cell" as const,
            line,
            week: at.week,
            text: text.trim(),
            carry: "none" as const,
            by_hand: true,
          }))
        : pastedEdits(board, at.line, at.week, text);
      const what = single
        ? `${at.name}: ${text.trim() || "emptied"}`
        : t("{{edits}} cells pasted", { edits: edits.length });
      for (let from = 0; from < edits.length; from += MOST) keep(edits.slice(from, from + MOST), what);
    };
    document.addEventListener("copy", copied);
    document.addEventListener("paste", pasted);
    return () => {
      document.removeEventListener("copy", copied);
      document.removeEventListener("paste", pasted);
    };
  }, []);
}

/** The cell that has the focus. */
function cellAt(view: Schemas["BoardView"] | undefined) {
  const cell = document.activeElement;
  if (!view || !(cell instanceof HTMLElement) || !cell.dataset.cell) return null;
  const line = cell.dataset.line as LineId;
  const column = Number(cell.dataset.cell.split(":")[1]);
  for (const phase of view.phases)
    for (const day of phase.days)
      for (const group of day.groups)
        for (const one of group.lines) {
          const week = phase.weeks[column];
          if (one.id === line && week)
            return {
              line,
              week: week.id as WeekId,
              text: one.cells[column]?.plan.text ?? "",
              name: t("{{exercise}}, week {{number}}", { exercise: one.exercise, number: week.number }),
            };
        }
  return null;
}
