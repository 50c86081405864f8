// A stopwatch as values: what ran before, and since when it runs. Time comes from outside, so that a tab that slept shows
// the right second when it wakes.

export interface Stopwatch {
  /** Milliseconds that ran before the present run. */
  before: number;
  /** When the present run began, milliseconds since 1970; null while it stands still. */
  since: number | null;
}

export const still: Stopwatch = { before: 0, since: null };

/** Seconds run at a moment, never past the limit; a clock set back runs nothing. */
export function secondsAt(watch: Stopwatch, now: number, limit: number | null): number {
  const ran = (watch.before + (watch.since === null ? 0 : Math.max(now - watch.since, 0))) / 1000;
  return limit === null ? ran : Math.min(ran, limit);
}

export const started = (watch: Stopwatch, now: number): Stopwatch =>
  watch.since === null ? { ...watch, since: now } : watch;

export function stopped(watch: Stopwatch, now: number, limit: number | null): Stopwatch {
  return { before: secondsAt(watch, now, limit) * 1000, since: null };
}

/** Whether the time is up. */
export const isOver = (watch: Stopwatch, now: number, limit: number | null): boolean =>
  limit !== null && secondsAt(watch, now, limit) >= limit;
