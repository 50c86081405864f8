// What a view was opened for is drawn first; what lies below it on a telephone right after.
import { useDeferredValue, type ReactNode } from "react";

/** The width from which on it stands beside, and so is drawn at once. */
const BESIDE = "(min-width: 1024px)";

export function FirstDrawn({ children }: { children: () => ReactNode }) {
  return useDeferredValue(true, window.matchMedia(BESIDE).matches) ? children() : null;
}
