import { t } from "../../ui/words";
import { useKept } from "../../ui/fields/useKept";
import { TextField } from "../../ui/fields/Input";
import { NotTaken } from "../../app/NotTaken";
import { query } from "../../api/query";
import { useAddress } from "../../app/useAddress";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useSyncExternalStore, type ReactNode } from "react";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { freshId } from "../../api/ids";
import { askAnew } from "../../api/changed";
import { keys } from "../../api/keys";
import { outbox } from "../../outbox/theOutbox";
import { Button } from "../../ui/Button";
import { count, longDate } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Waiting } from "../../ui/Waiting";
import { Row } from "../floor/pad/Row";
import { DoneLine } from "./DoneLine";

const EFFORTS = Array.from({ length: 11 }, (_, n) => [n, `${n}`] as const);

/** The session once it was run: planned against done, how hard it was, what to praise, what to note for next time. */
export function SummaryView() {
  const { sessionId } = useAddress();
  const queries = useQueryClient();
  const summary = useQuery(query.summary(sessionId));
  const all = useSyncExternalStore(outbox.subscribe, outbox.waiting);
  const waiting = all.filter((entry) => entry.session === sessionId && entry.refused === undefined);
  useEffect(() => {
    void queries.invalidateQueries({ queryKey: keys.today });
    return outbox.onStored((entry) => {
      if (entry.session === sessionId) void askAnew(queries, keys.summary(sessionId));
    });
  }, [queries, sessionId]);
  const view = summary.data;
  if (!view)
    return waiting.length ? (
      <Message className="m-4">
        {t("{{taps}} of this session are on the way to the server. The summary comes when they are there.", {
          taps: count(waiting.length, "tap"),
        })}
      </Message>
    ) : (
      <Waiting error={summary.error} retry={() => void summary.refetch()} />
    );
  const post = (kind: "effort" | "note", id: string, path: string, body: unknown) =>
    void outbox.put({
      session: sessionId,
      id,
      kind,
      method: "POST",
      path: `/api/sessions/${sessionId}/${path}`,
      body,
    });
  const told = waiting.findLast((entry) => entry.kind === "effort")?.body as
    Schemas["EffortRequest"] | undefined;
  const notes = waiting
    .filter((entry) => entry.kind === "note")
    .map((entry) => entry.body as Schemas["NoteRequest"])
    .filter((note) => note.for_next)
    .map((note) => note.text);
  const effort = told?.effort ?? view.effort;
  const left = view.lines.filter((line) => line.state !== "done");
  const floor = `/floor/${view.program_id}/${view.week_id}/${view.day_id}`;
  return (
    <main id="main" className="mx-auto flex min-h-dvh max-w-3xl flex-col px-4 pt-3 pb-4">
      <p className="text-soft">
        {t("{{on}} · {{phase}}, week {{week}}", {
          on: longDate(view.on),
          phase: view.phase,
          week: view.week,
        })}
      </p>
      <h1 className="text-3xl leading-tight font-semibold tracking-tight">
        {view.client}, {view.day}
      </h1>
      <NotTaken />
      <Minutes view={view} />
      {waiting.length > 0 && (
        <Message className="mt-2">
          {t("{{taps}} on the way to the server.", { taps: count(waiting.length, "tap") })}
        </Message>
      )}
      <section aria-label={t("How hard was it")} className="mt-3">
        <h2 className="font-semibold">{t("How hard was the whole session? 0 rest, 10 the hardest ever")}</h2>
        <Row
          label={t("Effort")}
          options={EFFORTS}
          chosen={effort}
          choose={(value) => value !== null && post("effort", freshId(), "effort", { effort: value })}
        />
        {view.load !== null && (
          <p className="mt-1 text-soft">
            {t("Session load {{load}}: effort", { load: view.load })} {view.effort} × {view.minutes}{" "}
            {t("min (Foster et al. 2001).")}
          </p>
        )}
      </section>
      {view.facts.length > 0 && (
        <Part title={t("Worth saying")}>
          <ul className="border-t border-line">
            {view.facts.map((fact) => (
              <li key={fact.text} className="border-b border-line py-1.5 text-lg">
                {fact.text}
              </li>
            ))}
          </ul>
        </Part>
      )}
      <Part
        title={
          left.length
            ? t("Planned and done, {{exercises}} unfinished", { exercises: count(left.length, "exercise") })
            : t("Planned and done")
        }
      >
        <ul className="border-t border-line">
          {view.lines.map((line) => (
            <DoneLine
              key={line.line}
              line={line}
              measured={view.measured.filter((one) => one.line === line.line)}
            />
          ))}
        </ul>
        <p className="mt-2 text-soft">
          {left.length > 0 && `${t("What is unfinished stays written as such.")} `}
          <Link className="inline-flex min-h-12 items-center underline" to={floor}>
            {t("Go back to the floor")}
          </Link>
        </p>
      </Part>
      {view.changes.some((change) => !change.undone) && (
        <Part title={t("Changed for the day")}>
          <ul className="list-disc pl-5">
            {view.changes
              .filter((change) => !change.undone)
              .map((change) => (
                <li key={change.id}>
                  {change.label} <span className="text-soft">{change.why}</span>
                </li>
              ))}
          </ul>
        </Part>
      )}
      {view.notes.length > 0 && (
        <Part title={t("Notes")}>
          {view.notes.map((note) => (
            <p key={note}>{note}</p>
          ))}
        </Part>
      )}
      <NextTime
        place={sessionId}
        said={[...view.for_next, ...notes]}
        keep={(text) => {
          const id = freshId();
          post("note", id, "notes", { id, line: "", text, for_next: true });
        }}
      />
      <div className="sticky bottom-0 mt-auto grid gap-2 bg-ground pt-3 sm:grid-cols-2">
        <Link
          to={`/sessions/${sessionId}`}
          data-main-action
          className="grid min-h-16 place-items-center rounded-lg bg-ember px-2 text-xl font-semibold text-on-ember hover:brightness-110"
        >
          {t("Decide what comes next")}
        </Link>
        <Link
          to="/"
          className="grid min-h-14 place-items-center rounded-lg border border-line-strong bg-raised px-2 text-lg hover:border-ink"
        >
          {t("Back to Today")}
        </Link>
      </div>
    </main>
  );
}

function Minutes({ view }: { view: Schemas["SessionSummary"] }) {
  if (view.minutes === null)
    return (
      <p className="mt-1 text-lg">
        {view.finished_at
          ? t("Written down afterwards, so without its minutes.")
          : t("Still open on the floor.")}
      </p>
    );
  const over = view.minutes - view.estimated_minutes;
  const against =
    over === 0
      ? t("as estimated")
      : t("{{over}} min {{more}} than estimated", { over: Math.abs(over), more: over > 0 ? "more" : "less" });
  return (
    <p className="mt-1 text-lg">
      <span className="font-semibold">{t("{{minutes}} min", { minutes: view.minutes })}</span>, {against}{" "}
      <span className="text-soft">
        {t("· the next estimates take {{client}}’s pace as {{pace}}", {
          client: view.client,
          pace: view.pace,
        })}
      </span>
    </p>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title} className="mt-5">
      <h2 className="mb-1 font-semibold">{title}</h2>
      {children}
    </section>
  );
}

function NextTime({ place, said, keep }: { place: string; said: string[]; keep: (text: string) => void }) {
  const [text, setText] = useKept(`next time ${place}`, "");
  return (
    <Part title={t("For next time")}>
      {said.map((note) => (
        <p key={note} className="border-l-2 border-line-strong pl-3">
          {note}
        </p>
      ))}
      <form
        className="mt-1 flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (text.trim()) keep(text.trim());
          setText("");
        }}
      >
        <div className="grow">
          <TextField
            label={t("Shown when this client’s next session is opened")}
            className="min-h-12"
            value={text}
            maxLength={1000}
            change={setText}
          />
        </div>
        <Button className="mb-1 min-h-12" type="submit" disabled={!text.trim()}>
          {t("Keep")}
        </Button>
      </form>
    </Part>
  );
}
