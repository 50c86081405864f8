// What a step that ended says of the set it closes.
import type { Said } from "../pad/said";
import type { FloorSet } from "../floorState";
import type { Ended } from "./player";

/** The set as aimed at, with the seconds that were worked and the checkpoints that were passed. */
export function logOf(ended: Ended, set: FloorSet): Said {
  const { aim } = set;
  const far = aim.metres !== null && aim.metres !== undefined;
  const timed = aim.seconds !== null && !far;
  return {
    reps: timed ? null : aim.reps,
    seconds: timed || far ? (ended.seconds ?? aim.seconds) : null,
    metres: aim.metres ?? null,
    load: aim.load,
    assisted: aim.assisted,
    reserve: aim.reserve ?? null,
    how: {
      lead: set.sides[0] ?? null,
      confirmed: false,
      checkpoints: ended.step.marks.length ? ended.passed : null,
      source: ended.byClock ? "clock" : "tap",
    },
    note: "",
  };
}
