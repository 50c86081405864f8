// @vitest-environment jsdom
import "fake-indexeddb/auto";
import type { RouteObject } from "react-router";
import { describe, expect, test } from "vitest";
import { routes } from "../routes";
import { glossary, look } from "./glossary";
import { titleOf } from "./titles";
import { helpOf } from "./views";

const leaves = (routes: readonly RouteObject[]): RouteObject[] =>
  routes.flatMap((route) => (route.children ? leaves(route.children) : [route]));

describe("help", () => {
  test("is there for every view that has an address", () => {
    for (const { path, index, handle } of leaves(routes)) {
      if (path === "*" || path === "kit") continue;
      expect(titleOf, `${path ?? index}`).toHaveProperty(String((handle as { help?: string })?.help));
    }
  });

  test("has every view's words, and no word that no view names and nobody finds", () => {
    for (const { words } of Object.values(helpOf))
      for (const word of words) expect(glossary).toHaveProperty([word]);
    for (const term of Object.keys(glossary)) expect(look(term)[0]?.term).toBeDefined();
  });
});

describe("looking up a word", () => {
  test.each([
    ["rir", "reps left"],
    ["emom", "on the minute"],
    ["amrap", "most rounds"],
    ["superset", "group"],
    ["deload", "easier week"],
    ["1rm", "estimated max"],
    ["tempo", "tempo"],
    ["bw", "body weight"],
    ["drop", "drop set"],
    ["volume", "band"],
    ["zorp", undefined],
  ])("finds what %s is called here", (typed, term) => {
    const found = look(typed).map((entry) => entry.term);
    if (term) expect(found).toContain(term);
    else expect(found).toEqual([]);
  });

  test("puts what begins with it first", () => expect(look("re")[0]?.term.startsWith("re")).toBe(true));
});
