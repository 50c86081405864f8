import { describe, expect, it } from "vitest";
import { parted } from "./AddExercise";

describe("a name with shorthand behind it", () => {
  it.each([
    ["goblet squat 3x10 16", "goblet squat", "3x10 16"],
    ["back squat: 12/10/8 60", "back squat", "12/10/8 60"],
    ["thruster most x 6 in 8:00", "thruster", "most x 6 in 8:00"],
    ["90 90", "90 90", ""],
    ["plank, 3 sets of 40 s", "plank", "3 sets of 40 s"],
    ["row", "row", ""],
  ])("%s", (typed, name, line) => {
    expect(parted(typed)).toEqual({ name, line });
  });
});
