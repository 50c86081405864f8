/** A figure for the server, or the text as it was typed where it is none: the server says what is wrong with it. */
export function asTyped(text: string): number {
  return /^\s*-?\d+(\.\d+)?\s*$/.test(text) ? Number(text) : (text as never);
}
