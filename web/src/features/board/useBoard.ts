// The board's data and the ways to change it; a stale save keeps the edits until the trainer says what becomes of them.
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/keys";

export type Edit = Schemas["AskedEdits"]["edits"][number];

interface Save {
  edits: Edit[];
  reason: string;
}

export interface Refused extends Save {
  problem: Problem;
}

export function useBoard(programId: string) {
  const queries = useQueryClient();
  const [refused, setRefused] = useState<Refused | null>(null);
  const board = useQuery({ queryKey: keys.board(programId), queryFn: () => api.board(programId) });

  const latest = () =>
    queries.getQueryData<Schemas["BoardView"]>(keys.board(programId))?.revision.number ?? 1;
  const show = (view: Schemas["BoardView"]) => {
    queries.setQueryData(keys.board(programId), view);
    void queries.invalidateQueries({ queryKey: keys.history(programId) });
    void queries.invalidateQueries({ queryKey: keys.today });
  };
  // One save after the other: the next starts from the revision the last one made.
  const scope = { id: `save-${programId}` };
  const save = useMutation({
    scope,
    mutationFn: ({ edits, reason }: Save) => api.saveEdits(programId, { base: latest(), edits, reason }),
    onSuccess: show,
    onError: (error, asked) => {
      if (error instanceof Problem) setRefused({ ...asked, problem: error });
    },
  });
  const step = useMutation({
    scope,
    mutationFn: (way: "undo" | "redo") => api[way](programId, latest()),
    onSuccess: show,
    onError: (error) => {
      if (error instanceof Problem) setRefused({ edits: [], reason: "", problem: error });
    },
  });

  return {
    board,
    refused,
    saving: save.isPending || step.isPending,
    save: (edits: Edit[], reason: string) => save.mutate({ edits, reason }),
    undo: () => step.mutate("undo"),
    redo: () => step.mutate("redo"),
    /** Look at the newest revision and put the refused edits on top of it. */
    saveOnTop: async () => {
      const again = refused;
      setRefused(null);
      await board.refetch();
      if (again?.edits.length) save.mutate({ edits: again.edits, reason: again.reason });
    },
    takeTheirs: async () => {
      setRefused(null);
      await board.refetch();
    },
  };
}
