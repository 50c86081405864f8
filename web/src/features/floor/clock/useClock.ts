// Binds a run of a timeline to React: plays it, calls what is to be called, and keeps it in the browser, so that a reload or
// a locked screen goes on at the right second. Timers are aimed at moments, so that no delay adds up.
import { useCallback, useEffect, useRef, useState } from "react";
import { keepText, keptText } from "../../../access/kept";
import { freshId } from "../../../api/ids";
import type { Schemas } from "../../../api/client";
import {
  advanced,
  back,
  begun,
  callsBetween,
  counted,
  elapsed,
  longer,
  paused,
  resumed,
  skipped,
  tapped,
  untilNext,
  type Advanced,
  type Ended,
  type Run,
  type Timeline,
} from "./player";
import { steadyNow } from "./steady";

export interface Running {
  timeline: Timeline;
  run: Run;
}

/** A call this long ago is not made any more: the page slept through it. */
const STALE = 1500;
const REDRAW = 100;

export interface Told {
  onEnded: (ended: Ended) => void;
  onCall: (call: Schemas["Call"], running: Running) => void;
}

/** Whether a clock of a session runs on in this browser. */
export const isClockKept = (session: string): boolean => kept(`clock-${session}`) !== null;

export function useClock(session: string, told: Told) {
  const place = `clock-${session}`;
  const [running, setRunning] = useState<Running | null>(() => kept(place));
  const [now, setNow] = useState(steadyNow);
  const latest = useRef(told);
  useEffect(() => {
    latest.current = told;
  });
  // Up to where calls of which step were made; what lies before the page was loaded is not called again.
  const heard = useRef({ step: "", at: Infinity });

  const keep = useCallback(
    (next: Running | null) => {
      keepText(place, next && JSON.stringify(next));
      setRunning(next);
      setNow(steadyNow());
    },
    [place],
  );
  /** Makes the calls of the present step that have come due. */
  const hear = useCallback((timeline: Timeline, run: Run, at: number) => {
    const name = `${run.id}:${run.step}:${run.lap}`;
    const into = elapsed(run, at);
    if (heard.current.step !== name)
      heard.current = { step: name, at: heard.current.at === Infinity ? into : -1 };
    for (const call of callsBetween(timeline, run, Math.max(heard.current.at, into - STALE), into))
      latest.current.onCall(call, { timeline, run });
    heard.current.at = Math.max(heard.current.at, into);
  }, []);
  const follow = useCallback(
    (timeline: Timeline, { run, ended }: Advanced) => {
      for (const end of ended) latest.current.onEnded(end);
      // The next step is called before it is drawn: ears do not wait for the screen.
      if (run) hear(timeline, run, steadyNow());
      keep(run && { timeline, run });
    },
    [keep, hear],
  );

  useEffect(() => {
    if (!running) return;
    const { timeline, run } = running;
    let timer: ReturnType<typeof setTimeout>;
    const wake = () => {
      const at = steadyNow();
      const next = advanced(timeline, run, at);
      if (next.ended.length) return follow(timeline, next);
      hear(timeline, run, at);
      setNow(at);
      const wait = untilNext(timeline, run, at);
      if (wait !== null) timer = setTimeout(wake, Math.ceil(wait));
    };
    // Beginning in a timer of its own, so that what the step calls for is not done while it is drawn.
    timer = setTimeout(wake, 0);
    const redraw = setInterval(() => setNow(steadyNow()), REDRAW);
    document.addEventListener("visibilitychange", wake);
    return () => {
      clearTimeout(timer);
      clearInterval(redraw);
      document.removeEventListener("visibilitychange", wake);
    };
  }, [running, follow, hear]);

  const change = (act: (run: Run) => Run | null) => {
    if (!running) return;
    const run = act(running.run);
    keep(run && { timeline: running.timeline, run });
  };
  return {
    running,
    now,
    begin: (timeline: Timeline, step = 0) => {
      heard.current = { step: "", at: -1 };
      const run = begun(timeline, freshId(), steadyNow(), step);
      hear(timeline, run, run.since);
      keep({ timeline, run });
    },
    tap: () => running && follow(running.timeline, tapped(running.timeline, running.run, steadyNow())),
    count: () => change(counted),
    pause: () => change((run) => paused(run, steadyNow())),
    resume: () => change((run) => resumed(run, steadyNow())),
    longer: (seconds: number) => change((run) => longer(run, seconds)),
    back: () => running && change((run) => back(running.timeline, run, steadyNow())),
    skip: () => running && change((run) => skipped(running.timeline, run, steadyNow())),
    end: () => keep(null),
  };
}

export type ClockControls = ReturnType<typeof useClock>;

function kept(place: string): Running | null {
  try {
    return JSON.parse(keptText(place) ?? "null") as Running | null;
  } catch {
    return null;
  }
}
