// What health asks to be minded in a session: the screen first, then the conditions.
import type { Schemas } from "../../api/client";

export interface ToMind {
  said: string[];
  /** A clearance is not recorded yet, or a condition wants a clinician first. */
  stop: boolean;
}

export function toMind(
  reminder: string | null,
  awaited: boolean,
  cautions: Schemas["Caution"][],
): ToMind | null {
  const said = [...(reminder ? [reminder] : []), ...cautions.map((caution) => caution.text)];
  const stop = awaited || cautions.some((caution) => caution.grade === "stop");
  return said.length ? { said, stop } : null;
}
