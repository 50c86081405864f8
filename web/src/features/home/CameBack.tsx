// What came back: what waits to be looked at, what wants a word, what is in the log.
import { t } from "../../ui/words";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { api, type Schemas } from "../../api/client";
import { changed } from "../../api/changed";
import { query } from "../../api/query";
import { Button } from "../../ui/Button";
import { fullDate } from "../../ui/format";
import { Of } from "../../ui/Of";
import { ResultPreview } from "./ResultPreview";

type Back = Schemas["CameBack"];

export function CameBack({ view }: { view: Schemas["HomeView"] }) {
  return (
    <section aria-labelledby="came-back">
      <h2 id="came-back" className="text-lg font-semibold">
        {t("What came back")}
      </h2>
      {view.results.length === 0 ? (
        <p className="text-soft">{t("Nothing yet.")}</p>
      ) : (
        <ul className="mt-1 border-t border-line">
          {view.results.map((one) => (
            <Row key={one.id} one={one} view={view} />
          ))}
        </ul>
      )}
    </section>
  );
}

const stateOf = (one: Back): string =>
  one.waits
    ? t("sent, to be looked at")
    : one.set_aside
      ? t("left out")
      : one.hurt
        ? t("something hurt")
        : t("in the log");

function Row({ one, view }: { one: Back; view: Schemas["HomeView"] }) {
  const queries = useQueryClient();
  const [open, setOpen] = useState(false);
  const refresh = () => changed(queries, "log");
  const spoken = useMutation({ mutationFn: () => api.hadAWord(one.id), onSuccess: refresh });
  return (
    <li className="border-b border-line py-2">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <span className="grow font-medium">
          {one.day} <span className="font-normal text-soft">{fullDate(one.received_at.slice(0, 10))}</span>
        </span>
        <span className={one.waits || one.hurt ? "font-medium text-caution" : "text-soft"}>
          {stateOf(one)}
        </span>
      </div>
      {one.note && <p>“{one.note}”</p>}
      <div className="flex flex-wrap gap-x-4">
        {one.waits && (
          <Button onClick={() => setOpen(!open)} aria-expanded={open}>
            {open ? t("Close") : t("Look at it")}
            <Of what={one.day} />
          </Button>
        )}
        {one.session_id && (
          <Link className="inline-flex min-h-9 items-center underline" to={`/sessions/${one.session_id}`}>
            {t("To the review")}
            <Of what={one.day} />
          </Link>
        )}
        {one.wants_word && (
          <Button tone="quiet" disabled={spoken.isPending} onClick={() => spoken.mutate()}>
            {t("We spoke about it")}
            <Of what={one.day} />
          </Button>
        )}
      </div>
      {open && one.waits && <Kept one={one} view={view} done={refresh} />}
    </li>
  );
}

function Kept({ one, view, done }: { one: Back; view: Schemas["HomeView"]; done: () => Promise<void> }) {
  const seen = useQuery(query.homeResult(one.id));
  const take = useMutation({ mutationFn: () => api.takeKeptResult(one.id), onSuccess: done });
  const leave = useMutation({ mutationFn: () => api.setResultAside(one.id), onSuccess: done });
  if (!seen.data) return null;
  return (
    <ResultPreview
      seen={seen.data}
      client={view.client_id}
      busy={take.isPending || leave.isPending}
      take={() => take.mutate()}
      leave={() => leave.mutate()}
    />
  );
}
