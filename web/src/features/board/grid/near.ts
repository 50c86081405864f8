// Which rows and weeks of a long board exist: those in view and a little beyond. Short boards are whole, and so is what is
// printed.
import { createContext, useEffect, useRef, useState, type RefObject } from "react";
import { flushSync } from "react-dom";

/** Rows up to which a board is drawn whole. */
export const WHOLE = 40;

/** Weeks up to which all are drawn, and of more those that are drawn at first: as many as a laptop shows. */
const WHOLE_WEEKS = 9;
const FIRST_WEEKS = 7;

/** The first week of a table that is near the view, and the one behind the last. */
export type NearWeeks = readonly [number, number];
const ALL: NearWeeks = [0, Infinity];
export const NearWeeksContext = createContext(ALL);

/** Pixels beyond the view in which rows and weeks exist already. */
const MARGIN = 300;

/** More pixels than any board is high: only how far aside a week stands counts. */
const ANY_HEIGHT = 100_000;

type Seen = (near: boolean) => void;

const watched = new WeakMap<Element, Seen>();
const observers = new Map<Element | null, IntersectionObserver>();
const unprinted = new Set<() => void>();

if (typeof window !== "undefined")
  window.addEventListener("beforeprint", () => flushSync(() => unprinted.forEach((draw) => draw())));

/** What scrolls the board; null where the page does. */
function scrollerOf(element: Element): Element | null {
  const scroller = element.closest("[data-board-scroll]");
  return scroller && getComputedStyle(scroller).overflowY !== "visible" ? scroller : null;
}

function observerOf(element: Element): IntersectionObserver {
  const root = scrollerOf(element);
  const found = observers.get(root);
  if (found) return found;
  const made = new IntersectionObserver(
    (entries) => {
      for (const { target, isIntersecting } of entries) watched.get(target)?.(isIntersecting);
    },
    { root, rootMargin: `${MARGIN}px 0px` },
  );
  observers.set(root, made);
  return made;
}

/** Whether a row is near the view, and how high it was last; what has the focus stays. */
export function useNear<T extends HTMLElement>(
  row: number,
  long: boolean,
): readonly [RefObject<T | null>, boolean, number | undefined] {
  const ref = useRef<T>(null);
  const [near, setNear] = useState(!long || row < WHOLE / 2);
  const [height, setHeight] = useState<number>();
  useEffect(() => {
    const element = ref.current;
    if (!element || !long) return undefined;
    const observer = observerOf(element);
    const draw = () => setNear(true);
    unprinted.add(draw);
    watched.set(element, (seen) => {
      if (!seen && element.contains(document.activeElement)) return;
      if (!seen) setHeight(element.getBoundingClientRect().height);
      setNear(seen);
    });
    observer.observe(element);
    return () => {
      observer.unobserve(element);
      unprinted.delete(draw);
    };
  }, [long]);
  return [ref, near || !long, height];
}

/** Which weeks of a table are near the view; the one with the focus stays. */
export function useNearWeeks(
  ref: RefObject<HTMLTableElement | null>,
  count: number,
  long: boolean,
): NearWeeks {
  const [range, setRange] = useState<NearWeeks>([0, FIRST_WEEKS]);
  const some = long && count > WHOLE_WEEKS;
  useEffect(() => {
    const table = ref.current;
    if (!table || !some) return undefined;
    const seen = new Set<number>();
    const draw = () => setRange(ALL);
    const observer = new IntersectionObserver(
      (entries) => {
        for (const { target, isIntersecting } of entries) {
          const week = (target as HTMLTableCellElement).cellIndex - 1;
          if (isIntersecting) seen.add(week);
          else seen.delete(week);
        }
        if (seen.size === 0) return;
        const held = table.contains(document.activeElement) ? document.activeElement?.closest("td") : null;
        const weeks = held ? [...seen, held.cellIndex - 1] : [...seen];
        const [from, to] = [Math.min(...weeks), Math.max(...weeks) + 1];
        setRange((was) => (was[0] === from && was[1] === to ? was : [from, to]));
      },
      { root: scrollerOf(table), rootMargin: `${ANY_HEIGHT}px ${MARGIN}px` },
    );
    for (const head of [...(table.tHead?.rows[0]?.cells ?? [])].slice(1)) observer.observe(head);
    unprinted.add(draw);
    return () => {
      observer.disconnect();
      unprinted.delete(draw);
    };
  }, [ref, count, some]);
  return some ? range : ALL;
}
