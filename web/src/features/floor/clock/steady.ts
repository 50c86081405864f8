// Time that never runs backwards: the device's clock, so that a sleep counts, held up by the page's own where it is set back.

export type Now = () => number;

/** A clock in milliseconds. A device clock that jumps back is answered with the page's own count instead. */
export function steadyClock(wall: Now, page: Now): Now {
  let lastPage = page();
  let last = wall();
  let ahead = 0;
  return () => {
    const at = page();
    const atLeast = last + (at - lastPage);
    const shown = wall() + ahead;
    const setBack = shown < atLeast - SLACK;
    if (setBack) ahead += atLeast - shown;
    last = Math.max(last, setBack ? atLeast : shown);
    lastPage = at;
    return last;
  };
}

/** The two clocks of a page may differ by this much without one of them having been set, milliseconds. */
const SLACK = 250;

export const steadyNow: Now = steadyClock(
  () => Date.now(),
  () => performance.now(),
);
