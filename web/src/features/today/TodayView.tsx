import { named, t } from "../../ui/words";
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
import { FirstFew } from "../../ui/FirstFew";
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
        {/* On a telephone it lies below: laid out when it comes into sight. */}
        <section
          aria-labelledby="waiting"
          className="-mx-2 px-2 max-lg:[contain-intrinsic-size:auto_60rem] max-lg:[content-visibility:auto] lg:col-start-2 lg:row-span-2 lg:row-start-1"
        >
          <h2 id="waiting" className="mb-1 font-semibold">
            {t("Waiting for your decision")}
          </h2>
          {waiting.length ? (
            <FirstFew of={waiting}>
              {(entry) => (
                <li key={entry.session_id} className="border-b border-line">
                  <Link
                    to={`/sessions/${entry.session_id}`}
                    className="flex items-baseline gap-3 py-3 hover:bg-sunk"
                  >
                    <span dir="auto" className="max-w-[45%] shrink-0 font-medium break-words">
                      {entry.client}
                    </span>
                    <span className="text-soft">
                      {entry.day}, {shortDate(entry.on)}
                    </span>
                    <span className="ml-auto font-medium text-ember">
                      {count(entry.undecided, "exercise")}
                    </span>
                  </Link>
                </li>
              )}
            </FirstFew>
          ) : (
            <p className="border-t border-line pt-3 text-soft">
              {t("Every proposal of the last two weeks is decided.")}
            </p>
          )}
          {home.length > 0 && (
            <>
              <h2 className="mt-8 mb-1 font-semibold">{t("Work at home")}</h2>
              <FirstFew of={home}>
                {(one) => <HomeRow key={`${one.client_id}${one.day}${one.on}${one.news}`} one={one} />}
              </FirstFew>
            </>
          )}
          {notices.length > 0 && (
            <>
              <h2 className="mt-8 mb-1 font-semibold">{t("Wants a look")}</h2>
              <FirstFew of={notices}>
                {(notice) => <NoticeRow key={notice.client_id} notice={notice} />}
              </FirstFew>
            </>
          )}
          {dues.length > 0 && (
            <>
              <h2 className="mt-8 mb-1 font-semibold">{t("Due")}</h2>
              <FirstFew of={dues}>
                {(due) => <DueRow key={`${due.kind}${due.client_id}${due.name}`} due={due} />}
              </FirstFew>
            </>
          )}
          <h2 className="mt-8 mb-1 font-semibold">
            {t("Clients")}{" "}
            <Link to="/clients" className="font-normal text-soft underline hover:text-ink">
              {t("all {{clients}}", { clients: clients.length })}
            </Link>
          </h2>
          <ul className="border-t border-line">
            {near(clients).map((client) => (
              <li key={client.client_id} className="flex items-baseline gap-3 border-b border-line py-2">
                <Link
                  to={`/clients/${client.client_id}`}
                  dir="auto"
                  className="max-w-[55%] shrink-0 font-medium break-words hover:underline"
                >
                  {client.client}
                </Link>
                {client.program_id && (
                  <Link
                    to={`/programs/${client.program_id}`}
                    className="inline-flex min-h-6 items-center text-soft underline hover:text-ink"
                  >
                    {t("Program")}
                    <span className="sr-only"> {t("of {{client}}", { client: client.client })}</span>
                  </Link>
                )}
                <span className="ml-auto text-right text-sm text-soft">
                  {client.next_on
                    ? t("next {{next_on}}", { next_on: shortDate(client.next_on) })
                    : t("nothing planned")}
                </span>
              </li>
            ))}
          </ul>
        </section>
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

/** A client who falls behind or a lift that stands still, with its line of evidence. */
function NoticeRow({ notice }: { notice: Schemas["ClientNotice"] }) {
  const to = notice.exercise
    ? `/clients/${notice.client_id}/progress?exercise=${notice.exercise}`
    : `/programs/${notice.program_id}/calendar`;
  return (
    <li className="border-b border-line">
      <Link to={to} className="flex items-baseline gap-3 py-2 hover:bg-sunk">
        <span dir="auto" className="max-w-[45%] shrink-0 font-medium break-words">
          {notice.client}
        </span>
        <span className="min-w-0 text-soft">{notice.text}</span>
        <span className="ml-auto text-right text-sm whitespace-nowrap text-caution">
          {named(notice.trouble)}
        </span>
      </Link>
    </li>
  );
}

function DueRow({ due }: { due: Schemas["DueToday"] }) {
  const retest = due.kind === "re-test";
  const ends = due.kind === "program ends";
  const to = ends
    ? `/programs/${due.program_id}/outcome`
    : `/clients/${due.client_id}/${retest ? "tests" : "health"}`;
  const late =
    due.late > 0
      ? t("{{days}} late", { days: count(due.late, "day") })
      : due.late === 0
        ? "today"
        : t("in {{days}}", { days: count(-due.late, "day") });
  return (
    <li className="border-b border-line">
      <Link to={to} className="flex items-baseline gap-3 py-2 hover:bg-sunk">
        <span dir="auto" className="max-w-[45%] shrink-0 font-medium break-words">
          {due.client}
        </span>
        <span className="min-w-0 text-soft">
          {retest
            ? t("{{name}}, last {{text}}", { name: due.name, text: due.text.replace("Last on ", "") })
            : ends
              ? `${due.name}. ${due.text}`
              : due.text}
        </span>
        <span
          className={`ml-auto text-right text-sm whitespace-nowrap ${due.kind === "clearance" ? "text-stop" : due.late >= 0 ? "text-caution" : "text-soft"}`}
        >
          {due.kind === "clearance" || ends ? due.kind : due.on ? `${due.kind} ${late}` : due.kind}
        </span>
      </Link>
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

/** Clients shown on Today: the next to come. */
const NEAR = 15;

function near(clients: readonly Schemas["ClientToday"][]): Schemas["ClientToday"][] {
  return [...clients]
    .sort((one, other) => (one.next_on ?? "9").localeCompare(other.next_on ?? "9"))
    .slice(0, NEAR);
}

/** A day done alone: what came back of it, or that nothing did. */
function HomeRow({ one }: { one: Schemas["HomeToday"] }) {
  return (
    <li className="border-b border-line">
      <Link to={`/clients/${one.client_id}/home`} className="flex items-baseline gap-3 py-2.5 hover:bg-sunk">
        <span dir="auto" className="max-w-[45%] shrink-0 font-medium break-words">
          {one.client}
        </span>
        <span className="min-w-0 text-soft">
          {one.day}, {shortDate(one.on)}
          {one.note && <span className="block truncate text-ink">{one.note}</span>}
        </span>
        <span
          className={`ml-auto text-right whitespace-nowrap ${one.news === "not back" ? "text-soft" : "font-medium text-ember"}`}
        >
          {named(one.news)}
        </span>
      </Link>
    </li>
  );
}
