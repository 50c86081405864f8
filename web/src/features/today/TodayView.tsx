import { t } from "../../ui/words";
import { query } from "../../api/query";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { type Schemas } from "../../api/client";
import { count, longDate, minutes, shortDate } from "../../ui/format";
import type { ClientId } from "../../api/ids";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/fields/Choice";
import { useKept } from "../../ui/fields/useKept";
import { FirstDrawn } from "../../ui/FirstDrawn";
import { Beside } from "./Beside";
import { FirstSteps } from "./FirstSteps";
import { AfterwardsForm } from "../calendar/AfterwardsForm";
import { Waiting } from "../../ui/Waiting";

type Of = { client_id: ClientId };
type Whose = "mine" | "all";
const WHOSE = [
  ["mine", t("Mine")],
  ["all", t("Everybody’s")],
] as const;

/** Who comes today, what waits for a decision, who wants a look, what is due. */
export function TodayView() {
  const today = useQuery(query.today());
  const [whose, setWhose] = useKept<Whose>("today whose", "mine");
  if (!today.data) return <Waiting error={today.error} retry={() => void today.refetch()} />;
  if (today.data.clients.length === 0) return <FirstSteps on={longDate(today.data.on)} />;
  const mine = new Set(today.data.mine);
  const shared = mine.size < today.data.clients.length;
  const shown = shared && whose === "mine" ? (one: Of) => mine.has(one.client_id) : () => true;
  const { on } = today.data;
  const [sessions, not_logged] = [today.data.sessions.filter(shown), today.data.not_logged.filter(shown)];
  const [waiting, notices] = [today.data.waiting.filter(shown), today.data.notices.filter(shown)];
  const [dues, home] = [today.data.dues.filter(shown), today.data.home.filter(shown)];
  const clients = today.data.clients.filter(shown);
  return (
    <div className="mx-auto max-w-6xl px-4 py-6">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-2xl font-semibold tracking-tight">{longDate(on)}</h1>
        {shared && (
          <Choice label={t("Whose clients")} hideLabel value={whose} options={WHOSE} choose={setWhose} />
        )}
      </div>
      <div className="mt-5 grid gap-x-10 gap-y-8 lg:grid-cols-[3fr_2fr]">
        <section aria-labelledby="sessions">
          <h2 id="sessions" className="mb-1 font-semibold">
            {t("{{sessions}} today", { sessions: count(sessions.length, "session") })}
          </h2>
          {sessions.length ? (
            <ul className="border-t border-line">
              {sessions.map((session, index) => (
                <SessionRow key={session.session_id} session={session} first={index === 0} />
              ))}
            </ul>
          ) : (
            <p className="text-soft">
              {t("Nobody is planned for today. Open a client’s program to plan the next session.")}
            </p>
          )}
        </section>
        {not_logged.length > 0 && (
          <section aria-labelledby="not-logged" className="lg:col-start-1">
            <h2 id="not-logged" className="mb-1 font-semibold">
              {t("Planned these days and not logged")}
            </h2>
            <ul className="border-t border-line">
              {not_logged.map((session) => (
                <NotLoggedRow key={session.session_id} session={session} />
              ))}
            </ul>
          </section>
        )}
        <FirstDrawn>
          {() => <Beside waiting={waiting} home={home} notices={notices} dues={dues} clients={clients} />}
        </FirstDrawn>
      </div>
    </div>
  );
}

/** A session nobody logged: held after all, with two taps, or a matter for the calendar. */
function NotLoggedRow({ session }: { session: Schemas["TodaySession"] }) {
  const [open, setOpen] = useState(false);
  const { session_id, program_id, week_id, day_id } = session;
  return (
    <li className="border-b border-line py-2">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span dir="auto" className="max-w-[45%] shrink-0 font-medium break-words">
          {session.client}
        </span>
        <span className="text-soft">
          {session.day}, {shortDate(session.on)}
        </span>
        <span className="ml-auto flex gap-2">
          <Button aria-expanded={open} onClick={() => setOpen(!open)}>
            {t("It was held")}
            <span className="sr-only">
              : {session.client}, {session.day}
            </span>
          </Button>
          <Link
            to={`/programs/${program_id}/calendar`}
            className="inline-flex min-h-9 items-center px-2 underline hover:no-underline"
          >
            {t("It was not")}
            <span className="sr-only">
              : {session.client}, {session.day}
            </span>
          </Link>
        </span>
      </div>
      {open && (
        <div className="pt-3 pb-2">
          <AfterwardsForm session={{ session_id, program_id, week_id, day_id }} planned={session.on} />
        </div>
      )}
    </li>
  );
}

function SessionRow({ session, first }: { session: Schemas["TodaySession"]; first: boolean }) {
  const floor = `/floor/${session.program_id}/${session.week_id}/${session.day_id}`;
  const finished = session.state === "finished";
  const long = minutes(session.estimated_seconds) > session.minutes;
  return (
    <li className="flex items-center gap-4 border-b border-line py-3 max-sm:flex-wrap">
      <div className="min-w-0 max-sm:w-full">
        <Link
          to={`/clients/${session.client_id}`}
          dir="auto"
          className="text-lg font-semibold break-words hover:underline"
        >
          {session.client}
        </Link>
        <p className="text-soft">{t("{{day}}, week {{week}}", { day: session.day, week: session.week })}</p>
      </div>
      <p className="ml-auto text-right text-sm text-soft">
        {count(session.exercises, "exercise")}
        <br />
        <span className={long ? "font-medium text-caution" : ""}>
          {t("about {{estimated_seconds}} of {{minutes}} min", {
            estimated_seconds: minutes(session.estimated_seconds),
            minutes: session.minutes,
          })}
        </span>
      </p>
      {finished ? (
        <div className="grid w-36 shrink-0 gap-2 text-center">
          <Link
            to={`/sessions/${session.session_id}`}
            className="rounded-md border border-line-strong px-3 py-2 hover:border-ink"
          >
            {t("Look back")}
            <span className="sr-only">
              : {session.client}, {session.day}
            </span>
          </Link>
          <Link to={floor} className="py-1 text-sm text-soft underline hover:text-ink">
            {t("Open it again")}
            <span className="sr-only">
              : {session.client}, {session.day}
            </span>
          </Link>
        </div>
      ) : (
        <Link
          to={floor}
          className={`w-36 shrink-0 rounded-md px-3 py-3 text-center whitespace-nowrap ${first ? "bg-ember font-semibold text-on-ember hover:brightness-110" : "border border-line-strong bg-raised hover:border-ink"}`}
        >
          {session.state === "running" ? t("Carry on") : t("Open the floor")}
          <span className="sr-only">
            : {session.client}, {session.day}
          </span>
        </Link>
      )}
    </li>
  );
}
