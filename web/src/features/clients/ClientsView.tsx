import { t } from "../../ui/words";
import { query } from "../../api/query";
import type { Schemas } from "../../api/client";
import { useQuery } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { Link } from "react-router";
import { TextField } from "../../ui/fields/Input";
import { Waiting } from "../../ui/Waiting";
import { grouped } from "./grouped";

/** All clients, one line each: who comes soon first, any of them by a few letters. */
export function ClientsView() {
  const clients = useQuery(query.clients());
  const today = useQuery(query.today());
  const [typed, setTyped] = useState("");
  const words = useDeferredValue(typed);
  if (!clients.data) return <Waiting error={clients.error} retry={() => void clients.refetch()} />;
  const groups = grouped(clients.data, today.data, words);
  return (
    <div className="mx-auto max-w-6xl px-4 py-6">
      <div className="mb-4 flex flex-wrap items-center gap-x-2 gap-y-3">
        <h1 className="mr-auto text-2xl font-semibold tracking-tight">{t("Clients")}</h1>
        <Link
          to="/clients/new"
          className="order-2 rounded-md bg-ember px-4 py-2 font-semibold text-on-ember hover:brightness-110"
        >
          {t("Add a client")}
        </Link>
        <Link
          to="/clients/bring-in"
          className="order-1 inline-flex min-h-9 items-center rounded-md px-3 underline hover:bg-sunk"
        >
          {t("Bring in from a spreadsheet")}
        </Link>
      </div>
      {clients.data.length === 0 ? (
        <p className="text-soft">
          {t("No clients yet. Add the first; a name is enough. Or bring in your list from a spreadsheet.")}
        </p>
      ) : (
        <div className="max-w-md">
          <TextField
            label={t("Find among {{data}}", { data: clients.data.length })}
            sort="search"
            placeholder={t("name, goal or place")}
            value={typed}
            change={setTyped}
          />
        </div>
      )}
      {words.trim() !== "" && groups.length === 0 && (
        <p role="status" className="mt-4 text-soft">
          {t("Nobody is found by these words.")}
        </p>
      )}
      {groups.map(({ title, clients: of, folded }) => (
        <details key={title} open={!folded} className="mt-5">
          <summary className="flex min-h-6 cursor-pointer items-baseline gap-2">
            <h2 className="font-semibold">{title}</h2>
            <span className="text-sm text-soft">{of.length}</span>
          </summary>
          <ul className="mt-1 border-t border-line">
            {of.map((client) => (
              <ClientRow key={client.id} client={client} />
            ))}
          </ul>
        </details>
      ))}
    </div>
  );
}

function ClientRow({ client: { id, program_id, ...facts } }: { client: Schemas["ClientEntry"] }) {
  const whose = <span className="sr-only"> {t("of {{name}}", { name: facts.name })}</span>;
  return (
    <li className="grid items-baseline gap-x-4 gap-y-1 border-b border-line py-3 [contain-intrinsic-size:auto_4.5rem] [content-visibility:auto] sm:grid-cols-[13rem_1fr_auto]">
      <Link
        to={`/clients/${id}`}
        dir="auto"
        className="min-w-0 text-lg font-semibold break-words hover:underline"
      >
        {facts.name}
      </Link>
      <div className="min-w-0">
        <p dir="auto" className="break-words">
          {facts.goal}
        </p>
        <p className="text-sm break-words text-soft">
          {t("{{days_a_week}} × {{minutes}} min a week · {{more}} · {{unit}}", {
            days_a_week: facts.days_a_week,
            minutes: facts.minutes,
            more: facts.place || t("no place yet"),
            unit: facts.unit,
          })}
        </p>
      </div>
      <div className="flex gap-4">
        {program_id && (
          <Link to={`/programs/${program_id}`} className="inline-flex min-h-6 items-center underline">
            {t("Program")}
            {whose}
          </Link>
        )}
        <Link to={`/clients/${id}/progress`} className="inline-flex min-h-6 items-center underline">
          {t("Progress")}
          {whose}
        </Link>
      </div>
    </li>
  );
}
