import { useIsFetching } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import { useLocation, useNavigation } from "react-router";
import { Shape } from "../ui/Shape";
import { install } from "./installed";
import { shapeOf } from "./shapes";

/** Code of the views that are likely next, fetched once the first view stands. */
const AHEAD: readonly (() => Promise<unknown>)[] = [
  () => import("../features/floor/FloorView"),
  () => import("../features/clients/ClientFileView"),
  () => import("../features/board/BoardView"),
  () => import("../features/review/ReviewView"),
  () => import("../features/summary/SummaryView"),
  () => import("../features/progress/ProgressView"),
  () => import("../features/health/HealthView"),
];

interface Line {
  saveData?: boolean;
}

/** How long nothing was asked for before the view is taken to stand, milliseconds. */
const STANDS_FOR = 1500;

/** One after the other, each when nothing else is to be done; who has no line now does without. */
function fetchAhead(): void {
  if ((navigator as { connection?: Line }).connection?.saveData || !("requestIdleCallback" in window)) return;
  const next = (at: number) => {
    const load = AHEAD[at];
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

/** A tap on a view whose code is still on its way is seen at once; the likely next ones are fetched ahead. */
export function Pending() {
  const { state, location } = useNavigation();
  const { pathname } = useLocation();
  const busy = useIsFetching() > 0;
  const begun = useRef(false);
  useEffect(() => {
    if (busy || begun.current) return undefined;
    const waiting = setTimeout(() => {
      begun.current = true;
      install();
      fetchAhead();
    }, STANDS_FOR);
    return () => clearTimeout(waiting);
  }, [busy]);
  if (state !== "loading" || !location) return null;
  const other = location.pathname !== pathname;
  // What stands above the view stays: the way back is still there.
  const top = document.getElementById("main")?.getBoundingClientRect().top ?? 0;
  return (
    <>
      <div className="fixed inset-x-0 top-0 z-50">
        <div className="h-1 w-full origin-left bg-ember motion-safe:animate-[reach_3s_ease-out_forwards]" />
      </div>
      {other && (
        <div
          className="fixed inset-x-0 bottom-0 z-40 overflow-hidden bg-ground skeleton"
          style={{ top: Math.max(top, 0) }}
        >
          <Shape shape={shapeOf(location.pathname)} />
        </div>
      )}
    </>
  );
}
