// Writing figures and dates; no rule lives here.
import type { Schemas } from "../api/client";

const dayMonth = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short" });
const dayMonthYear = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short", year: "numeric" });
const weekdayLong = new Intl.DateTimeFormat("en-GB", { weekday: "long", day: "numeric", month: "long" });

export const weekdays = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"];

const asDate = (iso: string) => new Date(iso.length === 10 ? `${iso}T12:00:00` : iso);

export const shortDate = (iso: string) => dayMonth.format(asDate(iso));
export const longDate = (iso: string) => weekdayLong.format(asDate(iso));
export const fullDate = (iso: string) => dayMonthYear.format(asDate(iso));

/** Today's date where the trainer is, as the server writes dates. */
export const today = () => {
  const now = new Date();
  return [now.getFullYear(), now.getMonth() + 1, now.getDate()]
    .map((n) => String(n).padStart(2, "0"))
    .join("-");
};

export const clock = (iso: string) =>
  asDate(iso).toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });
export const minutes = (seconds: number) => Math.round(seconds / 60);
export const load = (value: Schemas["Load"]) => `${value.value} ${value.unit}`;
/** A figure as one says it: 62.5, not 62.50. */
export const plain = (figure: string | null) => (figure === null ? "" : String(Number(figure)));
export const count = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`;

const LONG = 600;

/** A time that was worked: `40 s`, from ten minutes on `25 min` or `25:30 min`. */
export const duration = (seconds: number): string =>
  seconds < LONG
    ? `${seconds} s`
    : seconds % 60
      ? `${countdown(seconds)} min`
      : `${Math.floor(seconds / 60)} min`;

/** A distance: `400 m`, `2.5 km`. */
export const distance = (metres: number): string =>
  metres >= 1000 && metres % 100 === 0 ? `${metres / 1000} km` : `${metres} m`;

export function countdown(seconds: number): string {
  const left = Math.max(0, Math.ceil(seconds));
  return `${Math.floor(left / 60)}:${String(left % 60).padStart(2, "0")}`;
}
