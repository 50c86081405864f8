// A text being typed that is not sent yet: it stays in this browser over a reload, until it is sent or emptied.
import { useRef, useState } from "react";

/** The text that is kept under a name, and what keeps another or changes the one kept now. */
export function useKeptText(
  key: string,
): readonly [string, (next: string | ((now: string) => string)) => void] {
  const [text, setText] = useState(() => window.localStorage.getItem(key) ?? "");
  const now = useRef(text);
  const keep = (change: string | ((now: string) => string)) => {
    const next = typeof change === "string" ? change : change(now.current);
    now.current = next;
    setText(next);
    try {
      if (next) window.localStorage.setItem(key, next);
      else window.localStorage.removeItem(key);
    } catch {
      // A browser without room keeps the text on screen only.
    }
  };
  return [text, keep];
}
