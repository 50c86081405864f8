// Saving single facts of a client as they are entered, and what the server said of the last one.
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/keys";

type Changes = Schemas["AskedClientChange"];

export function useSaveFacts(clientId: string) {
  const queries = useQueryClient();
  const saving = useMutation({
    mutationFn: (changes: Changes) => api.changeClient(clientId, changes),
    scope: { id: `client-${clientId}` },
    onSuccess: (client) => {
      queries.setQueryData(keys.client(clientId), client);
      void queries.invalidateQueries({ queryKey: keys.clients, exact: true });
      void queries.invalidateQueries({ queryKey: keys.today });
    },
  });
  const last = saving.variables ? Object.keys(saving.variables)[0] : undefined;
  const problem = (field: keyof Changes): string | undefined => {
    if (!saving.error || last !== field) return undefined;
    const told = saving.error instanceof Problem ? saving.error.more.fields : undefined;
    return told?.[0]?.expected ?? saving.error.message;
  };
  /** A number as typed: words stay words, so that the server can say what is wrong with them. */
  const figure = (text: string) => (/^\d+$/.test(text) ? Number(text) : (text as unknown as number));
  return {
    save: (changes: Changes) => saving.mutate(changes),
    problem,
    figure,
    state: saving.isPending ? "Saving …" : saving.isError ? "Not saved" : saving.isSuccess ? "Saved" : "",
  };
}
