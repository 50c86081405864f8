// What was just logged: for a moment no second tap counts, for some seconds it can be taken back from where one stands.
import { useEffect, useState } from "react";
import type { LineId } from "../../../api/ids";
import type { Spot } from "../floorState";

/** Milliseconds in which a second tap is the same finger bouncing. House rule. */
export const BOUNCE = 350;
/** Milliseconds for which the way back stays in sight. */
const IN_SIGHT = 8_000;

export interface JustLogged {
  line: LineId;
  spot: Spot;
  /** What it was, in words. */
  words: string;
}

export function useJustLogged() {
  const [just, setJust] = useState<JustLogged | null>(null);
  const [settling, setSettling] = useState(false);
  useEffect(() => {
    if (!just) return;
    const settled = setTimeout(() => setSettling(false), BOUNCE);
    const gone = setTimeout(() => setJust(null), IN_SIGHT);
    return () => {
      clearTimeout(settled);
      clearTimeout(gone);
    };
  }, [just]);
  return {
    just,
    settling,
    note: (logged: JustLogged) => {
      setSettling(true);
      setJust(logged);
    },
    forget: () => {
      setSettling(false);
      setJust(null);
    },
  };
}
