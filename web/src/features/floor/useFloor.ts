// Binds the floor's state to React: the server's view, the outbox, and the ways to log.
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo, useSyncExternalStore } from "react";
import { api, Problem, type Schemas } from "../../api/client";
import { freshId, type DayId, type LineId, type ProgramId, type WeekId } from "../../api/ids";
import { keys } from "../../api/keys";
import { NOTHING_SEEN, type Said } from "./pad/said";
import {
  exerciseNotePath,
  withWaiting,
  type FloorSet,
  type FloorView,
  type ShownFloor,
  type ShownLine,
  type Spot,
  type Wanted,
} from "./floorState";
import { useNews } from "./useNews";
import type { Entry } from "../../outbox/outbox";
import { outbox } from "../../outbox/theOutbox";

/** One row to log: whose set, what became of it, what is said of it; `id` where it was made already. */
export interface Logged {
  line: ShownLine;
  spot: Spot;
  set: FloorSet | undefined;
  outcome: Schemas["Outcome"];
  said?: Said | undefined;
  id?: string;
}

export function useFloor(programId: ProgramId, weekId: WeekId, dayId: DayId) {
  const queries = useQueryClient();
  const key = useMemo(() => keys.floor(programId, weekId, dayId), [programId, weekId, dayId]);
  const name = `floor ${programId} ${weekId} ${dayId}`;
  const changed = { name, path: `/api/programs/${programId}/weeks/${weekId}/days/${dayId}/floor` };
  const floor = useQuery({
    queryKey: key,
    queryFn: () => floorOrKept(name, () => api.floor(programId, weekId, dayId)),
  });
  const waiting = useSyncExternalStore(outbox.subscribe, outbox.waiting);
  const read = useSyncExternalStore(outbox.subscribe, outbox.isRead);
  const away = useSyncExternalStore(outbox.subscribe, outbox.isAway);
  useEffect(
    () =>
      outbox.onStored((entry, known) => {
        if (entry.view?.name !== name) return;
        if (entry.kind === "change" || entry.kind === "undo")
          void queries.invalidateQueries({ queryKey: keys.clocks(programId, weekId, dayId) });
        if (known) queries.setQueryData(key, { view: known.view as FloorView, kept: false });
      }),
    [queries, key, name, programId, weekId, dayId],
  );
  const view = floor.data?.view;
  // Not before the browser's own taps are known: a tap in between would fall on a set that was done already.
  const shown = useMemo(() => (view && read ? withWaiting(view, waiting) : null), [view, read, waiting]);
  const session = view?.session_id ?? "";
  const base = `/api/sessions/${session}`;
  useNews(session, () => void queries.invalidateQueries({ queryKey: key }));
  const mine = waiting.filter((entry) => entry.session === session);

  /** The floor with every tap until now, before it is drawn: a tap that follows at once must not fall on the same set. */
  const latest = (): ShownFloor | null => {
    const known = queries.getQueryData<Answered>(key)?.view;
    return known ? withWaiting(known, outbox.tapped()) : null;
  };
  const begin = async () => {
    const begun = outbox.tapped().some((entry) => entry.session === session && entry.kind === "start");
    if (view?.started_at || begun) return;
    const body = {
      program_id: programId,
      week_id: weekId,
      day_id: dayId,
      started_at: new Date().toISOString(),
    };
    await outbox.put({ session, id: session, kind: "start", method: "PUT", path: base, body, view: changed });
  };
  const post = async (kind: Entry["kind"], id: string, path: string, body: unknown) => {
    const sent = { session, id, kind, method: "POST", path: `${base}/${path}`, body, view: changed } as const;
    await Promise.all([begin(), outbox.put(sent)]);
  };

  const logSet = async ({ line, spot, set, outcome, said, id = freshId() }: Logged) => {
    const row: Schemas["SetRequest"] = {
      id,
      line: line.line,
      number: spot.set,
      ramp: spot.ramp,
      exercise: line.exercise_id,
      outcome,
      reps: said?.reps ?? null,
      seconds: said?.seconds ?? null,
      metres: said?.metres ?? null,
      load: said?.load ?? null,
      assisted: said?.assisted ?? false,
      reserve: said?.reserve ?? null,
      planned: spot.ramp ? "" : line.planned,
      note: said?.note ?? "",
      replaces: set?.stands ?? null,
      how: said?.how ?? NOTHING_SEEN,
      logged_at: new Date().toISOString(),
    };
    await post("set", row.id, "sets", row);
  };
  const addNote = async (line: LineId, text: string, forNext = false) => {
    const id = freshId();
    await post("note", id, "notes", { id, line, text, for_next: forNext });
  };
  const noteExercise = async (line: ShownLine, text: string) => {
    const id = freshId();
    const path = exerciseNotePath(view?.client_id, line.exercise_id);
    const entry = { session, id, kind: "exercise-note", method: "POST", path, body: { id, text } } as const;
    await outbox.put({ ...entry, view: changed });
  };
  const change = async (wanted: Wanted) => {
    const id = freshId();
    await post("change", id, "changes", { id, wanted });
  };
  const undo = async (made: string) => {
    const id = freshId();
    await post("undo", id, "changes/undo", { id, undoes: made });
  };
  const keepMeasure = async (measured: Omit<Schemas["MeasureRequest"], "id">) => {
    const id = freshId();
    await post("measure", id, "measures", { id, ...measured });
  };
  const finish = () => post("finish", session, "finish", { finished_at: new Date().toISOString() });
  return {
    floor,
    shown,
    latest,
    away: away || floor.isError || floor.data?.kept === true,
    // Taps: that the session began goes along with the first of them, unseen.
    waiting: mine.filter((entry) => entry.refused === undefined && entry.kind !== "start").length,
    refused: mine.filter((entry) => entry.refused !== undefined),
    dismiss: (entryKey: number) => void outbox.dismiss(entryKey),
    logSet,
    addNote,
    noteExercise,
    change,
    undo,
    keepMeasure,
    finish,
  };
}

export type FloorData = ReturnType<typeof useFloor>;

interface Answered {
  view: FloorView;
  /** Whether this is what the browser kept, since the server could not be reached. */
  kept: boolean;
}

async function floorOrKept(name: string, ask: () => Promise<FloorView>): Promise<Answered> {
  try {
    return { view: await outbox.lookAt(name, ask), kept: false };
  } catch (problem) {
    const kept = problem instanceof Problem && problem.status === 0 ? await outbox.view(name) : undefined;
    if (kept === undefined) throw problem;
    return { view: kept as FloorView, kept: true };
  }
}
