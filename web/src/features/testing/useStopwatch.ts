// Binds the stopwatch to React: ticks redraw, the clock says how long it ran.
import { useEffect, useState } from "react";
import { isOver, secondsAt, started, still, stopped } from "./stopwatch";

export function useStopwatch(limit: number | null, onLimit: () => void) {
  const [watch, setWatch] = useState(still);
  const [now, setNow] = useState(0);
  const running = watch.since !== null;
  useEffect(() => {
    if (!running) return;
    const tick = setInterval(() => {
      const moment = Date.now();
      setNow(moment);
      if (isOver(watch, moment, limit)) {
        setWatch(stopped(watch, moment, limit));
        onLimit();
      }
    }, 100);
    return () => clearInterval(tick);
  }, [running, watch, limit, onLimit]);
  return {
    seconds: secondsAt(watch, now, limit),
    running,
    start: () => {
      const moment = Date.now();
      setNow(moment);
      setWatch(started(watch, moment));
    },
    stop: () => setWatch(stopped(watch, Date.now(), limit)),
    reset: () => setWatch(still),
  };
}
