// Locks after so many minutes without a touch, never while a clock or a rest runs.
import { useEffect } from "react";
import { isClockRunning, lock } from "./access";

const TOUCHES = ["pointerdown", "keydown", "wheel", "touchmove"] as const;
const LOOK_EVERY = 5000;

/** Whether it is time: nobody touched the screen for so long, and nothing runs. */
export const isTimeToLock = (minutes: number, touched: number, now: number, running: boolean): boolean =>
  !running && now - touched >= minutes * 60_000;

export function useAutoLock(minutes: number | null): void {
  useEffect(() => {
    if (minutes === null) return;
    let touched = Date.now();
    let running = false;
    const touch = () => {
      touched = Date.now();
    };
    const look = setInterval(() => {
      const runs = isClockRunning();
      // The minutes count from the end of a clock: whoever watched it has not touched anything.
      if (running && !runs) touch();
      running = runs;
      if (isTimeToLock(minutes, touched, Date.now(), runs)) {
        clearInterval(look);
        void lock().catch(() => undefined);
      }
    }, LOOK_EVERY);
    for (const kind of TOUCHES) window.addEventListener(kind, touch, { passive: true });
    return () => {
      clearInterval(look);
      for (const kind of TOUCHES) window.removeEventListener(kind, touch);
    };
  }, [minutes]);
}
