/** A figure for the server, or the text as it was typed where it is none: the server says what is wrong with it. */
export function asTyped(text: string): number {
  const figure = Number(text);
  return text.trim() === "" || Number.isNaN(figure) ? (text as never) : figure;
}
