// Binds a test round to React: the server's view, the outbox, and the ways to keep a result.
import { t } from "../../ui/words";
import { query } from "../../api/query";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo, useSyncExternalStore } from "react";
import type { Schemas } from "../../api/client";
import { freshId } from "../../api/ids";
import { keys } from "../../api/keys";
import { outbox } from "../../outbox/theOutbox";

export type Said = Pick<
  Schemas["ResultRequest"],
  "value" | "load" | "variant" | "reserve" | "ended" | "grade" | "note" | "source" | "single"
>;

/** A test; `waiting` says that its result was tapped here and is not yet on the server's disk. */
export type ShownTest = Schemas["RoundTest"] & { waiting: boolean };

export function useRound(roundId: string) {
  const queries = useQueryClient();
  const key = useMemo(() => keys.round(roundId), [roundId]);
  const round = useQuery(query.round(roundId));
  const kept = useSyncExternalStore(outbox.subscribe, outbox.waiting);
  const away = useSyncExternalStore(outbox.subscribe, outbox.isAway);
  const changed = { name: t("round {{roundId}}", { roundId }), path: `/api/rounds/${roundId}` };
  useEffect(
    () =>
      outbox.onStored((entry, known) => {
        if (entry.session === roundId && known) queries.setQueryData(key, known.view as Schemas["RoundView"]);
      }),
    [queries, key, roundId],
  );
  const mine = kept.filter((entry) => entry.session === roundId);
  const waiting = mine.filter((entry) => entry.refused === undefined);
  const view = round.data;
  const tests: ShownTest[] | undefined = view?.tests.map((test) => ({
    ...test,
    waiting: waiting.some((entry) => {
      const body = entry.body as Partial<Schemas["ResultRequest"]>;
      return entry.kind === "result" && body.test === test.item.id && (body.side ?? null) === test.side;
    }),
  }));
  const keep = async (test: Schemas["RoundTest"], said: Said) => {
    if (!view) return;
    const id = freshId();
    const body: Schemas["ResultRequest"] = {
      ...said,
      id,
      test: test.item.id,
      side: test.side,
      on: view.on,
      at: new Date().toISOString(),
      round_id: roundId,
      replaces: test.result?.result.id ?? null,
      confirmed: false,
    };
    const path = `/api/clients/${view.client_id}/results`;
    await outbox.put({ session: roundId, id, kind: "result", method: "POST", path, body, view: changed });
  };
  const finish = () =>
    outbox.put({
      session: roundId,
      id: roundId,
      kind: "round-finish",
      method: "POST",
      path: `/api/rounds/${roundId}/finish`,
      body: {},
      view: changed,
    });
  return {
    round,
    view,
    tests,
    away,
    waiting: waiting.length,
    refused: mine.filter((entry) => entry.refused !== undefined),
    dismiss: (entry: number) => void outbox.dismiss(entry),
    confirm: (entry: number) => void outbox.confirm(entry),
    keep,
    finish,
  };
}
