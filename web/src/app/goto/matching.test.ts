import { expect, test } from "vitest";
import { matching } from "./matching";

const names = ["Dell Ostrander", "Otto Dell", "Agnes"];
test.each([
  ["", ["Dell Ostrander", "Otto Dell", "Agnes"]],
  ["dell", ["Dell Ostrander", "Otto Dell"]],
  ["o dell", ["Otto Dell", "Dell Ostrander"]],
  ["zorp", []],
])("words %s find in their order", (typed, found) => {
  expect(matching(typed, names, (name) => name)).toEqual(found);
});
