import { t } from "../../../ui/words";
import { SlidersHorizontal, Trash2 } from "lucide-react";
import { Link } from "react-router";
import type { Schemas } from "../../../api/client";
import { minutes, shortDate, weekdays } from "../../../ui/format";
import { Of } from "../../../ui/Of";
import { Picture } from "../../../ui/pictures/Picture";
import { Picker } from "../../../ui/fields/Select";
import { KeptInput } from "./KeptInput";
import type { Opened } from "../keeping/opened";
import type { Save } from "../keeping/useBoard";

/** The name of a day, its weekday, and the way to its place and minutes. */
export function DayName({
  day,
  open,
  save,
}: {
  day: Schemas["DayView"];
  open: (what: Opened) => void;
  save: Save;
}) {
  const change = (name: string, weekday: number, refused?: () => void) => {
    if (name && (name !== day.name || weekday !== day.weekday))
      save([{ op: "change_day", day: day.id, name, weekday }], `${name}, ${weekdays[weekday]}`, refused);
    else refused?.();
  };
  return (
    <span className="flex items-center gap-1">
      <KeptInput
        aria-label={t("Name of the day, {{weekday}}", { weekday: weekdays[day.weekday] ?? "" })}
        value={day.name}
        place={`name ${day.id}`}
        maxLength={80}
        className="min-h-6 w-full min-w-0 bg-transparent font-semibold"
        keep={(name, refused) => change(name, day.weekday, refused)}
      />
      {day.top_up && <span className="text-sm font-normal text-soft">{t("optional")}</span>}
      {day.alone && <span className="text-sm font-normal text-soft">{t("alone")}</span>}
      <Picker
        quiet
        aria-label={t("Weekday of {{name}}", { name: day.name })}
        value={String(day.weekday)}
        className="font-normal text-soft"
        options={weekdays.map((name, index) => [String(index), name] as const)}
        choose={(weekday) => change(day.name, Number(weekday))}
      />
      <button
        type="button"
        aria-label={t("Place, minutes and more of {{name}}", { name: day.name })}
        className="grid size-6 shrink-0 place-items-center rounded text-soft hover:text-ink"
        onClick={() => open({ day: day.id })}
      >
        <SlidersHorizontal size={15} aria-hidden />
      </button>
      {day.groups.length === 0 && (
        <button
          type="button"
          aria-label={t("Take out {{name}}", { name: day.name })}
          className="grid size-6 shrink-0 place-items-center rounded text-soft hover:text-stop"
          onClick={() =>
            save([{ op: "remove_day", day: day.id }], t("{{name}} taken out", { name: day.name }))
          }
        >
          <Trash2 size={15} aria-hidden />
        </button>
      )}
    </span>
  );
}

/** The minutes of a day in a week against what there is, and the ways to fit it and to run it. */
export function DayTime({
  of,
  seconds,
  limit,
  floor,
  session,
  moved,
  compact,
  now,
  fit,
}: {
  /** Which day of which week. */
  of: string;
  seconds: number;
  limit: number;
  floor: string;
  session: Schemas["StartedSession"] | null;
  moved: Schemas["MovedView"] | null;
  compact: boolean;
  /** Whether it is this week. */
  now: boolean;
  fit: () => void;
}) {
  const needs = minutes(seconds);
  const over = needs > limit;
  const quiet = compact ? "opacity-0 group-hover/day:opacity-100 focus-visible:opacity-100" : "";
  // Over the minutes where the week is narrow, never over the next one.
  const link = `text-soft underline hover:text-ink ${compact ? "bg-sunk px-0.5" : ""}`;
  return (
    <span className={`flex items-center gap-x-2 ${compact ? "whitespace-nowrap" : "flex-wrap"}`}>
      <span className="shrink-0 group-data-narrow/board:hidden">
        <Picture says={null} width={40} height={8}>
          <rect width="40" height="8" fill="var(--color-line)" />
          <rect
            width={Math.min(40, (needs / limit) * 40)}
            height="8"
            fill={over ? "var(--color-caution)" : "var(--color-outline)"}
          />
        </Picture>
      </span>
      <span className={over ? "font-medium text-caution" : "text-soft"}>
        {t("{{needs}} of {{limit}} min", { needs, limit })}
        {over && (compact ? " ▲" : t(", too long"))}
        {over && compact && <span className="sr-only">{t(", too long")}</span>}
      </span>
      {seconds > 0 && !(moved && !moved.to) && (
        <span className={compact ? "absolute right-1 flex gap-1" : "ml-auto flex gap-2"}>
          <button type="button" className={`min-h-6 min-w-6 ${link} ${quiet}`} onClick={fit}>
            {t("fit")}
            <Of what={of} />
          </button>
          <Link
            to={session?.finished ? `/sessions/${session.id}` : floor}
            className={`inline-flex min-h-6 items-center ${link} ${now ? "" : quiet}`}
          >
            {session?.finished ? t("look back") : session ? t("carry on") : t("floor")}
            <Of what={of} />
          </Link>
        </span>
      )}
      {moved && (
        <span className={`text-caution ${compact ? "" : "w-full"}`}>
          {moved.to
            ? t("moved to {{to}}", { to: shortDate(moved.to) })
            : moved.into
              ? t("merged into {{into}}", { into: moved.into })
              : t("dropped")}
        </span>
      )}
    </span>
  );
}
