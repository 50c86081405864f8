// The words an exercise is described with, in the order they are offered.
import type { Schemas } from "../../api/client";

export const patterns: Schemas["Pattern"][] = [
  "squat",
  "hinge",
  "lunge",
  "push horizontal",
  "push vertical",
  "pull horizontal",
  "pull vertical",
  "carry",
  "trunk",
  "rotation",
  "locomotion",
  "balance",
  "single joint",
  "mobility",
];
export const kinds: Schemas["ExerciseKind"][] = [
  "lift",
  "hold",
  "jump",
  "carry",
  "throw",
  "balance",
  "cardio",
  "mobility",
  "warm-up",
  "stretch",
];
export const implementKinds: Schemas["ImplementKind"][] = [
  "bodyweight",
  "dumbbell",
  "kettlebell",
  "barbell",
  "stack",
  "band",
  "improvised",
  "medicine ball",
];
/** What an exercise is loaded with, as one says it. */
export const kitName = (kind: Schemas["ImplementKind"]) => (kind === "bodyweight" ? "body weight" : kind);

export const muscles: Schemas["Muscle"][] = [
  "quadriceps",
  "hamstrings",
  "glutes",
  "adductors",
  "hip abductors",
  "hip flexors",
  "calves",
  "shins",
  "ankle stabilisers",
  "chest",
  "front shoulder",
  "side shoulder",
  "rear shoulder",
  "upper back",
  "lats",
  "biceps",
  "triceps",
  "forearms",
  "trunk",
  "obliques",
  "spinal erectors",
];
export const features: Schemas["Feature"][] = [
  "wall",
  "chair",
  "doorway",
  "table",
  "open ground",
  "bench",
  "rack",
  "box",
  "pull-up bar",
  "anchor",
  "straps",
  "sliders",
  "big ball",
  "stairs",
];

/** What the form begins with: the exercise as it is, or an empty one. */
export function draftOf(exercise: Schemas["Exercise"] | null, name: string): Schemas["ExerciseRequest"] {
  if (!exercise) {
    return {
      name,
      pattern: "squat",
      kind: "lift",
      movers: [],
      helpers: [],
      implements: ["bodyweight"],
      needs: [],
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
    };
  }
  const {
    pattern,
    kind,
    movers,
    helpers,
    needs,
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
  };
}
