// What the checker must refuse: identifiers that change places. An expected error that does not come is one itself, so
// lint finds a swap that would pass. Nothing here is ever run.
import { api } from "./client";
import type { ClientId, DayId, ExerciseId, LineId, PlaceId, ProgramId, SessionId, WeekId } from "./ids";
import { keys } from "./keys";

export function swapped(
  [client, program, session, place]: [ClientId, ProgramId, SessionId, PlaceId],
  [week, day, line, exercise]: [WeekId, DayId, LineId, ExerciseId],
): unknown[] {
  return [
    // @ts-expect-error a program for a client
    api.client(program),
    // @ts-expect-error a client for a program
    api.board(client),
    // @ts-expect-error a day for a week
    api.floor(program, day, week),
    // @ts-expect-error a program for a session
    api.review(program),
    // @ts-expect-error a line for an exercise
    api.progress(client, line),
    // @ts-expect-error a place for a client
    api.findExercises("", place, null),
    // @ts-expect-error a week for a day
    api.ahead(program, week, "as lately"),
    // @ts-expect-error an exercise for a line
    api.hints(program, exercise, { line: exercise, week }),
    // @ts-expect-error a session for a client
    keys.client(session),
    // @ts-expect-error plain text for a program
    keys.board("p1"),
    // @ts-expect-error an exercise for a place
    api.setPlaces(client, [exercise]),
    // @ts-expect-error a line for an exercise in an edit
    api.saveEdits(program, { base: 1, reason: "", edits: [{ op: "add_line", day, line, exercise: line }] }),
  ];
}
