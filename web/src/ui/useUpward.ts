import { useLayoutEffect, useRef, useState, type RefObject } from "react";

/** Whether what opens below a box has to open above it, because there is more room there. */
export function useUpward<T extends HTMLElement>(
  open: boolean,
  needs: number,
): readonly [RefObject<T | null>, boolean] {
  const ref = useRef<T>(null);
  const [upward, setUpward] = useState(false);
  useLayoutEffect(() => {
    const box = open ? ref.current?.getBoundingClientRect() : undefined;
    if (!box) return;
    const scroller = ref.current?.closest("[data-board-scroll]")?.getBoundingClientRect();
    const bottom = Math.min(scroller?.bottom ?? Infinity, window.innerHeight);
    const top = Math.max(scroller?.top ?? 0, 0);
    setUpward(bottom - box.bottom < needs && box.top - top > bottom - box.bottom);
  }, [open, needs]);
  return [ref, upward];
}
