// Identifiers, each a type of its own as in Python, so that a client's is never given where a program's is wanted.
// The generated types use them; an address or a form gives plain text, which becomes one where it is read.
// String enums without a value of their own: the one kind of text that the checker keeps apart and a mapped type leaves whole.
export declare enum ClientId {
  kind = "client",
  other = "",
}
export declare enum ProgramId {
  kind = "program",
  other = "",
}
export declare enum SessionId {
  kind = "session",
  other = "",
}
export declare enum PlaceId {
  kind = "place",
  other = "",
}
export declare enum WeekId {
  kind = "week",
  other = "",
}
export declare enum DayId {
  kind = "day",
  other = "",
}
export declare enum LineId {
  kind = "line",
  other = "",
}
export declare enum ExerciseId {
  kind = "exercise",
  other = "",
}

/** An identifier where none is named; it fits every kind. */
export const NOWHERE = "" as never;

/** An id nobody else has; made here, so that sending a thing twice stores it once. */
export function freshId<Kind extends string = string>(): Kind {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return Array.from(bytes, (byte) => byte.toString(16).padStart(2, "0")).join("") as Kind;
}

/** A short one, unique within a program, that says by its first letter what it is of. */
export const shortId = <Kind extends string = string>(first: string): Kind =>
  `${first}${freshId().slice(0, 10)}` as Kind;
export declare enum PersonId {
  kind = "person",
  other = "",
}
export declare enum DeviceId {
  kind = "device",
  other = "",
}
