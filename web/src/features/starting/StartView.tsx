import { Input } from "../../ui/Input";
import { changed } from "../../api/changed";
import { query } from "../../api/query";
import type { ClientId } from "../../api/ids";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, Problem, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { count } from "../../ui/format";
import { Message } from "../../ui/Message";
import { useClient } from "../clients/ClientFrame";
import { DraftPart } from "./DraftPart";
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
  return (
    <div className="grid gap-8">
      {begun.error instanceof Problem && <Message tone="stop">{begun.error.message}</Message>}
      {!client.health.screening.outcome && (
        <Message tone="caution">
          The health screen was not asked yet: until it was, all starts light to moderate.{" "}
          <Link to={`/clients/${client.id}/health`} className="font-medium underline">
            Ask it first: four questions
          </Link>
        </Message>
      )}
      <p className="-mb-4 text-soft">
        Trained before?{" "}
        <Link to={`/clients/${client.id}/past-sessions`} className="underline">
          Bring in past sessions
        </Link>{" "}
        first: then loads start where the client is.
      </p>
      <label className="-mb-4 flex flex-wrap items-center gap-x-3 gap-y-1">
        <span className="font-medium">Begins in the week of</span>
        <Input sort="date" value={begins} change={setBegins} className="w-40" />
        <span className="text-sm text-soft">Empty: this week; from Thursday on, next week.</span>
      </label>
      <DraftPart client={client} begins={begins} start={start} busy={begun.isPending} />
      <Templates client={client.id} begins={begins} start={start} busy={begun.isPending} />
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

function Templates({ client, begins, start, busy }: Part) {
  const found = useQuery(query.templates(client));
  return (
    <section aria-labelledby="templates">
      <h2 id="templates" className="text-lg font-semibold">
        From a template
      </h2>
      <p className="text-soft">
        Shown as they would become here: variants for the place and the joints, loads from the client’s own
        sets, made to fit the minutes.
      </p>
      <ul className="mt-2 grid border-t border-line lg:grid-cols-2 lg:gap-x-8">
        {found.data?.map((one) => (
          <li key={one.id} className="flex items-start gap-3 border-b border-line py-2.5">
            <div className="mr-auto min-w-0">
              <h3 className="font-semibold">
                {one.name}{" "}
                <span className="text-sm font-normal text-soft">
                  {count(one.days, "day")}, {count(one.weeks, "week")} · {one.school.toLowerCase()}
                </span>
              </h3>
              <p className="text-sm">{one.suits}</p>
              <details className="text-sm">
                <summary className="cursor-pointer text-soft">
                  What it becomes{one.changes.length > 0 && `, ${count(one.changes.length, "change")}`}
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
              aria-label={`Start with it: ${one.name}`}
              disabled={busy}
              onClick={() =>
                start(
                  async () =>
                    (await api.startFromTemplate(client, { template: one.id, ...startsOn(begins) })).board,
                )
              }
            >
              Start with it
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Empty({ client, begins, start, busy }: Part) {
  const [name, setName] = useState("Strength");
  const [weeks, setWeeks] = useState("4");
  const number = weeksOf(weeks, MOST);
  return (
    <section aria-labelledby="empty">
      <h2 id="empty" className="text-lg font-semibold">
        Empty, to be typed
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
          Name
          <Input value={name} maxLength={80} change={setName} className="w-56" />
        </label>
        <WeeksField most={MOST} text={weeks} type={setWeeks} />
        <Button type="submit" disabled={busy || number === null || !name.trim()}>
          Start empty
        </Button>
      </form>
    </section>
  );
}
