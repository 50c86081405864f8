// The board's data and the ways to change it; a stale save keeps the edits until the trainer says what becomes of them.
import { query } from "../../../api/query";
import type { ProgramId } from "../../../api/ids";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useState } from "react";
import { api, Problem, type Schemas } from "../../../api/client";
import { showAnswer } from "../../../api/changed";
import { keys } from "../../../api/keys";
import { keepChange } from "./keepChange";
import type { Source } from "../../starting/source";

export type Edit = Schemas["EditsRequest"]["edits"][number];
/** Saves edits; the last is called where they were refused, so that what is shown is what is kept. */
export type Save = (edits: Edit[], reason: string, refused?: () => void) => void;
export type Fill = (path: Omit<Schemas["PathRequest"], "base">) => void;

export type AddTemplateDay = (day: Omit<Schemas["SourceDayRequest"], "base">) => void;

interface Saving {
  edits: Edit[];
  reason: string;
  refused?: (() => void) | undefined;
}

export interface Refused extends Saving {
  problem: Problem;
}

type Step =
  | "undo"
  | "redo"
  | { restore: number }
  | { fill: Omit<Schemas["PathRequest"], "base"> }
  | { phase: Source }
  | { day: Omit<Schemas["SourceDayRequest"], "base"> };

export function useBoard(programId: ProgramId) {
  const queries = useQueryClient();
  const [refused, setRefused] = useState<Refused | null>(null);
  const board = useQuery(query.board(programId));

  const latest = () =>
    queries.getQueryData<Schemas["BoardView"]>(keys.board(programId))?.revision.number ?? 1;
  /** The phases whose findings stand beside the board. */
  const looked = () => {
    const shown = queries.getQueryCache().findAll({ queryKey: ["findings", programId], type: "active" });
    return [...new Set(shown.map((query) => String(query.queryKey[2])))];
  };
  const follow = (revision: number, told: Schemas["BoardChange"]["findings"] = []) => {
    // What the checks said of revisions that nobody looks at any more is long, and never asked for again.
    queries.removeQueries({ queryKey: ["findings", programId], type: "inactive" });
    for (const { phase, found } of told)
      queries.setQueryData(keys.findings(programId, phase, revision), found);
    // What the checks say of the others is asked for before the board is drawn: the two go on side by side.
    const known = new Set(told.map(({ phase }) => phase));
    for (const phase of looked().filter((one) => !known.has(one)))
      void queries.prefetchQuery({
        queryKey: keys.findings(programId, phase, revision),
        queryFn: () => api.findings(programId, phase),
        staleTime: 30_000,
      });
    void queries.invalidateQueries({ queryKey: keys.history(programId) });
    void queries.invalidateQueries({ queryKey: keys.calendar(programId) });
    void queries.invalidateQueries({ queryKey: keys.today });
  };
  const show = (view: Schemas["BoardView"]) => {
    follow(view.revision.number);
    return showAnswer(queries, keys.board(programId), view);
  };
  // One save after the other: the next starts from the revision the last one made.
  const scope = { id: `save-${programId}` };
  // Its answer is in the board: nothing is kept beside.
  const gcTime = 0;
  const save = useMutation({
    scope,
    gcTime,
    mutationFn: ({ edits, reason }: Saving) =>
      api.saveEdits(programId, { base: latest(), edits, reason, look: looked() }),
    onSuccess: async (change) => {
      follow(change.revision.number, change.findings);
      // A board that is still on its way may be the one before.
      await queries.cancelQueries({ queryKey: keys.board(programId), exact: true });
      keepChange(queries, programId, change);
    },
    onError: (error, asked) => {
      asked.refused?.();
      if (error instanceof Problem) setRefused({ ...asked, problem: error });
    },
  });
  const step = useMutation({
    scope,
    gcTime,
    mutationFn: async (way: Step) => {
      if (way === "undo" || way === "redo") return api[way](programId, latest());
      if ("restore" in way) return api.restore(programId, latest(), way.restore);
      if ("fill" in way) return api.fill(programId, { base: latest(), ...way.fill });
      if ("day" in way) return (await api.addTemplateDay(programId, { base: latest(), ...way.day })).board;
      return (await api.addTemplatePhase(programId, { base: latest(), ...way.phase })).board;
    },
    onSuccess: show,
    onError: (error) => {
      if (error instanceof Problem) setRefused({ edits: [], reason: "", problem: error });
    },
  });
  const { mutate: mutateSave } = save;
  const { mutate: mutateStep } = step;

  return {
    board,
    refused,
    saving: save.isPending || step.isPending,
    save: useCallback<Save>(
      (edits, reason, refused) => mutateSave({ edits, reason: reason.slice(0, 300), refused }),
      [mutateSave],
    ),
    undo: useCallback(() => mutateStep("undo"), [mutateStep]),
    redo: useCallback(() => mutateStep("redo"), [mutateStep]),
    restore: useCallback((number: number) => mutateStep({ restore: number }), [mutateStep]),
    fill: useCallback<Fill>((path) => mutateStep({ fill: path }), [mutateStep]),
    addTemplate: useCallback((phase: Source) => mutateStep({ phase }), [mutateStep]),
    addTemplateDay: useCallback<AddTemplateDay>((day) => mutateStep({ day }), [mutateStep]),
    /** Look at the newest revision and put the refused edits on top of it. */
    saveOnTop: async () => {
      const again = refused;
      setRefused(null);
      await board.refetch();
      if (again?.edits.length)
        save.mutate({ edits: again.edits, reason: again.reason, refused: again.refused });
    },
    takeTheirs: async () => {
      setRefused(null);
      await board.refetch();
    },
  };
}
