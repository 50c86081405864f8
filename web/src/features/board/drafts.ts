// What was half typed into a cell, or sent and not answered yet, stays in this browser until it is kept or left.
const name = (program: string, line: string, week: string) => `cell ${program} ${line} ${week}`;
const sentName = (program: string, line: string, week: string) => `sent ${name(program, line, week)}`;

function put(key: string, text: string): void {
  try {
    window.localStorage.setItem(key, text);
  } catch {
    // A browser without room keeps the text on screen only.
  }
}

export function keepDraft(program: string, line: string, week: string, text: string): void {
  put(name(program, line, week), text);
}

export function dropDraft(program: string, line: string, week: string): void {
  window.localStorage.removeItem(name(program, line, week));
}

/** Keeps a text that is on its way to the server, with what the cell said before it. */
export function keepSent(program: string, line: string, week: string, text: string, over: string): void {
  put(sentName(program, line, week), JSON.stringify([text, over]));
}

export function dropSent(program: string, line: string, week: string): void {
  window.localStorage.removeItem(sentName(program, line, week));
}

/** What was left in a cell: half typed, or sent by a page that went before the answer while the cell says the same. */
export function draftOf(program: string, line: string, week: string, says: string): string | null {
  const sent = window.localStorage.getItem(sentName(program, line, week));
  if (sent !== null) {
    const [text, over] = JSON.parse(sent) as [string, string];
    if (over === says) return text;
    dropSent(program, line, week);
  }
  return window.localStorage.getItem(name(program, line, week));
}
