// What was typed or chosen and is not kept by the server yet: it stays in this browser over a reload, Esc and a click outside.
import { keepText, keptText } from "../../access/kept";
import { useCallback, useEffect, useRef, useState } from "react";

const PREFIX = "unkept ";

function read<T>(key: string): T | undefined {
  try {
    const text = keptText(PREFIX + key);
    return text === null ? undefined : (JSON.parse(text) as T);
  } catch {
    return undefined;
  }
}

function write(key: string, text: string | null): void {
  keepText(PREFIX + key, text);
}

/** Whether something is kept under a name. */
export const isKept = (key: string): boolean => read(key) !== undefined;

/**
 * A value that is kept under a name while it differs from what one began with; what sets it; and what goes back to the
 * beginning, where it is still the one that was sent.
 */
export function useKept<T>(
  key: string,
  start: T | (() => T),
): readonly [T, (next: T | ((now: T) => T)) => void, (sent?: T) => void] {
  const [value, setValue] = useState<T>(() => {
    const kept = read<T>(key);
    return kept === undefined ? begun(start) : kept;
  });
  const latest = useRef({ value, key, start });
  useEffect(() => {
    latest.current = { ...latest.current, key, start };
  });
  const set = useCallback((next: T | ((now: T) => T)) => {
    const { value: now, key, start } = latest.current;
    const put = typeof next === "function" ? (next as (now: T) => T)(now) : next;
    latest.current.value = put;
    setValue(put);
    const text = JSON.stringify(put);
    write(key, text === JSON.stringify(begun(start)) ? null : text);
  }, []);
  const forget = useCallback(
    (sent?: T) => {
      const { value: now, start } = latest.current;
      if (sent === undefined || JSON.stringify(sent) === JSON.stringify(now)) set(begun(start));
    },
    [set],
  );
  return [value, set, forget];
}

const begun = <T>(start: T | (() => T)): T => (typeof start === "function" ? (start as () => T)() : start);
