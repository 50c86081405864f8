import { expect, it } from "vitest";
import { topicName } from "./names";

it.each([
  ["knee", "left", "left knee"],
  ["shoulder", "both", "both shoulders"],
  ["neck", null, "neck"],
  ["blood pressure", undefined, "blood pressure"],
] as const)("%s, %s is %s", (topic, side, said) => {
  expect(topicName(topic, side)).toBe(said);
});
