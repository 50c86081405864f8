import { t } from "../../ui/words";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { api, Problem, type Schemas } from "../../api/client";
import { changed, showAnswer } from "../../api/changed";
import { keys } from "../../api/keys";
import { query } from "../../api/query";
import { Button } from "../../ui/Button";
import { count, fullDate, today } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Part } from "../../ui/Waiting";
import { useClient } from "../clients/ClientFrame";

type Entry = Schemas["ProgramEntry"];

const groups = [
  ["runs", t("Runs now"), t("What is trained today and shown on Today.")],
  ["prepared", t("Prepared"), t("Takes over in the week it begins.")],
  ["over", t("Over"), t("Stays to read, with what came of it.")],
] as const satisfies readonly (readonly [Schemas["ProgramStanding"], string, string])[];

/** A client's programs over the years: the one that runs, what is prepared, what is over. */
export function ProgramsView() {
  const client = useClient();
  const queries = useQueryClient();
  const found = useQuery(query.programs(client.id));
  const end = useMutation({
    mutationFn: ({ program, on }: { program: Entry; on: string | null }) => api.endProgram(program.id, on),
    onSuccess: async (view) => {
      await showAnswer(queries, keys.programs(client.id), view);
      await changed(queries, "client");
    },
  });
  return (
    <>
      {end.error instanceof Problem && <Message tone="stop">{end.error.message}</Message>}
      <Part of={found}>
        {(view) => (
          <div className="grid gap-7">
            {groups.map(([standing, title, says]) => {
              const list = view.programs.filter((one) => one.standing === standing);
              return (
                <section key={standing} aria-labelledby={standing}>
                  <h2 className="text-lg font-semibold">
                    <span id={standing}>{title}</span>{" "}
                    <span className="text-base font-normal text-soft">{says}</span>
                  </h2>
                  <ul className="mt-1 border-t border-line">
                    {list.map((one) => (
                      <Row
                        key={one.id}
                        one={one}
                        busy={end.isPending}
                        end={(on) => end.mutate({ program: one, on })}
                      />
                    ))}
                  </ul>
                  {list.length === 0 && <p className="py-1.5 text-soft">{t("None.")}</p>}
                  {standing === "prepared" && (
                    <Link
                      to={`/clients/${client.id}/start`}
                      className="mt-2 inline-flex min-h-9 items-center rounded-md border border-line-strong bg-raised px-3 hover:border-ink"
                    >
                      {view.programs.length > 0 ? t("Prepare the next") : t("Start a program")}
                    </Link>
                  )}
                </section>
              );
            })}
          </div>
        )}
      </Part>
    </>
  );
}

function Row({ one, busy, end }: { one: Entry; busy: boolean; end: (on: string | null) => void }) {
  return (
    <li className="grid items-baseline gap-x-6 gap-y-1 border-b border-line py-2 lg:grid-cols-[minmax(0,1fr)_15rem_8rem_17rem]">
      <span className="min-w-0">
        <Link
          to={`/programs/${one.id}`}
          dir="auto"
          className="font-medium underline-offset-2 hover:underline"
        >
          {one.name}
        </Link>
        <span className="block truncate text-sm text-soft">
          {one.phases.map((phase) => phase.name).join(" · ")}
        </span>
      </span>
      <span>
        {t("{{start}} to {{fullDate}}", {
          start: fullDate(one.start),
          fullDate: fullDate(one.ended_on ?? one.end),
        })}
        <span className="block text-sm text-soft">
          {count(one.weeks, "week")}
          {one.ended_on && t(", ended by hand")}
        </span>
      </span>
      <span>{t("{{sessions}} held", { sessions: count(one.held, "session") })}</span>
      <span className="flex flex-wrap gap-x-4">
        <Link to={`/programs/${one.id}/outcome`} className="inline-flex min-h-9 items-center underline">
          {t("What came of it")}
          <span className="sr-only">, {one.name}</span>
        </Link>
        {one.ended_on ? (
          <Button
            tone="quiet"
            disabled={busy}
            aria-label={t("Let it go on: {{name}}", { name: one.name })}
            onClick={() => end(null)}
          >
            {t("Let it go on")}
          </Button>
        ) : (
          one.standing !== "over" && (
            <Button
              tone="quiet"
              disabled={busy}
              aria-label={`${one.standing === "prepared" ? t("Set aside") : t("End it today")}: ${one.name}`}
              onClick={() => end(today())}
            >
              {one.standing === "prepared" ? t("Set aside") : t("End it today")}
            </Button>
          )
        )}
      </span>
    </li>
  );
}
