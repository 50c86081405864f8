import { t } from "../../ui/words";
import { Input } from "../../ui/fields/Input";
import { changed } from "../../api/changed";
import { query } from "../../api/query";
import type { ClientId } from "../../api/ids";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, Problem, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { count, fullDate } from "../../ui/format";
import { Message } from "../../ui/Message";
import { useClient } from "../clients/ClientFrame";
import { Part as Waits } from "../../ui/Waiting";
import { DraftPart } from "./DraftPart";
import { FromFile } from "./FromFile";
import { ProgramPick, type Picked } from "./ProgramPick";
import { fromProgram, fromTemplate, type Source } from "./source";
import { WeeksField, weeksOf } from "./WeeksField";

/** How a program begins: drafted from the file, from a template, or empty. */
export function StartView() {
  const client = useClient();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const go = async (board: Schemas["BoardView"]) => {
    await changed(queries, "client");
    void navigate(`/programs/${board.program_id}`);
  };
  const begun = useMutation({
    mutationFn: (make: () => Promise<Schemas["BoardView"]>) => make(),
    onSuccess: go,
  });
  const start = (make: () => Promise<Schemas["BoardView"]>) => begun.mutate(make);
  const [begins, setBegins] = useState("");
  const programs = useQuery(query.programs(client.id));
  const going = programs.data?.programs.find((one) => one.standing === "runs");
  return (
    <div className="grid gap-8">
      {begun.error instanceof Problem && <Message tone="stop">{begun.error.message}</Message>}
      {!client.health.screening.outcome && (
        <Message tone="caution">
          {t("The health screen was not asked yet: until it was, all starts light to moderate.")}{" "}
          <Link to={`/clients/${client.id}/health`} className="font-medium underline">
            {t("Ask it first: four questions")}
          </Link>
        </Message>
      )}
      <p className="-mb-4 text-soft">
        {t("Trained before?")}{" "}
        <Link to={`/clients/${client.id}/past-sessions`} className="underline">
          {t("Bring in past sessions")}
        </Link>{" "}
        {t("first: then loads start where the client is.")}
      </p>
      {going && (
        <p className="-mb-4">
          <Link to={`/programs/${going.id}`} className="underline">
            {going.name}
          </Link>{" "}
          {t("runs to {{end}}. What is begun here is prepared and takes over in the week it begins.", {
            end: fullDate(going.end),
          })}{" "}
          <Link to={`/programs/${going.id}/outcome`} className="font-medium underline">
            {t("Carry on from it instead")}
          </Link>
        </p>
      )}
      <label className="-mb-4 flex flex-wrap items-center gap-x-3 gap-y-1">
        <span className="font-medium">{t("Begins in the week of")}</span>
        <Input sort="date" value={begins} change={setBegins} className="w-40" />
        <span className="text-sm text-soft">
          {going
            ? t("Empty: behind the last program that is planned.")
            : t("Empty: this week; from Thursday on, next week.")}
        </span>
      </label>
      <DraftPart client={client} begins={begins} start={start} busy={begun.isPending} />
      <Templates client={client.id} begins={begins} start={start} busy={begun.isPending} />
      <FromProgram client={client.id} begins={begins} start={start} busy={begun.isPending} />
      <FromFile client={client.id} begins={begins} start={start} busy={begun.isPending} />
      <Empty client={client.id} begins={begins} start={start} busy={begun.isPending} />
    </div>
  );
}

const MOST = 52;
const startsOn = (begins: string) => (begins ? { start: begins } : {});

interface Part {
  client: ClientId;
  begins: string;
  start: (make: () => Promise<Schemas["BoardView"]>) => void;
  busy: boolean;
}

/** What somebody trained, as it would become here: the whole program or a phase. */
function FromProgram({ client, begins, start, busy }: Part) {
  const [picked, pick] = useState<Picked | null>(null);
  const source = picked && fromProgram(picked.program.id, picked.phase?.id);
  return (
    <section aria-labelledby="from-program">
      <h2 id="from-program" className="text-lg font-semibold">
        {t("From a client’s program")}
      </h2>
      <p className="mb-2 text-soft">
        {t(
          "What another client trained, or this one before: exercises for this place and these joints, loads from this client’s own sets.",
        )}
      </p>
      <ProgramPick first={client} whole picked={picked} pick={pick} />
      {source && (
        <Becomes
          key={JSON.stringify(source)}
          client={client}
          source={source}
          busy={busy}
          take={() =>
            start(async () => (await api.startFromTemplate(client, { ...source, ...startsOn(begins) })).board)
          }
        />
      )}
    </section>
  );
}

function Becomes({
  client,
  source,
  busy,
  take,
}: {
  client: ClientId;
  source: Source;
  busy: boolean;
  take: () => void;
}) {
  const look = useQuery(query.source(client, source));
  if (look.error instanceof Problem) return <Message tone="stop">{look.error.message}</Message>;
  return (
    <Waits of={look} lines={3}>
      {(one) => (
        <div className="mt-3 border-l-4 border-line-strong pl-3">
          <p className="font-medium">
            {one.name}, {count(one.weeks, "week")}
            {one.phases > 1 && ` ${t("in {{phases}} phases", { phases: one.phases })}`}
          </p>
          <ul className="text-sm">
            {one.lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
            {one.changes.map((change) => (
              <li key={change} className="text-caution">
                {change}
              </li>
            ))}
          </ul>
          <Button className="mt-2" disabled={busy} onClick={take}>
            {t("Start with it")}
          </Button>
        </div>
      )}
    </Waits>
  );
}

function Templates({ client, begins, start, busy }: Part) {
  const found = useQuery(query.templates(client));
  const queries = useQueryClient();
  const [gone, setGone] = useState<Schemas["TemplateView"] | null>(null);
  const remove = useMutation({
    mutationFn: ({ one, out }: { one: Schemas["TemplateView"]; out: boolean }) =>
      api.removeTemplate(one.id, out),
    onSuccess: async (_, { one, out }) => {
      setGone(out ? one : null);
      await changed(queries, "templates");
    },
  });
  return (
    <section aria-labelledby="templates">
      <h2 id="templates" className="text-lg font-semibold">
        {t("From a template")}
      </h2>
      <p className="text-soft">
        {t(
          "Shown as they would become here: variants for the place and the joints, loads from the client’s own sets, made to fit the minutes.",
        )}
      </p>
      {gone && (
        <p role="status" className="mt-1">
          {t("{{name}} is taken out.", { name: gone.name })}{" "}
          <button
            type="button"
            className="min-h-6 font-medium underline"
            onClick={() => remove.mutate({ one: gone, out: false })}
          >
            {t("Bring it back")}
          </button>
        </p>
      )}
      <ul className="mt-2 grid border-t border-line lg:grid-cols-2 lg:gap-x-8">
        {found.data?.map((one) => (
          <li key={one.id} className="flex items-start gap-3 border-b border-line py-2.5">
            <div className="mr-auto min-w-0">
              <h3 className="font-semibold">
                {one.name}{" "}
                <span className="text-sm font-normal text-soft">
                  {count(one.days, "day")}, {count(one.weeks, "week")} ·{" "}
                  {one.own ? t("your own") : one.school.toLowerCase()}
                </span>
              </h3>
              <p className="text-sm">{one.suits}</p>
              <details className="text-sm">
                <summary className="cursor-pointer text-soft">
                  {t("What it becomes")}
                  {one.changes.length > 0 && `, ${count(one.changes.length, "change")}`}
                </summary>
                <ul className="mt-1 grid gap-0.5">
                  {one.lines.map((line) => (
                    <li key={line}>{line}</li>
                  ))}
                  {one.changes.map((change) => (
                    <li key={change} className="text-caution">
                      {change}
                    </li>
                  ))}
                </ul>
              </details>
            </div>
            <Button
              aria-label={t("Start with it: {{name}}", { name: one.name })}
              disabled={busy}
              onClick={() =>
                start(
                  async () =>
                    (await api.startFromTemplate(client, { ...fromTemplate(one.id), ...startsOn(begins) }))
                      .board,
                )
              }
            >
              {t("Start with it")}
            </Button>
            {one.own && (
              <Button
                tone="quiet"
                aria-label={t("Take out: {{name}}", { name: one.name })}
                onClick={() => remove.mutate({ one, out: true })}
              >
                {t("Take out")}
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Empty({ client, begins, start, busy }: Part) {
  const [name, setName] = useState(t("Strength"));
  const [weeks, setWeeks] = useState("4");
  const number = weeksOf(weeks, MOST);
  return (
    <section aria-labelledby="empty">
      <h2 id="empty" className="text-lg font-semibold">
        {t("Empty, to be typed")}
      </h2>
      <form
        className="mt-2 flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (number !== null && name.trim())
            start(() => api.startProgram(client, { name: name.trim(), weeks: number, ...startsOn(begins) }));
        }}
      >
        <label className="grid gap-1 text-sm font-medium">
          {t("Name")}
          <Input value={name} maxLength={80} change={setName} className="w-56" />
        </label>
        <WeeksField most={MOST} text={weeks} type={setWeeks} />
        <Button type="submit" disabled={busy || number === null || !name.trim()}>
          {t("Start empty")}
        </Button>
      </form>
    </section>
  );
}
