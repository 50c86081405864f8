// Which rows of a long board exist: those in view and a little beyond. Short boards are whole, and so is what is printed.
import { useEffect, useRef, useState, type RefObject } from "react";
import { flushSync } from "react-dom";

/** Rows up to which a board is drawn whole. */
export const WHOLE = 40;

/** Pixels beyond the view in which rows exist already. */
const MARGIN = 300;

type Seen = (near: boolean) => void;

const watched = new WeakMap<Element, Seen>();
const observers = new Map<Element | null, IntersectionObserver>();
const unprinted = new Set<() => void>();

if (typeof window !== "undefined")
  window.addEventListener("beforeprint", () => flushSync(() => unprinted.forEach((draw) => draw())));

function observerOf(element: Element): IntersectionObserver {
  const scroller = element.closest("[data-board-scroll]");
  const root = scroller && getComputedStyle(scroller).overflowY !== "visible" ? scroller : null;
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
