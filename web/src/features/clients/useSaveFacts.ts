// Saving single facts of a client as they are entered, and what the server said of the last one.
import { t } from "../../ui/words";
import { asTyped } from "../../ui/fields/asTyped";
import type { ClientId } from "../../api/ids";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { showAnswer } from "../../api/changed";
import { api, Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/keys";

type Changes = Schemas["ClientChangeRequest"];

const CHOSEN = new Set(["weekdays", "cycle_reports", "former", "aim", "second_aim", "training_age", "unit"]);

export function useSaveFacts(clientId: ClientId) {
  const queries = useQueryClient();
  // What was wrong with each field, until that field is saved: another one saved does not hide it.
  const [wrong, setWrong] = useState<Partial<Record<keyof Changes, string>>>({});
  const [failed, setFailed] = useState<Changes>({});
  const fieldsOf = (changes: Changes) => Object.keys(changes) as (keyof Changes)[];
  const told = (error: Error) =>
    (error instanceof Problem ? error.more.fields?.[0]?.expected : undefined) ?? error.message;
  const saving = useMutation({
    mutationFn: (changes: Changes) => api.changeClient(clientId, changes),
    scope: { id: `client-${clientId}` },
    onMutate: (changes) => {
      // What is chosen, not typed, shows at once.
      const chosen = Object.fromEntries(Object.entries(changes).filter(([field]) => CHOSEN.has(field)));
      queries.setQueryData<Schemas["ClientView"]>(keys.client(clientId), (client) =>
        client ? { ...client, facts: { ...client.facts, ...chosen } } : client,
      );
    },
    onError: (error, changes) => {
      void queries.invalidateQueries({ queryKey: keys.client(clientId) });
      setFailed((before) => ({ ...before, ...changes }));
      setWrong((before) => ({
        ...before,
        ...Object.fromEntries(fieldsOf(changes).map((field) => [field, told(error)])),
      }));
    },
    onSuccess: (client, changes) => {
      setFailed((before) =>
        Object.fromEntries(
          Object.entries(before).filter(([field]) => !fieldsOf(changes).includes(field as keyof Changes)),
        ),
      );
      setWrong((before) =>
        Object.fromEntries(
          Object.entries(before).filter(([field]) => !fieldsOf(changes).includes(field as keyof Changes)),
        ),
      );
      void showAnswer(queries, keys.client(clientId), client);
      void queries.invalidateQueries({ queryKey: keys.clients, exact: true });
      void queries.invalidateQueries({ queryKey: keys.today });
    },
  });
  /** A number as typed: words stay words, so that the server can say what is wrong with them. */
  return {
    save: (changes: Changes) => saving.mutate(changes),
    /** Keep once more what could not be kept; null where there is nothing. */
    again: Object.keys(failed).length ? () => saving.mutate(failed) : null,
    problem: (field: keyof Changes) => wrong[field],
    figure: asTyped,
    state: saving.isPending
      ? t("Saving …")
      : Object.keys(wrong).length
        ? t("Not saved")
        : saving.isSuccess
          ? t("Saved")
          : "",
  };
}
