// A day's log, kept on this phone with every tap.
import { useState } from "react";
import { freshLog, type DayLog } from "./dayLog";

/** A phone that keeps nothing (a private window) goes on without; the result can still be sent. */
function keep(place: string, log: DayLog): void {
  try {
    localStorage.setItem(place, JSON.stringify(log));
  } catch {
    // Nothing is lost while the file stays open.
  }
}

export function keptLog(place: string): DayLog {
  try {
    const kept = localStorage.getItem(place);
    if (kept) return { ...freshLog(), ...(JSON.parse(kept) as DayLog) };
  } catch {
    // What cannot be read is begun anew.
  }
  const fresh = freshLog();
  keep(place, fresh);
  return fresh;
}

export function useDayLog(place: string) {
  const [log, setLog] = useState(() => keptLog(place));
  const change = (make: (log: DayLog) => DayLog) =>
    setLog((before) => {
      const next = make(before);
      keep(place, next);
      return next;
    });
  return [log, change] as const;
}

export type ChangeLog = ReturnType<typeof useDayLog>[1];
