// What a change touches: the kinds of answers that are asked for again, by the first word of their keys.
import type { QueryClient, QueryKey } from "@tanstack/react-query";

const LOADS = ["board", "findings", "hints", "read", "fit", "ahead", "floor", "clocks", "templates", "draft"];

const TOUCHED = {
  /** A place, or where a client trains: what can be lifted there. */
  place: ["places", "clients", "exercises", "equipment", "today", ...LOADS],
  /** An exercise of the library. */
  library: ["exercises", "today", "ladders", "review", "summary", "progress", "overview", ...LOADS],
  /** The health file: whatever chooses or raises a load. */
  health: ["clients", "today", "exercises", "review", "overview", "rounds", "preview", "instead", ...LOADS],
  /** Sessions brought in or taken back: whatever is worked out from the log. */
  log: [
    "clients",
    "today",
    "exercises",
    "review",
    "summary",
    "progress",
    "overview",
    "pasted sessions",
    "home result",
    ...LOADS,
  ],
  /** A template of one's own, kept or taken out. */
  templates: ["templates"],
  /** A client who is new, or begins a program. */
  client: ["clients", "today", "pasted clients", "outcome", "overview", "progress", ...LOADS],
} as const satisfies Record<string, readonly string[]>;

export function changed(queries: QueryClient, what: keyof typeof TOUCHED): Promise<void> {
  const touched: readonly unknown[] = TOUCHED[what];
  return queries.invalidateQueries({ predicate: ({ queryKey }) => touched.includes(queryKey[0]) });
}

/** Asks for a view again from now: an answer that is still on its way may have been given before. */
export async function askAnew(queries: QueryClient, queryKey: QueryKey): Promise<void> {
  await queries.cancelQueries({ queryKey });
  await queries.invalidateQueries({ queryKey });
}

/**
 * Shows what a change was answered with; an answer that is still on its way may have been given before the change. What
 * else is asked of the same thing stays on its way: nobody would ask for it again.
 */
export async function showAnswer<Answer>(
  queries: QueryClient,
  queryKey: QueryKey,
  answer: Answer,
): Promise<void> {
  await queries.cancelQueries({ queryKey, exact: true });
  queries.setQueryData(queryKey, answer);
}
