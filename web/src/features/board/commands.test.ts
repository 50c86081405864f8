import { describe, expect, it } from "vitest";
import { parted } from "./AddExercise";
import { commandOf } from "./commands";

const free = { ctrlKey: false, metaKey: false, altKey: false, shiftKey: false };

describe("keys on a cell", () => {
  it("ask for what the list of shortcuts says", () => {
    expect(commandOf({ ...free, key: "c", ctrlKey: true })).toBe("copy");
    expect(commandOf({ ...free, key: "D", metaKey: true })).toBe("copy on");
    expect(commandOf({ ...free, key: "ArrowUp", altKey: true })).toBe("move up");
    expect(commandOf({ ...free, key: "ArrowDown", shiftKey: true })).toBe("choose down");
    expect(commandOf({ ...free, key: " " })).toBe("choose");
    expect(commandOf({ ...free, key: "w", altKey: true })).toBe("fill");
  });

  it("that type or move are nobody's command", () => {
    expect(commandOf({ ...free, key: "4" })).toBeNull();
    expect(commandOf({ ...free, key: "ArrowUp" })).toBeNull();
    expect(commandOf({ ...free, key: "z", ctrlKey: true })).toBeNull();
  });
});

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
