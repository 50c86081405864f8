import { useIsFetching } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import { install } from "./installed";

interface Line {
  saveData?: boolean;
}

/** How long nothing was asked for before the view is taken to stand, milliseconds. */
const STANDS_FOR = 1500;

/** Once the first view stands the app is installed, and what is likely next fetched, in this order. Shows nothing. */
export function FetchAhead({ likelyNext }: { likelyNext: readonly (() => Promise<unknown>)[] }) {
  const busy = useIsFetching() > 0;
  const begun = useRef(false);
  useEffect(() => {
    if (busy || begun.current) return undefined;
    const waiting = setTimeout(() => {
      begun.current = true;
      install();
      fetchAhead(likelyNext);
    }, STANDS_FOR);
    return () => clearTimeout(waiting);
  }, [busy, likelyNext]);
  return null;
}

/** One after the other, each when nothing else is to be done; who has no line now does without. */
function fetchAhead(likelyNext: readonly (() => Promise<unknown>)[]): void {
  if ((navigator as { connection?: Line }).connection?.saveData || !("requestIdleCallback" in window)) return;
  const next = (at: number) => {
    const load = likelyNext[at];
    if (load)
      requestIdleCallback(
        () =>
          void load().then(
            () => next(at + 1),
            () => undefined,
          ),
        { timeout: 10_000 },
      );
  };
  next(0);
}
