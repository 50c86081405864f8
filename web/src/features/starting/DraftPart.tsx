import { t } from "../../ui/words";
import { keys } from "../../api/keys";
import { query } from "../../api/query";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Dices, Pin } from "lucide-react";
import { useState } from "react";
import { api, Problem, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Message } from "../../ui/Message";
import { Progress } from "../../ui/pictures/Progress";
import { Skeleton } from "../../ui/Waiting";
import { count, shortDate, weekdays } from "../../ui/format";
import { Input } from "../../ui/fields/Input";
import { WeeksField, weeksOf } from "./WeeksField";

const MOST = 26;
const FIRST_STEP = { doing: t("Reading the file"), share: 0 };

interface Wish {
  weeks?: number;
  start?: string;
  away: Schemas["AwayRequest"][];
  seed: number;
  pins: Record<string, string>;
  avoid: Record<string, string[]>;
}

/** A program drafted from the file alone: each choice with its reason; one exercise or day is rolled again, others pinned. */
export function DraftPart({
  client,
  begins,
  start,
  busy,
}: {
  client: Schemas["ClientView"];
  /** The day in whose week it begins; empty for the usual. */
  begins: string;
  start: (make: () => Promise<Schemas["BoardView"]>) => void;
  busy: boolean;
}) {
  const [weeks, setWeeks] = useState("");
  const [away, setAway] = useState<Record<string, string>>({});
  const [wish, want] = useState<Wish | null>(null);
  const [step, setStep] = useState(FIRST_STEP);
  const [before, setBefore] = useState<Wish | null>(null);
  const setWish = (next: Wish | null) => {
    setBefore(wish);
    setStep(FIRST_STEP);
    want(next);
  };
  const queries = useQueryClient();
  const found = useQuery(query.draft(client.id, wish, (doing, share) => setStep({ doing, share })));
  /** Stop drafting: what was drafted before stays. */
  const cancel = async () => {
    await queries.cancelQueries({ queryKey: keys.draft(client.id, wish) });
    setWish(before);
  };
  const draft = wish ? found.data : undefined;
  const number = weeks === "" ? undefined : weeksOf(weeks, MOST);
  const others = client.places.slice(1);
  const travels = others.map((place) => ({ place: place.id, weeks: weeksAway(away[place.id] ?? "") }));
  const unclear = number === null || travels.some((one) => one.weeks === null);
  const pinAll = (except: string[]) => {
    const pins: Record<string, string> = {};
    for (const line of draft?.days.flatMap((day) => day.lines) ?? [])
      if (line.slot && !except.includes(line.slot)) pins[line.slot] = line.exercise_id;
    return pins;
  };
  /** Roll some slots again: everything else stays, what stood in them does not come back. */
  const roll = (lines: Schemas["DraftLine"][]) => {
    if (!wish) return;
    const avoid = { ...wish.avoid };
    for (const line of lines) avoid[line.slot] = [...(avoid[line.slot] ?? []), line.exercise_id];
    setWish({ ...wish, pins: pinAll(lines.map((line) => line.slot)), avoid });
  };
  const pinned = (line: Schemas["DraftLine"]) => wish?.pins[line.slot] === line.exercise_id;
  const togglePin = (line: Schemas["DraftLine"]) => {
    if (!wish) return;
    const others = Object.entries(wish.pins).filter(([slot]) => slot !== line.slot);
    const own: [string, string][] = pinned(line) ? [] : [[line.slot, line.exercise_id]];
    setWish({ ...wish, pins: Object.fromEntries([...others, ...own]) });
  };
  return (
    <section aria-labelledby="draft">
      <h2 id="draft" className="text-lg font-semibold">
        {t("Draft for me")}
      </h2>
      <p className="text-soft">
        {t(
          "From the file: {{more}}, {{days_a_week}} days a week, {{minutes}} min, {{more2}}, fixed days, years, likes and dislikes, the usual place, health and joints as they stand, what was trained before. Each line has its reason; you decide.",
          {
            more: client.facts.aim || t("no goal yet"),
            days_a_week: client.facts.days_a_week,
            minutes: client.facts.minutes,
            more2: client.facts.training_age || t("level not said"),
          },
        )}
      </p>
      <form
        className="mt-2 flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (unclear) return;
          setWish({
            ...(number ? { weeks: number } : {}),
            ...(begins ? { start: begins } : {}),
            away: travels.flatMap(({ place, weeks: at }) => (at ?? []).map((week) => ({ week, place }))),
            seed: (wish?.seed ?? 0) + 1,
            pins: onlyPinned(wish),
            avoid: {},
          });
        }}
      >
        <WeeksField
          most={MOST}
          text={weeks}
          type={setWeeks}
          usual={client.facts.ready_by ? t("to the day") : "8"}
        />
        {others.map((place) => (
          <label key={place.id} className="grid gap-1 text-sm font-medium">
            {t("Weeks at {{name}}", { name: place.facts.name })}
            <Input
              value={away[place.id] ?? ""}
              placeholder={t("none, or 3, 7")}
              aria-invalid={weeksAway(away[place.id] ?? "") === null}
              change={(text) => setAway((was) => ({ ...was, [place.id]: text }))}
              className="w-36"
            />
          </label>
        ))}
        <Button type="submit" tone={wish ? "plain" : "act"} disabled={unclear || found.isFetching}>
          {wish ? t("Draft another") : t("Draft it")}
        </Button>
        {draft && (
          <Button
            tone="act"
            disabled={busy || found.isFetching}
            onClick={() =>
              wish &&
              start(async () => (await api.startFromDraft(client.id, { ...wish, pins: pinAll([]) })).board)
            }
          >
            {t("Start with this draft")}
          </Button>
        )}
      </form>
      {found.isFetching && (
        <div className="mt-3">
          <Progress doing={step.doing} share={step.share} cancel={() => void cancel()} />
          {!draft && (
            <div className="mt-4 grid gap-x-8 gap-y-5 lg:grid-cols-2" aria-hidden>
              {Array.from({ length: client.facts.days_a_week }, (_, day) => (
                <Skeleton key={day} lines={6} />
              ))}
            </div>
          )}
        </div>
      )}
      {found.error instanceof Problem && (
        <div className="mt-3">
          <Message tone="stop">{found.error.message}</Message>
        </div>
      )}
      {draft && (
        <div className="mt-3" aria-live="polite" aria-busy={found.isFetching}>
          {draft.relax.length > 0 && (
            <ul aria-label={t("What could not be kept")} className="mb-2 grid gap-0.5 text-caution">
              {draft.relax.map((sentence) => (
                <li key={sentence}>{sentence}</li>
              ))}
            </ul>
          )}
          <p>
            <span className="font-medium">
              {t("{{weeks}} from {{start}}.", {
                weeks: count(draft.weeks, "week"),
                start: shortDate(draft.start),
              })}
            </span>{" "}
            <span className="text-soft">
              {t("{{phases}}. The first week:", { phases: draft.phases.join(" → ") })}
            </span>
          </p>
          <div className="mt-2 grid gap-x-8 gap-y-5 lg:grid-cols-2">
            {draft.days.map((day) => (
              <section key={day.name + day.weekday} aria-label={day.name}>
                <div className="flex items-center justify-between border-b-2 border-ink">
                  <h3 className="font-semibold">
                    {day.name}{" "}
                    <span className="font-normal text-soft">
                      {weekdays[day.weekday]}
                      {t(", up to {{minutes}} of {{minutes2}} min", {
                        minutes: day.minutes,
                        minutes2: client.facts.minutes,
                      })}
                    </span>
                  </h3>
                  <Button
                    tone="quiet"
                    aria-label={t("Roll the day: {{name}}", { name: day.name })}
                    onClick={() => roll(day.lines.filter((line) => line.slot && !pinned(line)))}
                  >
                    <Dices size={16} aria-hidden /> {t("Roll the day")}
                  </Button>
                </div>
                <ul>
                  {day.lines.map((line) => (
                    <li
                      key={line.slot + line.exercise_id + line.text}
                      className="flex items-start gap-1 border-b border-line py-1"
                    >
                      <div className="mr-auto min-w-0">
                        <span className="font-medium">{line.exercise}</span>{" "}
                        <span className="text-soft">{line.text}</span>
                        {line.reason && <span className="block text-sm text-soft">{line.reason}</span>}
                      </div>
                      {line.slot && (
                        <>
                          <button
                            type="button"
                            aria-pressed={pinned(line)}
                            aria-label={t("Keep {{exercise}}", { exercise: line.exercise })}
                            className="rounded p-1.5 text-soft hover:text-ink aria-pressed:text-ember"
                            onClick={() => togglePin(line)}
                          >
                            <Pin size={16} aria-hidden fill={pinned(line) ? "currentColor" : "none"} />
                          </button>
                          <button
                            type="button"
                            aria-label={t("Roll {{exercise}} again", { exercise: line.exercise })}
                            className="rounded p-1.5 text-soft hover:text-ink"
                            onClick={() => roll([line])}
                          >
                            <Dices size={16} aria-hidden />
                          </button>
                        </>
                      )}
                    </li>
                  ))}
                </ul>
              </section>
            ))}
          </div>
        </div>
      )}
    </section>
  );
}

/** The weeks that were typed, as 3, 7; null where something else was. */
function weeksAway(text: string): number[] | null {
  const parts = text.split(/[\s,;]+/).filter(Boolean);
  const found = parts.map((part) => weeksOf(part, MOST));
  return found.every((week) => week !== null) ? found : null;
}

/** A fresh draft keeps what the trainer has pinned. */
const onlyPinned = (wish: Wish | null) => wish?.pins ?? {};
