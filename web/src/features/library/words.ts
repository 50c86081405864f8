// The words an exercise is described with.
import type { Schemas } from "../../api/client";
import { named } from "../../ui/words";

/** What an exercise is loaded with, as one says it. */
export const kitName = (kind: Schemas["ImplementKind"]) =>
  named(kind === "bodyweight" ? "body weight" : kind);

/** What is filled in: the movement is never assumed, so a new one has none yet. */
export type Draft = Omit<Schemas["ExerciseRequest"], "pattern"> & { pattern: Schemas["Pattern"] | null };

/** What the form begins with: the exercise as it is, or an empty one. */
export function draftOf(exercise: Schemas["Exercise"] | null, name: string): Draft {
  if (!exercise) {
    return {
      name,
      pattern: null,
      kind: "lift",
      movers: [],
      helpers: [],
      implements: ["bodyweight"],
      needs: [],
      kit: [],
      bodyweight_share: "0",
      rep_seconds: 3,
      one_sided: false,
      stable: true,
      joints: [],
      cues: [],
      cue_sets: [],
      faults: [],
      ladder: "",
      after: "",
      also: [],
    };
  }
  return requestOf(exercise);
}

/** What is sent to leave an exercise as it is. */
export function requestOf(exercise: Schemas["Exercise"]): Schemas["ExerciseRequest"] {
  const {
    pattern,
    kind,
    movers,
    helpers,
    needs,
    kit,
    rep_seconds,
    one_sided,
    stable,
    joints,
    cues,
    cue_sets,
    faults,
  } = exercise;
  return {
    name: exercise.name,
    pattern,
    kind,
    movers,
    helpers,
    implements: exercise.implements,
    needs,
    kit,
    bodyweight_share: String(exercise.bodyweight_share),
    rep_seconds,
    one_sided,
    stable,
    joints,
    cues,
    cue_sets,
    faults,
    ladder: exercise.ladder,
    after: exercise.after,
    also: exercise.also,
  };
}
