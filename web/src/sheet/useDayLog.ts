// A day's log, kept on this phone with every tap.
import { useEffect, useState } from "react";
import { freshLog, type DayLog } from "./dayLog";

/** The logs of this file while it is open: a phone that keeps nothing (a private window) goes on without. */
const open = new Map<string, DayLog>();

function keep(place: string, log: DayLog): void {
  open.set(place, log);
  try {
    localStorage.setItem(place, JSON.stringify(log));
  } catch {
    // Nothing is lost while the file stays open.
  }
}

function read(kept: string | null): DayLog | undefined {
  try {
    return kept ? { ...freshLog(), ...(JSON.parse(kept) as DayLog) } : undefined;
  } catch {
    return undefined; // What cannot be read is begun anew.
  }
}

function stored(place: string): string | null {
  try {
    return localStorage.getItem(place);
  } catch {
    return null;
  }
}

/** The log of a day; one that is begun is kept with its first tap, so that nothing a browser still holds is written over. */
export function keptLog(place: string): DayLog {
  const log = open.get(place) ?? read(stored(place)) ?? freshLog();
  open.set(place, log);
  return log;
}

/** Takes over a log that comes from elsewhere; what was tapped in one that was begun here meanwhile goes into it. */
function takenOver(place: string, said: DayLog): DayLog {
  const own = keptLog(place);
  if (own.run === said.run || Object.keys(own.rows).length === 0) {
    open.set(place, said);
    return said;
  }
  const both = { ...said, ended: null, rows: { ...said.rows, ...own.rows } };
  keep(place, both);
  return both;
}

export function useDayLog(place: string) {
  const [log, setLog] = useState(() => keptLog(place));
  useEffect(() => {
    // The same file in another tab, or a browser that brings late what it was given before the file was opened again.
    const told = ({ key, newValue }: StorageEvent) => {
      const said = key === place ? read(newValue) : undefined;
      if (said) setLog(takenOver(place, said));
    };
    window.addEventListener("storage", told);
    return () => window.removeEventListener("storage", told);
  }, [place]);
  const change = (make: (log: DayLog) => DayLog) =>
    setLog((before) => {
      const next = make(before);
      keep(place, next);
      return next;
    });
  return [log, change] as const;
}

export type ChangeLog = ReturnType<typeof useDayLog>[1];
