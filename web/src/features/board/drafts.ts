// What was half typed into a cell stays in this browser until it is kept or left.
const name = (program: string, line: string, week: string) => `cell ${program} ${line} ${week}`;

export function keepDraft(program: string, line: string, week: string, text: string): void {
  try {
    window.localStorage.setItem(name(program, line, week), text);
  } catch {
    // A browser without room keeps the text on screen only.
  }
}

export function dropDraft(program: string, line: string, week: string): void {
  window.localStorage.removeItem(name(program, line, week));
}

export function draftOf(program: string, line: string, week: string): string | null {
  return window.localStorage.getItem(name(program, line, week));
}
