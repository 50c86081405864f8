import { useRoom } from "../../ui/useRoom";

/** The room a lift's chart is drawn in: pixels, so that its letters are as large on a phone as at the desk. */
export interface ChartRoom {
  width: number;
  height: number;
  left: number;
  right: number;
  top: number;
  bottom: number;
  /** Narrow marks and few days, where there is little room. */
  narrow: boolean;
  /** How many days are written under it. */
  days: number;
}

const WIDEST = 960;
const NARROWEST = 320;
const NARROW = 560;
const PAGE_EDGES = 32;
const DAY_TAKES = 86;

function roomIn(width: number): ChartRoom {
  const within = Math.round(Math.min(WIDEST, Math.max(NARROWEST, width)));
  const narrow = within < NARROW;
  const [left, right] = narrow ? [40, 106] : [52, 132];
  const days = Math.max(2, Math.round((within - left - right) / DAY_TAKES));
  return {
    width: within,
    height: narrow ? 280 : 320,
    left,
    right,
    top: narrow ? 30 : 18,
    bottom: 34,
    narrow,
    days,
  };
}

/** The room there is in an element; before it is measured, in the page. */
export function useChartRoom() {
  const { ref, width } = useRoom<HTMLElement>();
  return { ref, room: roomIn(width || document.documentElement.clientWidth - PAGE_EDGES) };
}

export const day = (iso: string) => new Date(`${iso}T12:00:00Z`);
