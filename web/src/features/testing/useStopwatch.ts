// A stopwatch that goes by the clock, not by ticks, so that a sleeping tab shows the right second when it wakes.
import { useEffect, useState } from "react";

export function useStopwatch(limit: number | null, onLimit: () => void) {
  const [started, setStarted] = useState<number | null>(null);
  const [before, setBefore] = useState(0);
  const [now, setNow] = useState(0);
  const running = started !== null;
  const ran = before + (running ? Math.max(now - started, 0) : 0);
  const seconds = limit === null ? ran / 1000 : Math.min(ran / 1000, limit);
  useEffect(() => {
    if (started === null) return;
    const tick = setInterval(() => {
      const moment = Date.now();
      setNow(moment);
      if (limit !== null && before + moment - started >= limit * 1000) {
        setStarted(null);
        setBefore(limit * 1000);
        onLimit();
      }
    }, 100);
    return () => clearInterval(tick);
  }, [started, before, limit, onLimit]);
  return {
    seconds,
    running,
    start: () => {
      const moment = Date.now();
      setNow(moment);
      setStarted(moment);
    },
    stop: () => {
      if (started !== null) setBefore(before + Date.now() - started);
      setStarted(null);
    },
    reset: () => {
      setStarted(null);
      setBefore(0);
    },
  };
}
