// What stands beside today's sessions, below them on a telephone: what waits, who wants a look, what is due, the clients.
import type { ReactNode } from "react";
import { Link } from "react-router";
import { type Schemas } from "../../api/client";
import { count, shortDate } from "../../ui/format";
import { FirstFew } from "../../ui/FirstFew";
import { named, t } from "../../ui/words";

type Shown = Pick<Schemas["TodayView"], "waiting" | "home" | "notices" | "dues" | "clients">;

export function Beside({ waiting, home, notices, dues, clients }: Shown) {
  return (
    <section aria-labelledby="waiting" className="lg:col-start-2 lg:row-span-2 lg:row-start-1">
      <h2 id="waiting" className="mb-1 font-semibold">
        {t("Waiting for your decision")}
      </h2>
      {waiting.length ? (
        <FirstFew of={waiting}>
          {(entry) => (
            <ClientRow
              key={entry.session_id}
              to={`/sessions/${entry.session_id}`}
              client={entry.client}
              says={`${entry.day}, ${shortDate(entry.on)}`}
              is={count(entry.undecided, "exercise")}
              tone="font-medium text-ember"
            />
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
          <FirstFew of={notices}>{(notice) => <NoticeRow key={notice.client_id} notice={notice} />}</FirstFew>
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
  );
}

/** A client who falls behind or a lift that stands still, with its line of evidence. */
function NoticeRow({ notice }: { notice: Schemas["ClientNotice"] }) {
  const to = notice.exercise
    ? `/clients/${notice.client_id}/progress?exercise=${notice.exercise}`
    : `/programs/${notice.program_id}/calendar`;
  return (
    <ClientRow
      to={to}
      client={notice.client}
      says={notice.text}
      is={named(notice.trouble)}
      tone="text-sm text-caution"
    />
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
  const says = retest
    ? t("{{name}}, last {{text}}", { name: due.name, text: due.text.replace("Last on ", "") })
    : ends
      ? `${due.name}. ${due.text}`
      : due.text;
  const colour = due.kind === "clearance" ? "text-stop" : due.late >= 0 ? "text-caution" : "text-soft";
  const plain = due.kind === "clearance" || ends || !due.on;
  return (
    <ClientRow
      to={to}
      client={due.client}
      says={says}
      is={plain ? due.kind : `${due.kind} ${late}`}
      tone={`text-sm ${colour}`}
    />
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
    <ClientRow
      to={`/clients/${one.client_id}/home`}
      client={one.client}
      says={
        <>
          {one.day}, {shortDate(one.on)}
          {one.note && <span className="block truncate text-ink">{one.note}</span>}
        </>
      }
      is={named(one.news)}
      tone={one.news === "not back" ? "text-soft" : "font-medium text-ember"}
    />
  );
}

interface Row {
  to: string;
  client: string;
  says: ReactNode;
  /** What it is, in a word or two. */
  is: string;
  /** How that is set. */
  tone: string;
}

/** A client, a few words, and what it is: one tap leads there. */
function ClientRow({ to, client, says, is, tone }: Row) {
  return (
    <li className="border-b border-line">
      <Link to={to} className="flex items-baseline gap-3 py-2.5 hover:bg-sunk">
        <span dir="auto" className="max-w-[45%] shrink-0 font-medium break-words">
          {client}
        </span>
        <span className="min-w-0 text-soft">{says}</span>
        <span className={`ml-auto text-right whitespace-nowrap ${tone}`}>{is}</span>
      </Link>
    </li>
  );
}
