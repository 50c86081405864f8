import { expect, test } from "vitest";
import { inOrder, matching } from "./matching";

const names = ["Dell Ostrander", "Otto Dell", "Agnes"];
test.each([
  ["", ["Dell Ostrander", "Otto Dell", "Agnes"]],
  ["dell", ["Dell Ostrander", "Otto Dell"]],
  ["o dell", ["Otto Dell", "Dell Ostrander"]],
  ["zorp", []],
])("words %s find in their order", (typed, found) => {
  expect(matching(typed, names, (name) => name)).toEqual(found);
});

test("a group with a name that begins with the words comes first, an empty one not at all", () => {
  const groups = [
    { names: ["Dell"], part: "people" },
    { names: [], part: "exercises" },
    { names: ["Bring in clients"], part: "to do" },
  ];
  expect(inOrder("bring", groups)).toEqual(["to do", "people"]);
  expect(inOrder("", groups)).toEqual(["people", "to do"]);
});
