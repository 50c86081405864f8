// What an entry is, in words, so that nobody has to guess what was not taken.
import { t } from "../ui/words";
import type { Schemas } from "../api/client";
import type { Entry } from "./outbox";

const NAMES: Record<Entry["kind"], string> = {
  start: t("The start of a session"),
  set: t("A set"),
  note: t("A note"),
  "exercise-note": t("What always goes with an exercise"),
  change: t("A change of the day"),
  undo: t("Taking back a change"),
  measure: t("What a device measured"),
  effort: t("How hard the session was"),
  finish: t("The end of a session"),
  round: t("The start of a round of tests"),
  result: t("A test result"),
  "round-finish": t("The end of a round of tests"),
};

export function inWords(entry: Entry): string {
  const name = NAMES[entry.kind];
  if (entry.kind === "set") {
    const { number, ramp, reps, seconds, load } = entry.body as Schemas["SetRequest"];
    const done = reps != null ? `${reps} reps` : seconds != null ? `${seconds} s` : "";
    const said = [done, load ? `${load.value} ${load.unit}` : ""].filter(Boolean).join(" with ");
    return `${ramp ? "A ramp-up set" : name} (number ${[number, said].filter(Boolean).join(", ")})`;
  }
  if (entry.kind === "note") return `${name} (“${(entry.body as Schemas["NoteRequest"]).text}”)`;
  return name;
}
