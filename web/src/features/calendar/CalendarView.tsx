import { t } from "../../ui/words";
import { Input } from "../../ui/fields/Input";
import { query } from "../../api/query";
import { useAddress } from "../../app/useAddress";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Fragment, useState } from "react";
import { Link } from "react-router";
import { api, Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/keys";
import { keepChange } from "../board/keeping/keepChange";
import { AfterwardsForm } from "./AfterwardsForm";
import { PauseForm } from "./PauseForm";
import { Button } from "../../ui/Button";
import { count, longDate, shortDate, weekdays } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Of } from "../../ui/Of";
import { Sheet } from "../../ui/Sheet";
import { Waiting } from "../../ui/Waiting";

type Session = Schemas["CalendarSession"];

const tones: Record<string, string> = {
  done: "text-done",
  missed: "text-stop font-medium",
  moved: "text-caution",
  merged: "text-soft line-through",
  dropped: "text-soft line-through",
  planned: "",
  "before it began": "text-soft",
  optional: "text-soft",
};

/** A program on the calendar: a week a row; a missed session is moved, merged or dropped, with what that does. */
export function CalendarView() {
  const { programId } = useAddress();
  const [asked, setAsked] = useState<Session | null>(null);
  const found = useQuery(query.calendar(programId));
  if (!found.data) return <Waiting shape="table" error={found.error} retry={() => void found.refetch()} />;
  const view = found.data;
  const missed = view.sessions.filter((one) => one.state === "missed");
  const lately = missed.at(-1);
  return (
    <div className="mx-auto max-w-6xl px-4 py-5">
      <h1 className="text-2xl font-semibold tracking-tight">
        {t("Calendar")} <span className="font-normal text-soft">{t("of")}</span>{" "}
        <Link to={`/programs/${programId}`} className="hover:underline">
          {view.name}
        </Link>{" "}
        <span className="font-normal text-soft">{t("for {{client}}", { client: view.client })}</span>
      </h1>
      <p>
        <a
          download
          href={`/api/clients/${view.client_id}/calendar.ics`}
          className="inline-flex min-h-9 items-center underline"
        >
          {t("As a calendar file (.ics)")}
        </a>
      </p>
      {lately && (
        <p className="mt-1">
          {t("{{day}} of {{planned_for}} was not held.", {
            day: lately.day,
            planned_for: shortDate(lately.planned_for),
          })}{" "}
          <button type="button" className="font-medium underline" onClick={() => setAsked(lately)}>
            {t("What becomes of it?")}
          </button>
        </p>
      )}
      <div className="mt-4 overflow-x-auto" tabIndex={0} role="region" aria-label={t("Weeks")}>
        <table className="w-full min-w-[56rem] table-fixed border-collapse">
          <caption className="sr-only">
            {t("Sessions of {{name}} by week and day, for {{client}}", {
              name: view.name,
              client: view.client,
            })}
          </caption>
          <thead>
            <tr className="border-b-2 border-ink text-left text-sm">
              <th scope="col" className="w-40 py-1">
                {t("Week of")}
              </th>
              {weekdays.map((name) => (
                <th key={name} scope="col" className="px-1 py-1">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {view.rows.map(({ dates }) => {
              const monday = dates[0] ?? "";
              const first = view.sessions.find((one) => dates.includes(one.on));
              return (
                <Fragment key={monday}>
                  <WeeksOff of={view.weeks.find((one) => one.monday === monday)} />
                  <tr className="border-b border-line align-top">
                    <th scope="row" className="py-2 text-left font-normal">
                      {shortDate(monday)}
                      <span className="block text-sm text-soft">
                        {first?.phase}
                        {t(", week")} {first?.week}
                      </span>
                    </th>
                    {dates.map((on) => {
                      return (
                        <td key={on} className={`px-1 py-1.5 ${on === view.today ? "bg-ember-wash" : ""}`}>
                          {on === view.today && (
                            <span className="text-sm font-semibold text-ember">{t("today")}</span>
                          )}
                          {view.sessions
                            .filter((one) => one.on === on)
                            .map((one) => (
                              <button
                                key={one.week_id + one.day_id}
                                type="button"
                                onClick={() => setAsked(one)}
                                className="block min-h-8 w-full rounded border border-line-strong bg-raised px-1.5 py-1 text-left text-sm leading-tight hover:border-ink"
                              >
                                <span className={tones[one.state]}>{one.day}</span>
                                <Of what={longDate(one.on)} />
                                {one.state !== "planned" && (
                                  <span className="block text-soft">
                                    {one.state}
                                    {one.state === "moved" &&
                                      ` ${t("from {{planned_for}}", { planned_for: shortDate(one.planned_for) })}`}{" "}
                                    {one.reason}
                                  </span>
                                )}
                                {one.place && (
                                  <span className="block text-soft">
                                    {t("at {{place}}", { place: one.place })}
                                  </span>
                                )}
                              </button>
                            ))}
                        </td>
                      );
                    })}
                  </tr>
                </Fragment>
              );
            })}
          </tbody>
        </table>
      </div>
      <PauseForm view={view} />
      {asked && <WaysOutSheet view={view} session={asked} onClose={() => setAsked(null)} />}
    </div>
  );
}

/** The weeks without training before a week, where there are any. */
function WeeksOff({ of }: { of: Schemas["CalendarWeek"] | undefined }) {
  if (!of?.pause) return null;
  return (
    <tr className="border-b border-line bg-sunk">
      <th scope="row" className="py-1.5 text-left text-sm font-normal">
        {shortDate(of.pause_from)}
      </th>
      <td colSpan={7} className="px-1 text-soft">
        {t("{{weeks}} off{{more}}", {
          weeks: count(of.pause, "week"),
          more: of.pause_reason && `: ${of.pause_reason}`,
        })}
      </td>
    </tr>
  );
}

/** What can become of one session, best first. */
function WaysOutSheet({
  view,
  session,
  onClose,
}: {
  view: Schemas["CalendarView"];
  session: Session;
  onClose: () => void;
}) {
  const queries = useQueryClient();
  const [reason, setReason] = useState("");
  const { program_id: program } = view;
  const ways = useQuery(query.waysOut(program, session.week_id, session.day_id));
  const save = useMutation({
    mutationFn: ({ edits, words }: { edits: Schemas["EditsRequest"]["edits"]; words: string }) =>
      api.saveEdits(program, { base: view.revision, edits, reason: words }),
    onSuccess: async (change) => {
      keepChange(queries, program, change);
      await queries.invalidateQueries({ queryKey: keys.calendar(program) });
      await queries.invalidateQueries({ queryKey: keys.today });
      onClose();
    },
  });
  const words = (what: string) =>
    t("{{day}}, week {{week}}: {{what}}{{what2}}{{more}}", {
      day: session.day,
      week: session.week,
      what: what.charAt(0).toLowerCase(),
      what2: what.slice(1),
      more: reason ? `. ${reason}` : "",
    }).slice(0, 300);
  const past = session.on <= view.today && session.state !== "done";
  if (session.state === "done")
    return (
      <Sheet title={`${session.day}, ${longDate(session.on)}`} open onClose={onClose}>
        <p>{t("It was held. What is logged or corrected later still counts.")}</p>
        <p className="mt-3 flex flex-wrap gap-4">
          <Link className="inline-flex min-h-9 items-center underline" to={`/sessions/${session.session_id}`}>
            {t("Look back")}
          </Link>
          <Link
            className="inline-flex min-h-9 items-center underline"
            to={`/floor/${program}/${session.week_id}/${session.day_id}`}
          >
            {t("Open it again on the floor")}
          </Link>
        </p>
      </Sheet>
    );
  return (
    <Sheet title={`${session.day}, ${longDate(session.planned_for)}`} open onClose={onClose}>
      {past && (
        <section aria-label={t("It was held")} className="mb-5 border-b border-line pb-4">
          <h3 className="mb-2 font-semibold">{t("It was held")}</h3>
          <AfterwardsForm
            session={{
              session_id: session.session_id,
              program_id: program,
              week_id: session.week_id,
              day_id: session.day_id,
            }}
            planned={session.on}
          />
        </section>
      )}
      {past && <h3 className="mb-2 font-semibold">{t("It was not")}</h3>}
      {save.error instanceof Problem && <Message tone="stop">{save.error.message}</Message>}
      <label className="grid gap-1 text-sm font-medium">
        {t("Why, for the logbook")}
        <Input
          value={reason}
          maxLength={200}
          placeholder={t("client away, ill, room taken …")}
          change={setReason}
        />
      </label>
      <ul className="mt-3">
        {ways.data?.map((way) => (
          <li key={way.label} className="flex items-center gap-3 border-t border-line py-2">
            <span className="mr-auto">
              <span className="font-medium">{way.label}</span>
              <span className={`block text-sm ${way.clashes ? "text-caution" : "text-soft"}`}>
                {way.consequences.join("; ")}
              </span>
            </span>
            <Button
              disabled={save.isPending}
              aria-label={t("Do it: {{label}}", { label: way.label })}
              onClick={() => save.mutate({ edits: [{ ...way.edit, reason }], words: words(way.label) })}
            >
              {t("Do it")}
            </Button>
          </li>
        ))}
      </ul>
      {["moved", "merged", "dropped"].includes(session.state) && (
        <Button
          className="mt-2"
          onClick={() =>
            save.mutate({
              edits: [{ op: "hold_session", week: session.week_id, day: session.day_id }],
              words: words(t("Held as planned after all")),
            })
          }
        >
          {t("Hold it as planned after all")}
        </Button>
      )}
    </Sheet>
  );
}
