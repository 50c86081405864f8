// A save answers with what it changed; the board that is kept takes it over, and what did not change stays the same object.
import type { QueryClient } from "@tanstack/react-query";
import type { Schemas } from "../../../api/client";
import type { ProgramId } from "../../../api/ids";
import { keys } from "../../../api/keys";

type Board = Schemas["BoardView"];

/** The board with a change in it; null where the change is one of another revision. */
export function withChange(board: Board, change: Schemas["BoardChange"]): Board | null {
  if (change.board) return change.board;
  if (board.revision.number !== change.base) return null;
  const changed = new Map(change.phases.map((phase) => [phase.id, phase]));
  const phases = board.phases.map((phase) => {
    const by = changed.get(phase.id);
    if (!by) return phase;
    const days = new Map(by.days.map((day) => [day.id, day]));
    return { ...phase, volume: by.volume, days: phase.days.map((day) => days.get(day.id) ?? day) };
  });
  return { ...board, revision: change.revision, phases };
}

/** Put a change into the board that is kept; a board that it does not fit is asked for anew. */
export function keepChange(queries: QueryClient, program: ProgramId, change: Schemas["BoardChange"]): void {
  const kept = queries.getQueryData<Board>(keys.board(program));
  const next = change.board ?? (kept && withChange(kept, change));
  if (next) queries.setQueryData(keys.board(program), next);
  else void queries.invalidateQueries({ queryKey: keys.board(program) });
}
