import type { Schemas } from "../../api/client";
import type { ExerciseId } from "../../api/ids";

const MOST = 6;

/** The tests that typed words stand in, then those of the exercises that were found by them, best first. */
export function testsFor(
  typed: string,
  tests: readonly Schemas["TestItem"][],
  exercises: readonly ExerciseId[],
): Schemas["TestItem"][] {
  const words = typed.toLowerCase().split(/[\s-]+/);
  const within = (text: string) => words.every((word) => text.toLowerCase().includes(word));
  const named = tests.filter((test) => within(test.name));
  const beside = exercises.flatMap((id) => tests.filter((test) => test.exercise === id));
  const said = tests.filter((test) => within(`${test.name} ${test.kind} ${test.standard}`));
  return [...new Set([...named, ...beside, ...said])].slice(0, MOST);
}
