import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { showAnswer } from "../../api/changed";
import { Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/keys";
import { peopleApi } from "../../api/people";
import { Button } from "../../ui/Button";
import { fullDate } from "../../ui/format";
import { TextField } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { Waiting } from "../../ui/Waiting";
import { t } from "../../ui/words";
import { AuditTrail } from "./AuditTrail";

/** What the studio keeps of itself: whose files are kept longer than meant, and who did what. */
export function RecordsView() {
  const found = useQuery({ queryKey: keys.retention, queryFn: peopleApi.retention });
  if (!found.data) return <Waiting shape="rows" error={found.error} retry={() => void found.refetch()} />;
  return (
    <div className="mx-auto max-w-3xl px-4 py-6">
      <h1 className="text-2xl font-semibold tracking-tight">{t("Records")}</h1>
      <Kept key={found.data.years} view={found.data} />
      <section aria-labelledby="deeds" className="mt-6 border-t border-line pt-4">
        <h2 id="deeds" className="font-semibold">
          {t("Who did what in the studio")}
        </h2>
        <p className="text-soft">{t("What was done to a client stands in the client’s file.")}</p>
        <AuditTrail name={keys.audit} ask={peopleApi.audit} />
      </section>
    </div>
  );
}

function Kept({ view }: { view: Schemas["Retention"] }) {
  const queries = useQueryClient();
  const [years, setYears] = useState(String(view.years));
  const keep = useMutation({
    mutationFn: () => peopleApi.changeRetention(Number(years)),
    onSuccess: (now) => showAnswer(queries, keys.retention, now),
  });
  return (
    <section aria-labelledby="kept" className="mt-4">
      <h2 id="kept" className="font-semibold">
        {t("Files kept longer than the studio means to")}
      </h2>
      {view.due.length > 0 ? (
        <ul className="mt-1 border-t border-line">
          {view.due.map((file) => (
            <li key={file.client_id} className="flex items-baseline gap-3 border-b border-line py-1.5">
              <Link to={`/clients/${file.client_id}`} dir="auto" className="font-medium hover:underline">
                {file.client}
              </Link>
              <span className="text-soft">
                {t("here last on {{day}}", { day: fullDate(file.last_on) })}
                {file.former ? "" : t(", still on the list")}
              </span>
            </li>
          ))}
        </ul>
      ) : (
        <p className="mt-1 text-soft">
          {t("None. Nothing is erased by itself; each file’s end is a decision.")}
        </p>
      )}
      <form
        className="mt-3 grid max-w-sm grid-cols-[1fr_auto] items-start gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          keep.mutate();
        }}
      >
        <TextField
          sort="numeric"
          label={t("Kept after the last session, years")}
          hint={t("Local law and your insurer say how long.")}
          value={years}
          change={setYears}
        />
        <p className="pt-6">
          <Button type="submit" disabled={keep.isPending}>
            {t("Keep")}
          </Button>
        </p>
      </form>
      {keep.error instanceof Problem && <Message tone="stop">{keep.error.message}</Message>}
    </section>
  );
}
