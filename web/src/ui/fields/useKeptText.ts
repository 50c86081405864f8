// A text being typed that is not sent yet: it stays in this browser over a reload, until it is sent or emptied.
import { keepText, keptText } from "../../access/kept";
import { useRef, useState } from "react";

/** The text that is kept under a name, and what keeps another or changes the one kept now. */
export function useKeptText(
  key: string,
): readonly [string, (next: string | ((now: string) => string)) => void] {
  const [text, setText] = useState(() => keptText(key) ?? "");
  const now = useRef(text);
  const keep = (change: string | ((now: string) => string)) => {
    const next = typeof change === "string" ? change : change(now.current);
    now.current = next;
    setText(next);
    keepText(key, next || null);
  };
  return [text, keep];
}
