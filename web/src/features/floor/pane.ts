// One floor, or one of two side by side: which of them is at hand, and what it tells the other.
import { createContext, useContext, useEffect, useRef } from "react";

export interface Pane {
  /** Whether keys go to it. */
  active: boolean;
  /** Whether another floor stands beside it, and then whose this one is. */
  beside: boolean;
  who: string;
  /** A set was logged here: it is the other client's turn. */
  logged: () => void;
  /** What goes on here, in a few words; and whether anything is left to do by hand. */
  report: (who: string, words: string, waits: boolean) => void;
  /** Where to go once the session is finished. */
  afterwards: (session: string) => string;
}

const ALONE: Pane = {
  active: true,
  beside: false,
  who: "",
  logged: () => undefined,
  report: () => undefined,
  afterwards: (session) => `/sessions/${session}/summary`,
};

export const PaneContext = createContext<Pane>(ALONE);
export const usePane = () => useContext(PaneContext);

/** What a region is called: beside another floor with the client's name, so that the two can be told apart. */
export function useNamed(): (label: string) => string {
  const { who } = usePane();
  return (label) => (who ? `${label}, ${who}` : label);
}

const LIES_OVER = "[role=dialog], [role=alertdialog], [role=menu], [role=listbox]";

/** Keys of the floor: those of the floor at hand, and none while a dialog or a menu lies over it. */
export function useFloorKeys(onKey: (event: KeyboardEvent) => void): void {
  const { active } = usePane();
  const latest = useRef(onKey);
  useEffect(() => {
    latest.current = onKey;
  });
  useEffect(() => {
    if (!active) return;
    const heard = (event: KeyboardEvent) => {
      if (!event.defaultPrevented && !document.querySelector(LIES_OVER)) latest.current(event);
    };
    window.addEventListener("keydown", heard);
    return () => window.removeEventListener("keydown", heard);
  }, [active]);
}
