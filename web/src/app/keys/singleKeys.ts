// Shortcuts of one key alone can be switched off, for who speaks to the machine or brushes the keys; kept on this device.
import { useSyncExternalStore } from "react";

const KEPT = "single keys off";
const listeners = new Set<() => void>();

/** Whether shortcuts of one letter, figure or sign alone do something. */
export const singleKeys = (): boolean => localStorage.getItem(KEPT) === null;

export function setSingleKeys(on: boolean): void {
  if (on) localStorage.removeItem(KEPT);
  else localStorage.setItem(KEPT, "off");
  for (const listener of listeners) listener();
}

export function useSingleKeys(): boolean {
  return useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, singleKeys);
}
