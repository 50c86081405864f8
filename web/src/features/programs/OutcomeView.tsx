import { t } from "../../ui/words";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, Problem, type Schemas } from "../../api/client";
import { changed } from "../../api/changed";
import type { LineId } from "../../api/ids";
import { query } from "../../api/query";
import { useAddress } from "../../app/useAddress";
import { Button } from "../../ui/Button";
import { count, fullDate } from "../../ui/format";
import { Input } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { Tick } from "../../ui/Tick";
import { Waiting } from "../../ui/Waiting";
import { PairOf } from "./PairOf";

type Outcome = Schemas["OutcomeView"];

/** What came of a program, and the next one begun with what carries over. */
export function OutcomeView() {
  const { programId } = useAddress();
  const found = useQuery(query.outcome(programId));
  if (!found.data) return <Waiting shape="table" error={found.error} retry={() => void found.refetch()} />;
  const view = found.data;
  return (
    <div className="mx-auto max-w-6xl px-4 py-5">
      <h1 className="text-2xl font-semibold tracking-tight">
        {t("What came of")}{" "}
        <Link to={`/programs/${programId}`} className="hover:underline">
          {view.name}
        </Link>{" "}
        <span className="font-normal text-soft">{t("for")}</span>{" "}
        <Link to={`/clients/${view.client_id}/programs`} className="hover:underline">
          {view.client}
        </Link>
      </h1>
      <p className="text-soft">
        {t("{{start}} to {{fullDate}}", {
          start: fullDate(view.start),
          fullDate: fullDate(view.ended_on ?? view.end),
        })}
        {view.standing === "runs" && t(", still running")}
        {view.standing === "prepared" && t(", not begun yet")}
      </p>
      <ul className="mt-3 grid max-w-3xl gap-0.5 text-lg">
        {view.told.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
      <div className="mt-6 grid gap-x-10 gap-y-7 lg:grid-cols-[6fr_5fr]">
        <div className="grid content-start gap-7">
          <Phases view={view} />
          {view.lifts.length > 0 && <Lifts view={view} />}
          {view.tests.length > 0 && <Tests view={view} />}
        </div>
        {view.carried.length > 0 && <CarryOver view={view} />}
      </div>
    </div>
  );
}

const head = "py-1 text-left text-sm font-medium";

function Phases({ view }: { view: Outcome }) {
  return (
    <table className="w-full">
      <caption className="text-left text-lg font-semibold">{t("Planned and done")}</caption>
      <thead>
        <tr className="border-b-2 border-ink">
          <th scope="col" className={head}>
            {t("Phase")}
          </th>
          <th scope="col" className={`${head} w-36`}>
            {t("Sessions")}
          </th>
          <th scope="col" className={`${head} w-44`}>
            {t("Sets")}
          </th>
        </tr>
      </thead>
      <tbody>
        {view.phases.map((one) => (
          <tr key={one.name} className="border-b border-line align-top">
            <th scope="row" className="py-1.5 pr-3 text-left font-medium">
              {one.name} <span className="text-sm font-normal text-soft">{count(one.weeks, "week")}</span>
              {one.purpose && <span className="block text-sm font-normal text-soft">{one.purpose}</span>}
            </th>
            <td className="py-1.5">
              <PairOf done={one.held} planned={one.planned} />
            </td>
            <td className="py-1.5">
              <PairOf done={one.sets_done} planned={one.sets_planned} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const signed = (figure: number) => `${figure > 0 ? "+" : ""}${figure.toFixed(1)} %`;

function Lifts({ view }: { view: Outcome }) {
  return (
    <table className="w-full">
      <caption className="text-left text-lg font-semibold">
        {t("Strength")}{" "}
        <span className="text-base font-normal text-soft">
          {t("estimated max in {{unit}}", { unit: view.unit })}
        </span>
      </caption>
      <thead>
        <tr className="border-b-2 border-ink">
          <th scope="col" className={head}>
            {t("Exercise")}
          </th>
          <th scope="col" className={`${head} text-right`}>
            {t("As it began")}
          </th>
          <th scope="col" className={`${head} text-right`}>
            {t("At the end")}
          </th>
          <th scope="col" className={`${head} text-right`}>
            {t("Change")}
          </th>
        </tr>
      </thead>
      <tbody>
        {view.lifts.map((one) => (
          <tr key={one.exercise_id} className="border-b border-line">
            <th scope="row" className="py-1 text-left font-medium">
              <Link
                className="hover:underline"
                to={`/clients/${view.client_id}/progress?exercise=${one.exercise_id}`}
              >
                {one.exercise}
              </Link>{" "}
              <span className="text-sm font-normal text-soft">{one.held} ×</span>
            </th>
            <td className="text-right">{one.before}</td>
            <td className="text-right">
              {one.after}
              <span className="block text-sm text-soft">
                {t("{{low}} to {{high}}", { low: one.low, high: one.high })}
              </span>
            </td>
            <td
              className={`text-right ${one.clear ? (one.change > 0 ? "font-semibold text-done" : "font-semibold text-caution") : "text-soft"}`}
            >
              {signed(one.change)}
              <span className="block text-sm font-normal">
                {one.clear ? t("clear") : t("within a day’s form")}
              </span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Tests({ view }: { view: Outcome }) {
  return (
    <table className="w-full">
      <caption className="text-left text-lg font-semibold">{t("Tests")}</caption>
      <thead>
        <tr className="border-b-2 border-ink">
          <th scope="col" className={head}>
            {t("Test")}
          </th>
          <th scope="col" className={`${head} text-right`}>
            {t("First")}
          </th>
          <th scope="col" className={`${head} text-right`}>
            {t("Last")}
          </th>
          <th scope="col" className={`${head} pl-6`}>
            {t("That is")}
          </th>
        </tr>
      </thead>
      <tbody>
        {view.tests.map((one) => (
          <tr key={one.name} className="border-b border-line">
            <th scope="row" className="py-1 text-left font-medium">
              {one.name}
            </th>
            <td className="text-right">
              {one.first} {one.unit}
            </td>
            <td className="text-right">
              {one.last} {one.unit}
            </td>
            <td
              className={`pl-6 ${one.way === "better" ? "text-done" : one.way === "worse" ? "text-caution" : "text-soft"}`}
            >
              {one.words}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The lines that go on, each where it was built to; what is not ticked stays behind. */
function CarryOver({ view }: { view: Outcome }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [left, setLeft] = useState<ReadonlySet<LineId>>(
    () => new Set(view.carried.filter((one) => !one.on).map((one) => one.line)),
  );
  const [name, setName] = useState(t("{{name}}, next", { name: view.name }));
  const [start, setStart] = useState("");
  const begin = useMutation({
    mutationFn: () =>
      api.carryOn(view.client_id, {
        program: view.program_id,
        name: name.trim(),
        without: [...left],
        ...(start ? { start } : {}),
      }),
    onSuccess: async (board) => {
      await changed(queries, "client");
      void navigate(`/programs/${board.program_id}`);
    },
  });
  const days = [...new Set(view.carried.map((one) => one.day))];
  return (
    <section aria-labelledby="carry-over">
      <h2 id="carry-over" className="text-lg font-semibold">
        {t("What carries over")}
      </h2>
      <p className="text-soft">
        {t("The next program begins with the last phase where it was built to. Untick what stays behind.")}
      </p>
      {days.map((day) => (
        <fieldset key={day} className="mt-2 border-t border-line pt-1">
          <legend className="float-left w-full font-medium">{day}</legend>
          {view.carried
            .filter((one) => one.day === day)
            .map((one) => (
              <Tick
                key={one.line}
                className="clear-both"
                checked={!left.has(one.line)}
                set={(on) => {
                  const next = new Set(left);
                  if (on) next.delete(one.line);
                  else next.add(one.line);
                  setLeft(next);
                }}
              >
                <span>
                  {one.exercise} <span className="text-sm text-soft">{one.text || t("rested last")}</span>
                  {one.why && <span className="block text-sm text-caution">{one.why}</span>}
                </span>
              </Tick>
            ))}
        </fieldset>
      ))}
      {begin.error instanceof Problem && <Message tone="stop">{begin.error.message}</Message>}
      <form
        className="mt-4 flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim()) begin.mutate();
        }}
      >
        <label className="grid gap-1 text-sm font-medium">
          {t("Name")}
          <Input value={name} maxLength={80} change={setName} className="w-56" />
        </label>
        <label className="grid gap-1 text-sm font-medium">
          {t("Begins in the week of")}
          <Input sort="date" value={start} change={setStart} className="w-40" />
        </label>
        <Button type="submit" tone="act" data-main-action disabled={begin.isPending || !name.trim()}>
          {t("Begin the next")}
        </Button>
      </form>
      <p className="mt-1 text-sm text-soft">{t("Without a day: behind the last program that is planned.")}</p>
    </section>
  );
}
