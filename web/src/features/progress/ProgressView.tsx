import { t } from "../../ui/words";
import { query } from "../../api/query";
import type { ExerciseId } from "../../api/ids";
import { useAddress } from "../../app/useAddress";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useSearchParams } from "react-router";
import { type Schemas } from "../../api/client";
import { countdown, distance, fullDate, shortDate, writingDays } from "../../ui/format";
import { SetBlocks } from "../../ui/pictures/SetBlocks";
import { Part, Waiting } from "../../ui/Waiting";
import { Overview } from "./Overview";
import { PaceChart } from "./PaceChart";
import { StrengthChart } from "./StrengthChart";

/** A client's progress as a whole, or one exercise through time: sets done, estimated maximum, planned against done. */
export function ProgressView() {
  const { clientId } = useAddress();
  const [search, setSearch] = useSearchParams();
  const exercise = search.get("exercise") as ExerciseId | null;
  const [chosen, setChosen] = useState<string | null>(null);
  const progress = useQuery(query.progress(clientId, exercise, search.has("whole")));
  const view = progress.data;
  if (!view) return <Waiting shape="pictures" error={progress.error} retry={() => void progress.refetch()} />;
  const session = view.sessions.find((entry) => entry.id === chosen) ?? view.sessions.at(-1);
  return (
    <div className="mx-auto grid max-w-7xl grid-cols-[minmax(0,1fr)] gap-8 px-4 py-6 lg:grid-cols-[13rem_minmax(0,1fr)]">
      <nav aria-label={t("Exercises done")}>
        <h2 className="mb-1 font-semibold">
          <Link to={`/clients/${view.client_id}`} className="hover:underline">
            {view.client}
          </Link>
        </h2>
        <ul className="border-t border-line max-lg:flex max-lg:overflow-x-auto">
          <li className="border-b border-line">
            <button
              type="button"
              aria-current={exercise ? undefined : "true"}
              data-main-action
              onClick={() => setSearch({})}
              className="w-full px-1 py-1.5 text-left whitespace-nowrap hover:bg-sunk aria-[current]:font-semibold"
            >
              {t("As a whole")}
            </button>
          </li>
          {view.exercises.map((entry) => (
            <li key={entry.id} className="border-b border-line">
              <button
                type="button"
                aria-current={exercise && entry.id === view.exercise_id ? "true" : undefined}
                onClick={() => setSearch({ exercise: entry.id })}
                className="flex w-full justify-between gap-2 px-1 py-1.5 text-left whitespace-nowrap hover:bg-sunk aria-[current]:font-semibold"
              >
                {entry.name}
                <span className="text-soft">{entry.sessions}</span>
              </button>
            </li>
          ))}
        </ul>
        <Link
          to={`/clients/${view.client_id}/past-sessions`}
          className="mt-2 inline-block text-sm text-soft underline hover:text-ink"
        >
          {t("Bring in past sessions")}
        </Link>
        <Link
          to={`/clients/${view.client_id}/report`}
          className="mt-2 block text-sm text-soft underline hover:text-ink"
        >
          {t("A report to hand over")}
        </Link>
        <a
          download
          href={`/api/clients/${view.client_id}/log.csv`}
          className="mt-2 block text-sm text-soft underline hover:text-ink"
        >
          {t("All sets as CSV")}
        </a>
      </nav>
      <div className="min-w-0">
        {!exercise && <Overview clientId={clientId} />}
        {exercise && (
          <>
            <h1 className="text-2xl font-semibold tracking-tight">
              {view.exercise || t("Nothing logged yet")}
            </h1>
            {view.sessions.length === 0 ? (
              <p className="mt-2 text-soft">
                {t("Log a session on the floor and its sets will stand here, or bring in past sessions.")}
              </p>
            ) : (
              <>
                {view.strength && <OverTime strength={view.strength} unit={view.unit} />}
                <StrengthChart view={view} chosen={session?.id ?? null} choose={setChosen} />
                {view.earlier > 0 && (
                  <p className="mt-1 text-sm text-soft">
                    {t("The newest {{shown}} of {{all}} sessions.", {
                      shown: view.sessions.length,
                      all: view.sessions.length + view.earlier,
                    })}{" "}
                    <button
                      type="button"
                      onClick={() => setSearch({ exercise, whole: "" })}
                      className="underline hover:text-ink"
                    >
                      {t("Show them all")}
                    </button>
                  </p>
                )}
                <PaceChart view={view} />
                {session && <Decided decisions={view.decisions.filter((one) => one.on === session.on)} />}
                {session && view.exercise_id && (
                  <SessionDetail session={session} exercise={view.exercise_id} view={view} />
                )}
                <Tested tests={view.tests} unit={view.unit} />
                <SessionTable view={view} />
              </>
            )}
          </>
        )}
      </div>
    </div>
  );
}

/** The estimate over all sessions, with what it does not know. */
function OverTime({
  strength,
  unit,
}: {
  strength: NonNullable<Schemas["ProgressView"]["strength"]>;
  unit: Schemas["Unit"];
}) {
  const signed = (figure: number) => `${figure > 0 ? "+" : ""}${figure.toFixed(1)} %`;
  return (
    <details className="mt-1">
      <summary className="cursor-pointer text-lg">
        <span className="font-semibold">
          {strength.value} {unit}
        </span>{" "}
        <span className="text-soft">
          {t("estimated max over time, {{low}} to {{high}}  {{unit}} · {{trend}} a week, {{way}}", {
            low: strength.low,
            high: strength.high,
            unit,
            trend: signed(strength.trend),
            way: strength.way,
          })}
        </span>
      </summary>
      <p className="mt-1 max-w-3xl text-sm text-soft">
        {t(
          "From all clean sets, each weighed by how far its repetitions and reserve can be trusted; the interval holds the truth 19 times of 20. The trend lies between {{trend_low}} and {{trend_high}} a week.",
          { trend_low: signed(strength.trend_low), trend_high: signed(strength.trend_high) },
        )}{" "}
        {strength.told_by > 0 &&
          t(
            "The load falls {{steepness}} times as fast with the repetitions as published, told by {{told_by}} sets of this pattern.",
            { steepness: strength.steepness.toFixed(2), told_by: strength.told_by },
          )}{" "}
        {t(
          "The line in the chart is the best set of each day; the dashed line with its band is this estimate.",
        )}
      </p>
    </details>
  );
}

/** What was decided after the session that is looked at. */
function Decided({ decisions }: { decisions: Schemas["DecisionMark"][] }) {
  return decisions.map((one) => (
    <p key={one.on + one.taken} className="mt-2 text-sm">
      <span aria-hidden className="text-ember">
        ▲{" "}
      </span>
      <span className="inline-block font-medium first-letter:uppercase">{one.verdict}</span>
      {one.taken && `: ${one.taken}.`} <span className="text-soft">{one.rule}</span>
    </p>
  ));
}

function SessionDetail({
  session,
  exercise,
  view: { client_id, newest, unit, with_body },
}: {
  session: Schemas["SessionPoint"];
  exercise: ExerciseId;
  view: Schemas["ProgressView"];
}) {
  // The newest comes with the view; any other is asked for as it is looked at.
  const known = session.id === newest?.id ? newest : undefined;
  const asked = useQuery({
    ...query.sessionDetail(client_id, exercise, session.id),
    enabled: !known,
  });
  const detail = known ?? asked.data;
  return (
    <section
      className="mt-4 border-t border-line pt-3"
      aria-label={t("Session of {{on}}", { on: fullDate(session.on) })}
    >
      <h2 className="font-semibold">{fullDate(session.on)}</h2>
      <div className="mt-2 flex flex-wrap items-end gap-x-10 gap-y-3">
        <div>
          <Part of={{ ...asked, data: detail }} lines={1}>
            {({ blocks }) => (
              <SetBlocks
                size="small"
                blocks={blocks}
                label={t("planned {{planned}}", { planned: session.planned })}
              />
            )}
          </Part>
          <p className="mt-1 text-sm text-soft">
            {t("Planned {{more}}", { more: session.planned || t("nothing") })}
          </p>
          <p className="text-sm">{t("Done {{sets}}", { sets: together(session.sets) })}</p>
        </div>
        <dl className="flex flex-wrap gap-x-6 gap-y-1">
          {session.metres ? (
            <Way metres={session.metres} pace={session.pace} />
          ) : (
            <div>
              <dt className="text-sm text-soft">{t("Estimated max, house")}</dt>
              <dd className="text-xl font-semibold">
                {session.estimate ? `${session.estimate} ${unit}` : t("none")}
              </dd>
            </div>
          )}
          {detail?.formulas.map((entry) => (
            <div key={entry.formula}>
              <dt className="text-sm text-soft">{entry.formula}</dt>
              <dd className="text-xl">{entry.value ?? "–"}</dd>
            </div>
          ))}
        </dl>
      </div>
      {!session.metres && (
        <p className="mt-2 text-sm text-soft">
          {t(
            "From the best set of the day: repetitions done plus repetitions left, two assumed where nobody said. House is the mean of Epley and Brzycki to 10 repetitions, Epley alone from 15; above 20 there is no estimate.",
          )}
          {with_body && ` ${t("Loads include the body weight that moves.")}`}
        </p>
      )}
    </section>
  );
}

/** How far and how fast. */
function Way({ metres, pace }: { metres: number; pace: number | null | undefined }) {
  return (
    <>
      <div>
        <dt className="text-sm text-soft">{t("Covered")}</dt>
        <dd className="text-xl font-semibold">{distance(metres)}</dd>
      </div>
      <div>
        <dt className="text-sm text-soft">{t("Pace, min a km")}</dt>
        <dd className="text-xl font-semibold">{pace ? countdown(pace) : t("not taken")}</dd>
      </div>
    </>
  );
}

/** Sets at the same load written together: 8, 8, 7 with 60 kg, left 2, 2, 1. */
function together(sets: Schemas["SetPoint"][]): string {
  const loads = [...new Set(sets.map((set) => set.load))];
  return loads
    .map((load) => {
      const mine = sets.filter((set) => set.load === load);
      const amounts = mine.map((set) => set.reps ?? set.amount).join(", ");
      const left = mine.some((set) => set.reserve !== null)
        ? `, left ${mine.map((set) => set.reserve ?? "?").join(", ")}`
        : "";
      return `${amounts}${load ? ` ${t("with {{load}}", { load })}` : ""}${left}`;
    })
    .join(" · ");
}

/** The tests of this exercise with a load, in figures. */
function Tested({ tests, unit }: { tests: Schemas["TestMark"][]; unit: Schemas["Unit"] }) {
  if (tests.length === 0) return null;
  return (
    <p className="mt-4">
      <span className="font-semibold">{t("Tested:")}</span>{" "}
      {tests
        .map((test) => `${shortDate(test.on)} ${test.words}${test.value ? `, ${test.value} ${unit}` : ""}`)
        .join(" · ")}
    </p>
  );
}

function SessionTable({ view }: { view: Schemas["ProgressView"] }) {
  const overTime = new Map((view.strength?.path ?? []).map((point) => [point.on, point]));
  const far = view.sessions.some((session) => session.metres);
  const written = writingDays(view.sessions.map((session) => session.on));
  return (
    <table className="mt-6 w-full text-left">
      <caption className="mb-1 text-left font-semibold">{t("All sessions")}</caption>
      <thead>
        <tr className="border-b-2 border-ink text-sm">
          <th scope="col" className="py-1 font-medium">
            {t("Date")}
          </th>
          <th scope="col" className="font-medium">
            {t("Planned")}
          </th>
          <th scope="col" className="font-medium">
            {t("Done")}
          </th>
          <th scope="col" className="text-right font-medium whitespace-nowrap">
            {far ? t("Covered") : t("Best set, {{unit}}", { unit: view.unit })}
          </th>
          <th scope="col" className="pl-4 text-right font-medium whitespace-nowrap">
            {far ? t("Pace, min a km") : t("Over time, {{unit}}", { unit: view.unit })}
          </th>
        </tr>
      </thead>
      <tbody>
        {[...view.sessions].reverse().map((session) => (
          <tr key={session.id} className="border-b border-line align-top">
            <td className="py-1.5 pr-4 whitespace-nowrap">{written(session.on)}</td>
            <td className="py-1.5 pr-4 text-soft">{session.planned}</td>
            <td className="py-1.5 pr-4">{together(session.sets)}</td>
            <td className="py-1.5 text-right whitespace-nowrap">
              {session.metres ? distance(session.metres) : (session.estimate ?? "–")}
            </td>
            <td className="py-1.5 pl-4 text-right whitespace-nowrap">
              {session.pace ? countdown(session.pace) : (overTime.get(session.on)?.value ?? "–")}
              {overTime.has(session.on) && (
                <span className="block text-sm text-soft">
                  {overTime.get(session.on)?.low} {t("to")} {overTime.get(session.on)?.high}
                </span>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
