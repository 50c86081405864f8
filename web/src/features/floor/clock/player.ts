// A run of a timeline as values: which step, since when, what was passed. Time comes from outside, so that a page that slept
// or was loaded again stands at the right second when it wakes. What is called, and when, the server worked out.
import type { Schemas } from "../../../api/client";

export type Timeline = Schemas["Clock"];
export type Step = Schemas["ClockStep"];

export interface Run {
  /** Made here; the ids of the sets it closes come of it, so that none is logged twice. */
  id: string;
  group: string;
  step: number;
  /** When the step began, milliseconds of the steady clock. */
  since: number;
  /** When it was paused; null while it runs. */
  paused: number | null;
  /** Milliseconds added to the present step. */
  extra: number;
  /** When the station began that owns its time; a rest that fills it ends from there. */
  slot?: number;
  /** Counts the times somebody went back: a set closed again is another set. */
  lap: number;
  /** Taps in the present step: rounds that were finished, or later marks the client carried on to. */
  taps: number;
}

/** A step that ended. */
export interface Ended {
  step: Step;
  index: number;
  /** The id of the set it closes. */
  id: string;
  /** How long was worked, whole seconds; null where the work was not timed. */
  seconds: number | null;
  /** Whether its time ran out, rather than somebody tapping. */
  byClock: boolean;
  taps: number;
  /** How many of the later marks were reached. */
  passed: number;
}

export interface Advanced {
  /** Null once the last step is over. */
  run: Run | null;
  ended: Ended[];
}

export const begun = (timeline: Timeline, id: string, now: number, step = 0): Run => ({
  id,
  group: timeline.group,
  step,
  since: now,
  paused: null,
  extra: 0,
  lap: 0,
  taps: 0,
  ...(timeline.steps[step]?.opens ? { slot: now } : {}),
});

/** Milliseconds into the present step. */
export const elapsed = (run: Run, now: number): number => Math.max(0, (run.paused ?? now) - run.since);

/** How long the present step lasts in milliseconds; null where it lasts until a tap. */
export function lasts(timeline: Timeline, run: Run): number | null {
  const step = timeline.steps[run.step];
  if (step?.seconds == null) return null;
  // The minute stays: whoever worked longer rests shorter.
  const whole =
    step.fills != null && run.slot !== undefined
      ? Math.max(0, step.fills * 1000 - (run.since - run.slot))
      : step.seconds * 1000;
  return whole + run.extra;
}

/** Milliseconds left of the present step; null where it lasts until a tap. */
export function left(timeline: Timeline, run: Run, now: number): number | null {
  const whole = lasts(timeline, run);
  return whole === null ? null : Math.max(0, whole - elapsed(run, now));
}

/** How many of the later marks the client carried on to; the first mark is the work that was asked for. */
export const carriedOn = (step: Step, taps: number): number =>
  Math.min(taps, Math.max(0, step.marks.length - 1));

/** The next mark that can be carried on to at a moment of the step; null before the one before it is reached. */
export function nextMark(step: Step, run: Run, now: number): number | null {
  const reached = carriedOn(step, run.taps);
  const here = step.marks[reached];
  const next = step.marks[reached + 1];
  return here !== undefined && next !== undefined && elapsed(run, now) >= here * 1000 ? next : null;
}

/**
 * What was worked of a step with marks. The clock ran it: to the mark the client carried on to. A tap ended it: the
 * seconds that passed, and whoever did not carry on rested from the first mark on.
 */
function worked(run: Run, step: Step, seconds: number, byClock: boolean): number {
  const [first] = step.marks;
  if (first === undefined) return seconds;
  const on = carriedOn(step, run.taps);
  if (byClock) return step.marks[on] ?? seconds;
  return on > 0 ? seconds : Math.min(seconds, first);
}

function ending(run: Run, step: Step, seconds: number | null, byClock: boolean): Ended {
  const whole = seconds === null ? null : worked(run, step, seconds, byClock);
  return {
    step,
    index: run.step,
    id: `${run.id}-${run.step}-${run.lap}`,
    seconds: whole,
    passed: whole === null ? 0 : step.marks.slice(1).filter((mark) => mark <= whole).length,
    byClock,
    taps: run.taps,
  };
}

const into = (timeline: Timeline, run: Run, step: number, since: number): Run => ({
  ...run,
  step,
  since,
  extra: 0,
  taps: 0,
  ...(timeline.steps[step]?.opens ? { slot: since } : {}),
});

/** Goes on to where the run stands now: every timed step that is over is left, each at its own second. */
export function advanced(timeline: Timeline, from: Run, now: number): Advanced {
  const ended: Ended[] = [];
  let run = from;
  for (;;) {
    const step = timeline.steps[run.step];
    if (!step) return { run: null, ended };
    const whole = lasts(timeline, run);
    if (whole === null || run.paused !== null || now - run.since < whole) return { run, ended };
    ended.push(ending(run, step, Math.round(whole / 1000), true));
    run = into(timeline, run, run.step + 1, run.since + whole);
  }
}

/** Ends the present step by a tap: it was worked this long. */
export function tapped(timeline: Timeline, run: Run, now: number): Advanced {
  const step = timeline.steps[run.step];
  if (!step) return { run: null, ended: [] };
  const timed = step.kind === "work" || step.kind === "rounds";
  const seconds = timed && step.seconds !== null ? Math.round(elapsed(run, now) / 1000) : null;
  const next = into(timeline, { ...run, paused: null }, run.step + 1, now);
  return { run: timeline.steps[next.step] ? next : null, ended: [ending(run, step, seconds, false)] };
}

/** Passes a step over: work that is passed over is not logged. */
export function skipped(timeline: Timeline, run: Run, now: number): Run | null {
  const next = into(timeline, { ...run, paused: null }, run.step + 1, now);
  return timeline.steps[next.step] ? next : null;
}

const RESTART_WITHIN = 3000;

/** Back to the start of the step, or to the one before when it has only just begun. */
export function back(timeline: Timeline, run: Run, now: number): Run {
  const to = elapsed(run, now) < RESTART_WITHIN ? Math.max(0, run.step - 1) : run.step;
  return { ...into(timeline, { ...run, paused: null }, to, now), lap: run.lap + 1 };
}

export const paused = (run: Run, now: number): Run => (run.paused === null ? { ...run, paused: now } : run);

export const resumed = (run: Run, now: number): Run =>
  run.paused === null
    ? run
    : {
        ...run,
        since: run.since + (now - run.paused),
        ...(run.slot === undefined ? {} : { slot: run.slot + (now - run.paused) }),
        paused: null,
      };

export const longer = (run: Run, seconds: number): Run => ({ ...run, extra: run.extra + seconds * 1000 });

export const counted = (run: Run): Run => ({ ...run, taps: run.taps + 1 });

/** When a call of the present step comes, milliseconds from the step's beginning. */
export function callAt(call: Schemas["Call"], whole: number | null): number {
  return call.from_end ? (whole ?? 0) - call.at * 1000 : call.at * 1000;
}

/** The calls of the present step from one moment of it (exclusive) to another, in their order. */
export function callsBetween(timeline: Timeline, run: Run, after: number, upTo: number): Schemas["Call"][] {
  const whole = lasts(timeline, run);
  return (timeline.steps[run.step]?.calls ?? [])
    .map((call) => ({ call, at: callAt(call, whole) }))
    .filter(({ at }) => at > after && at <= upTo)
    .sort((a, b) => a.at - b.at)
    .map(({ call }) => call);
}

/** Milliseconds until something happens in the present step: its next call or its end; null where nothing will. */
export function untilNext(timeline: Timeline, run: Run, now: number): number | null {
  if (run.paused !== null) return null;
  const whole = lasts(timeline, run);
  const at = elapsed(run, now);
  const moments = (timeline.steps[run.step]?.calls ?? []).map((call) => callAt(call, whole));
  if (whole !== null) moments.push(whole);
  const next = moments.filter((moment) => moment > at);
  return next.length ? Math.min(...next) - at : null;
}
