// What was half typed into a cell, or sent and not answered yet, stays in this browser until it is kept or left.
import { keepText, keptText } from "../../../access/kept";
import type { LineId, ProgramId, WeekId } from "../../../api/ids";
const name = (program: ProgramId, line: LineId, week: WeekId) => `cell ${program} ${line} ${week}`;
const sentName = (program: ProgramId, line: LineId, week: WeekId) => `sent ${name(program, line, week)}`;

export function keepDraft(program: ProgramId, line: LineId, week: WeekId, text: string): void {
  keepText(name(program, line, week), text);
}

export function dropDraft(program: ProgramId, line: LineId, week: WeekId): void {
  keepText(name(program, line, week), null);
}

/** Keeps a text that is on its way to the server, with what the cell said before it. */
export function keepSent(program: ProgramId, line: LineId, week: WeekId, text: string, over: string): void {
  keepText(sentName(program, line, week), JSON.stringify([text, over]));
}

export function dropSent(program: ProgramId, line: LineId, week: WeekId): void {
  keepText(sentName(program, line, week), null);
}

/** What was left in a cell: half typed, or sent by a page that went before the answer while the cell says the same. */
export function draftOf(program: ProgramId, line: LineId, week: WeekId, says: string): string | null {
  const sent = keptText(sentName(program, line, week));
  if (sent !== null) {
    const [text, over] = JSON.parse(sent) as [string, string];
    if (over === says) return text;
    dropSent(program, line, week);
  }
  return keptText(name(program, line, week));
}
