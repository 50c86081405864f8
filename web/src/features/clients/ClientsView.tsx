import { query } from "../../api/query";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { Waiting } from "../../ui/Waiting";

/** All clients, one line each. */
export function ClientsView() {
  const clients = useQuery(query.clients());
  if (!clients.data) return <Waiting error={clients.error} retry={() => void clients.refetch()} />;
  return (
    <div className="mx-auto max-w-6xl px-4 py-6">
      <div className="mb-4 flex items-center justify-between">
        <h1 className="mr-auto text-2xl font-semibold tracking-tight">Clients</h1>
        <Link
          to="/clients/bring-in"
          className="mr-2 inline-flex min-h-9 items-center rounded-md px-3 underline hover:bg-sunk"
        >
          Bring in from a spreadsheet
        </Link>
        <Link
          to="/clients/new"
          className="rounded-md bg-ember px-4 py-2 font-semibold text-on-ember hover:brightness-110"
        >
          Add a client
        </Link>
      </div>
      {clients.data.length === 0 && (
        <p className="text-soft">
          No clients yet. Add the first; a name is enough. Or bring in your list from a spreadsheet.
        </p>
      )}
      <ul className="border-t border-line">
        {clients.data.map(({ id, program_id, ...facts }) => (
          <li
            key={id}
            className="grid items-baseline gap-x-4 gap-y-1 border-b border-line py-3 sm:grid-cols-[13rem_1fr_auto]"
          >
            <Link to={`/clients/${id}`} className="text-lg font-semibold hover:underline">
              {facts.name}
            </Link>
            <div className="min-w-0">
              <p>{facts.goal}</p>
              <p className="text-sm text-soft">
                {facts.days_a_week} × {facts.minutes} min a week · {facts.place || "no place yet"} ·{" "}
                {facts.unit}
              </p>
            </div>
            <div className="flex gap-4">
              {program_id && (
                <Link to={`/programs/${program_id}`} className="underline">
                  Program
                </Link>
              )}
              <Link to={`/clients/${id}/progress`} className="underline">
                Progress
              </Link>
            </div>
          </li>
        ))}
      </ul>
    </div>
  );
}
