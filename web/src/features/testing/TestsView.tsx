import { t } from "../../ui/words";
import { Select } from "../../ui/fields/Select";
import { query } from "../../api/query";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { api } from "../../api/client";
import { freshId } from "../../api/ids";
import { Button } from "../../ui/Button";
import { fullDate, shortDate, today } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Waiting } from "../../ui/Waiting";
import { useClient } from "../clients/ClientFrame";
import { PairTable } from "./PairTable";

/** A client's tests: start a battery, and two times side by side. */
export function TestsView() {
  const client = useClient();
  const navigate = useNavigate();
  const [search, setSearch] = useSearchParams();
  const [battery, setBattery] = useState<string | null>(null);
  const [earlier, later] = [search.get("earlier"), search.get("later")];
  const shelf = useQuery(query.batteries());
  const pairs = useQuery(query.sideBySide(client.id, earlier, later));
  const start = useMutation({
    mutationFn: async (chosen: string) => {
      const id = freshId();
      await api.startRound(client.id, id, {
        battery: chosen,
        on: today(),
        started_at: new Date().toISOString(),
      });
      return id;
    },
    onSuccess: (id) => navigate(`/testing/${id}`),
  });
  if (!pairs.data || !shelf.data) {
    return <Waiting error={pairs.error ?? shelf.error} retry={() => void pairs.refetch()} />;
  }
  const { rounds } = pairs.data;
  const open = rounds.find((round) => !round.finished);
  const chosen = battery ?? client.due[0]?.battery ?? rounds[0]?.battery ?? shelf.data.batteries[0]?.id ?? "";
  const about = shelf.data.batteries.find((entry) => entry.id === chosen);
  const choose = (which: "earlier" | "later", id: string) => {
    const next = { earlier: pairs.data.earlier?.id ?? "", later: pairs.data.later?.id ?? "", [which]: id };
    setSearch(next, { replace: true });
  };
  return (
    <div className="grid gap-6">
      <section
        aria-label={t("Test now")}
        className="flex flex-wrap items-end gap-x-4 gap-y-2 border-b border-line pb-5"
      >
        <Select
          label={t("Battery")}
          value={chosen}
          options={shelf.data.batteries.map((entry) => [entry.id, entry.name] as const)}
          choose={setBattery}
        />
        <Button tone={open ? "plain" : "act"} onClick={() => start.mutate(chosen)} disabled={start.isPending}>
          {t("Test now")}
        </Button>
        {open && (
          <Link
            to={`/testing/${open.id}`}
            className="inline-flex min-h-9 items-center rounded-md bg-ember px-3 font-semibold text-on-ember hover:brightness-110"
          >
            {t("Carry on with {{name}}, {{on}}", { name: open.name, on: shortDate(open.on) })}
          </Link>
        )}
        <p className="min-w-0 flex-1 text-sm text-soft">
          {about?.purpose}{" "}
          {about &&
            t("{{tests}} tests, again after {{repeat_weeks}} weeks.", {
              tests: about.tests.length,
              repeat_weeks: about.repeat_weeks,
            })}{" "}
          <Link to="/batteries" className="underline">
            {t("Edit batteries")}
          </Link>
        </p>
        {client.due.map((entry) => (
          <p key={entry.battery} className={entry.due.late >= 0 ? "w-full text-caution" : "w-full text-soft"}>
            {t("{{name}} was done {{last}}, {{more}}  {{on}}.", {
              name: entry.name,
              last: fullDate(entry.last),
              more: entry.due.late >= 0 ? t("due again since") : t("due again on"),
              on: fullDate(entry.due.on),
            })}
          </p>
        ))}
        {start.error && <Message tone="stop">{start.error.message}</Message>}
      </section>
      {rounds.length === 0 ? (
        <p className="text-soft">
          {t("No tests yet. Choose a battery and test; the next time stands beside this one.")}
        </p>
      ) : (
        <section aria-labelledby="side-by-side">
          <div className="mb-3 flex flex-wrap items-end gap-4">
            <h2 id="side-by-side" className="mr-auto text-lg font-semibold">
              {t("Side by side")}
            </h2>
            {(["earlier", "later"] as const).map((which) => (
              <Select
                key={which}
                label={which === "earlier" ? t("Then") : t("Now")}
                value={pairs.data[which]?.id ?? ""}
                {...(pairs.data[which] === null ? { empty: "none" } : {})}
                options={rounds.map((round) => [round.id, `${fullDate(round.on)}, ${round.name}`] as const)}
                choose={(id) => choose(which, id)}
              />
            ))}
          </div>
          <PairTable view={pairs.data} />
        </section>
      )}
    </div>
  );
}
