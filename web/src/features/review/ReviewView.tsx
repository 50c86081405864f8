import { t } from "../../ui/words";
import { query } from "../../api/query";
import { useAddress } from "../../app/useAddress";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState, useSyncExternalStore } from "react";
import { Link } from "react-router";
import { api, type Schemas } from "../../api/client";
import { freshId, shortId, type SessionId } from "../../api/ids";
import { askAnew, showAnswer } from "../../api/changed";
import { keys } from "../../api/keys";
import { outbox } from "../../outbox/theOutbox";
import { Button } from "../../ui/Button";
import { count, longDate } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Waiting } from "../../ui/Waiting";
import { LookFirst } from "../board/sheets/LookFirst";
import { ProposalRow } from "./ProposalRow";

/** After the session: what was done against the plan, and what to ask for next, line by line. */
export function ReviewView() {
  const { sessionId } = useAddress();
  const queries = useQueryClient();
  const review = useQuery(query.review(sessionId));
  const [looking, setLooking] = useState(false);
  const show = async (view: Schemas["ReviewView"]) => {
    await showAnswer(queries, keys.review(sessionId), view);
    void queries.invalidateQueries({ queryKey: keys.board(view.program_id) });
    void queries.invalidateQueries({ queryKey: keys.today });
  };
  const decide = useMutation({
    mutationFn: (decisions: Schemas["DecisionRequest"][]) => api.decide(sessionId, decisions),
    onSuccess: show,
    onError: () => void review.refetch(),
  });
  const lengthen = useMutation({
    mutationFn: () => api.addNextWeek(sessionId, shortId("w")),
    onSuccess: show,
  });
  const ease = useMutation({ mutationFn: () => api.makeEasier(sessionId), onSuccess: show });
  // What this device still has on the way belongs to the session: it is judged anew as it arrives.
  const all = useSyncExternalStore(outbox.subscribe, outbox.waiting);
  const waiting = all.filter((entry) => entry.session === sessionId && entry.refused === undefined).length;
  useEffect(
    () =>
      outbox.onStored((entry) => {
        if (entry.session === sessionId) void askAnew(queries, keys.review(sessionId));
      }),
    [queries, sessionId],
  );
  const view = review.data;
  if (!view) return <Waiting error={review.error} retry={() => void review.refetch()} />;
  const open = view.lines.filter((line) => line.proposal && !line.decision);
  const plain = open.filter((line) => line.plain);
  const homeless = open.some((line) => line.next_cell === null);
  const decision = (line: Schemas["ReviewLine"], verdict: Schemas["Verdict"], text = "", reason = "") => ({
    id: freshId(),
    line: line.line,
    verdict,
    text,
    seen: line.next_cell?.text ?? "",
    stations: line.stations.map((one) => ({ line: one.line, seen: one.now })),
    reason,
  });
  return (
    <div className="mx-auto max-w-6xl px-4 py-6">
      {waiting > 0 && (
        <Message tone="caution" className="mb-3">
          {t(
            "{{taps}} of this session are on the way to the server: what follows does not know of them yet.",
            { taps: count(waiting, "tap") },
          )}
        </Message>
      )}
      <div className="flex flex-wrap items-end gap-3">
        <div className="mr-auto">
          <h1 className="text-2xl font-semibold tracking-tight">
            {view.client}, {view.day}
          </h1>
          <p className="text-soft">
            {t("{{on}} · {{phase}}, week {{week}} · {{more}}, estimated {{estimated_minutes}} min", {
              on: longDate(view.on),
              phase: view.phase,
              week: view.week,
              more: view.minutes === null ? t("still open") : t("{{minutes}} min", { minutes: view.minutes }),
              estimated_minutes: view.estimated_minutes,
            })}
          </p>
        </div>
        <Link
          className="inline-flex min-h-9 items-center underline"
          to={`/floor/${view.program_id}/${view.week_id}/${view.day_id}`}
        >
          {view.finished ? t("Open it again") : t("Back to the floor")}
        </Link>
        <Link className="inline-flex min-h-9 items-center underline" to={`/programs/${view.program_id}`}>
          {t("Program")}
        </Link>
        {plain.length > 1 && !homeless && (
          <Button aria-expanded={looking} onClick={() => setLooking(!looking)}>
            {t("Look first")}
          </Button>
        )}
        {plain.length > 1 && !homeless && (
          <Button
            tone="act"
            disabled={decide.isPending}
            onClick={() => decide.mutate(plain.map((line) => decision(line, "accepted")))}
          >
            {plain.length === open.length
              ? t("Accept all {{open}}", { open: open.length })
              : t("Accept the {{plain}} plain ones", { plain: plain.length })}
          </Button>
        )}
      </div>
      {looking && plain.length > 1 && !homeless && (
        <LookAtAll session={sessionId} decisions={plain.map((line) => decision(line, "accepted"))} />
      )}
      {decide.error && (
        <Message tone="stop" className="mt-3">
          {decide.error.message}
        </Message>
      )}
      {homeless && (
        <Message tone="caution" className="mt-3">
          {t("The phase ends with this week, so there is nowhere to write what comes next.")}{" "}
          <Button className="ml-2" disabled={lengthen.isPending} onClick={() => lengthen.mutate()}>
            {t("Add a week")}
          </Button>
        </Message>
      )}
      {view.easier && (
        <Message
          tone={view.easier.kind === "due" ? "caution" : "plain"}
          className="mt-3 flex flex-wrap items-center gap-3"
        >
          <span className="mr-auto">{view.easier.why}</span>
          <Button disabled={ease.isPending} onClick={() => ease.mutate()}>
            {t("Ease off in week {{week}}", { week: view.easier.week })}
          </Button>
        </Message>
      )}
      {!view.finished && <Message className="mt-3">{t("This session is still open on the floor.")}</Message>}
      {view.notes.map((note, index) => (
        <p key={index} className="mt-3 border-l-2 border-line-strong pl-3">
          {note}
        </p>
      ))}
      {view.next_minutes && <Minutes next={view.next_minutes} usual={view.minutes_limit} />}
      <p className="mt-5 text-soft" role="status">
        {decide.isSuccess && <span className="text-ink">{wordsOf(decide.variables, view.lines)} </span>}
        {open.length ? toDecide(open.length, plain.length) : t("Everything is decided.")}
      </p>
      <ul className="mt-2 border-t border-line">
        {rowsOf(view.lines).map(([line, ...others]) => (
          <ProposalRow
            key={line.line}
            line={line}
            others={others}
            clientId={view.client_id}
            busy={decide.isPending}
            onDecide={(verdict, text, reason) => decide.mutate([decision(line, verdict, text, reason)])}
          />
        ))}
      </ul>
    </div>
  );
}

/** What the plan comes to with all of them accepted. */
function LookAtAll({ session, decisions }: { session: SessionId; decisions: Schemas["DecisionRequest"][] }) {
  const look = useQuery(query.lookAtDecisions(session, decisions));
  return (
    <div className="mt-3 max-w-4xl rounded bg-sunk p-3">
      <LookFirst of={look} />
    </div>
  );
}

/** What accepting all of it does to the day's minutes; asked about where it goes past what the day may take. */
function Minutes({ next, usual }: { next: Schemas["NextMinutes"]; usual: number }) {
  const limit = next.limit ?? usual;
  const over = next.then > limit;
  if (next.then <= next.now && !over) return null;
  return (
    <Message tone={over ? "caution" : "plain"} className="mt-3">
      {t("With all of it accepted, week {{week}} takes about {{then}} min instead of {{now}} min{{more}}", {
        week: next.week,
        then: next.then,
        now: next.now,
        more: over
          ? t(", more than the {{limit}} min there are: take less of it, or fit the day on the board.", {
              limit,
            })
          : ".",
      })}
    </Message>
  );
}

const VERDICTS: Record<Schemas["Verdict"], string> = {
  accepted: t("Accepted"),
  changed: t("Changed"),
  declined: t("Declined"),
};

/** What was just decided, for those who do not see the row change. */
function wordsOf(
  decided: readonly Schemas["DecisionRequest"][],
  lines: readonly Schemas["ReviewLine"][],
): string {
  const [first] = decided;
  if (!first) return "";
  const of = decided.map((one) => lines.find((line) => line.line === one.line)?.exercise ?? "");
  return `${VERDICTS[first.verdict]}: ${of.length > 3 ? t("all {{of}}", { of: of.length }) : of.join(", ")}.`;
}

function toDecide(open: number, plain: number): string {
  const look = open - plain;
  if (!look || !plain) return t("{{proposals}} to decide.", { proposals: count(open, "proposal") });
  return t("{{proposals}} to decide: {{plain}} plain, {{look}} to look at first.", {
    proposals: count(open, "proposal"),
    plain,
    look,
  });
}

type Row = [Schemas["ReviewLine"], ...Schemas["ReviewLine"][]];

/** A row a line; a circuit is one row, led by the station its proposal stands on. */
function rowsOf(lines: Schemas["ReviewLine"][]): Row[] {
  const rows = lines.flatMap<Row>((line) => {
    if (!line.circuit) return [[line]];
    const together = lines.filter((other) => other.circuit === line.circuit);
    const lead = together.find((station) => station.proposal) ?? together[0];
    return lead === line ? [[line, ...together.filter((station) => station !== line)]] : [];
  });
  return rows.sort(([one], [other]) => byNeed(one, other));
}

/** What wants a look comes first, then what is plain, then what has no proposal, each in the day's order. */
function byNeed(one: Schemas["ReviewLine"], other: Schemas["ReviewLine"]): number {
  return need(one) - need(other);
}

function need(line: Schemas["ReviewLine"]): number {
  if (!line.proposal) return 2;
  return line.plain ? 1 : 0;
}
