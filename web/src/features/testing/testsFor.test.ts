import { expect, test } from "vitest";
import type { Schemas } from "../../api/client";
import type { ExerciseId } from "../../api/ids";
import { testsFor } from "./testsFor";

const item = (name: string, exercise = "", standard = "") =>
  ({ id: name, name, exercise, kind: "good-form reps", standard }) as unknown as Schemas["TestItem"];
const tests = [
  item("Push-up", "push-up", "Chest to a fist"),
  item("Step test", "", "Push off the heel"),
  item("Pull-up", "pull-up"),
];
const names = (typed: string, exercises: string[] = []) =>
  testsFor(typed, tests, exercises as ExerciseId[]).map((one) => one.name);

test("a name comes before the exercise's other names, and before words of the standard", () => {
  expect(names("push up")).toEqual(["Push-up"]);
  expect(names("press ups", ["push-up"])).toEqual(["Push-up"]);
  expect(names("push")).toEqual(["Push-up", "Step test"]);
  expect(names("chin", ["pull-up", "push-up"])).toEqual(["Pull-up", "Push-up"]);
  expect(names("zorp")).toEqual([]);
});
