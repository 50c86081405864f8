// Binds the floor's state to React: the server's view, the outbox, and the ways to log.
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo, useSyncExternalStore } from "react";
import { api, type Schemas } from "../../api/client";
import { freshId } from "../../api/ids";
import { keys } from "../../api/keys";
import { withWaiting, type FloorSet, type ShownLine } from "./floorState";
import { outbox } from "../../outbox/theOutbox";

const ANOTHER_DEVICE = 3000;

export interface Said {
  reps: number | null;
  seconds: number | null;
  load: Schemas["Load"] | null;
  assisted: boolean;
  reserve: number | null;
}

export function useFloor(programId: string, weekId: string, dayId: string) {
  const queries = useQueryClient();
  const key = useMemo(() => keys.floor(programId, weekId, dayId), [programId, weekId, dayId]);
  const floor = useQuery({
    queryKey: key,
    queryFn: () => api.floor(programId, weekId, dayId),
    refetchInterval: ANOTHER_DEVICE,
  });
  const waiting = useSyncExternalStore(outbox.subscribe, outbox.waiting);
  const away = useSyncExternalStore(outbox.subscribe, outbox.isAway);
  useEffect(() => {
    outbox.onStored = () => queries.invalidateQueries({ queryKey: key });
  }, [queries, key]);

  const view = floor.data;
  const shown = useMemo(() => (view ? withWaiting(view, waiting) : null), [view, waiting]);
  const session = view?.session_id ?? "";
  const base = `/api/sessions/${session}`;
  const mine = waiting.filter((entry) => entry.session === session);

  const begin = async () => {
    if (view?.started_at || mine.some((entry) => entry.kind === "start")) return;
    const body = {
      program_id: programId,
      week_id: weekId,
      day_id: dayId,
      started_at: new Date().toISOString(),
    };
    await outbox.put({ session, id: session, kind: "start", method: "PUT", path: base, body });
  };
  const post = (kind: "set" | "note" | "finish", id: string, path: string, body: unknown) =>
    outbox.put({ session, id, kind, method: "POST", path: `${base}/${path}`, body });

  const logSet = async (
    line: ShownLine,
    set: FloorSet | number,
    outcome: Schemas["Outcome"],
    said?: Said,
  ) => {
    const number = typeof set === "number" ? set : set.number;
    const row: Schemas["AskedSet"] = {
      id: freshId(),
      line: line.line,
      number,
      exercise: line.exercise_id,
      outcome,
      reps: said?.reps ?? null,
      seconds: said?.seconds ?? null,
      load: said?.load ?? null,
      assisted: said?.assisted ?? false,
      reserve: said?.reserve ?? null,
      planned: line.planned,
      note: "",
      replaces: typeof set === "number" ? null : set.stands,
      logged_at: new Date().toISOString(),
    };
    await begin();
    await post("set", row.id, "sets", row);
  };
  const addNote = async (line: string, text: string) => {
    const id = freshId();
    await begin();
    await post("note", id, "notes", { id, line, text });
  };
  const finish = async () => {
    await begin();
    await post("finish", session, "finish", { finished_at: new Date().toISOString() });
  };
  return {
    floor,
    shown,
    away: away || floor.isError,
    waiting: mine.filter((entry) => entry.refused === undefined).length,
    refused: mine.filter((entry) => entry.refused !== undefined),
    dismiss: (entryKey: number) => void outbox.dismiss(entryKey),
    logSet,
    addNote,
    finish,
  };
}
