// The width of an element, as it changes.
import { useEffect, useRef, useState } from "react";

export function useRoom<T extends HTMLElement>() {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(0);
  useEffect(() => {
    if (!ref.current) return;
    const watch = new ResizeObserver(([entry]) => entry && setWidth(entry.contentRect.width));
    watch.observe(ref.current);
    return () => watch.disconnect();
  }, []);
  return { ref, width };
}
