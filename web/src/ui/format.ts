// Writing figures and dates; no rule lives here.
import type { Schemas } from "../api/client";
import { figure, locale, t } from "./words";

export { count } from "./words";

const dayMonth = new Intl.DateTimeFormat(locale, { day: "numeric", month: "short" });
const dayMonthYear = new Intl.DateTimeFormat(locale, { day: "numeric", month: "short", year: "numeric" });
const weekdayLong = new Intl.DateTimeFormat(locale, { weekday: "long", day: "numeric", month: "long" });

/** The days of a week as a head of a column, Monday first. */
export const weekdays = Array.from({ length: 7 }, (_, day) =>
  new Intl.DateTimeFormat(locale, { weekday: "short" }).format(new Date(2024, 0, 1 + day)),
);

const asDate = (iso: string) => new Date(iso.length === 10 ? `${iso}T12:00:00` : iso);

export const shortDate = (iso: string) => dayMonth.format(asDate(iso));

const MOST_OF_A_YEAR = 300 * 86_400_000;

/** How the days of a list are written: with the year where they span most of one, oldest first. */
export const writingDays = (days: readonly string[]) => {
  const [first, last] = [days[0], days.at(-1)];
  const long = first && last && asDate(last).getTime() - asDate(first).getTime() > MOST_OF_A_YEAR;
  return long ? fullDate : shortDate;
};
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
  asDate(iso).toLocaleTimeString(locale, { hour: "2-digit", minute: "2-digit" });
export const minutes = (seconds: number) => Math.round(seconds / 60);
export const load = (value: Schemas["Load"]) => `${figure(value.value)} ${value.unit}`;
/** A figure as one says it: 62.5, not 62.50. */
export const plain = (text: string | null) => (text === null ? "" : figure(text));

const LONG = 600;

/** A time that was worked: `40 s`, from ten minutes on `25 min` or `25:30 min`. */
export const duration = (seconds: number): string =>
  seconds < LONG
    ? `${seconds} s`
    : seconds % 60
      ? t("{{minutes}} min", { minutes: countdown(seconds) })
      : t("{{minutes}} min", { minutes: Math.floor(seconds / 60) });

/** A distance: `400 m`, `2.5 km`. */
export const distance = (metres: number): string =>
  metres >= 1000 && metres % 100 === 0
    ? t("{{distance}} km", { distance: figure(metres / 1000) })
    : `${metres} m`;

export function countdown(seconds: number): string {
  const left = Math.max(0, Math.ceil(seconds));
  return `${Math.floor(left / 60)}:${String(left % 60).padStart(2, "0")}`;
}
