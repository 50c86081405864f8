// A text being typed that is not sent yet: it stays in this browser over a reload, until it is sent or emptied.
import { useState } from "react";

export function useKeptText(key: string): readonly [string, (text: string) => void] {
  const [text, setText] = useState(() => window.localStorage.getItem(key) ?? "");
  const keep = (next: string) => {
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
