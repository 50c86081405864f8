// How close the board is set: compact shows a week at a glance, roomy has more air; kept on this device.
import { useSyncExternalStore } from "react";

export type Density = "compact" | "roomy";

const KEY = "density";
const WIDE = "(min-width: 1024px)";
const listeners = new Set<() => void>();

/** What was chosen; before that compact at a desk, roomy where there is less room. */
function current(): Density {
  const kept = localStorage.getItem(KEY);
  if (kept === "compact" || kept === "roomy") return kept;
  return window.matchMedia(WIDE).matches ? "compact" : "roomy";
}

export function setDensity(density: Density): void {
  localStorage.setItem(KEY, density);
  for (const listener of listeners) listener();
}

export const otherDensity = (density: Density): Density => (density === "compact" ? "roomy" : "compact");

export function useDensity(): Density {
  return useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, current);
}
