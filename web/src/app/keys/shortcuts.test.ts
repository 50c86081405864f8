// @vitest-environment jsdom
import { describe, expect, test } from "vitest";
import { actionOf, listed } from "./shortcuts";
import { setSingleKeys } from "./singleKeys";

const key = (
  key: string,
  held: Partial<Record<"ctrlKey" | "metaKey" | "altKey" | "shiftKey", boolean>> = {},
) => ({
  key,
  ctrlKey: false,
  metaKey: false,
  altKey: false,
  shiftKey: false,
  ...held,
});

describe("a pressed key", () => {
  test.each([
    [key("c", { ctrlKey: true }), "copy"],
    [key("V", { metaKey: true }), "paste"],
    [key("w", { altKey: true }), "fill"],
    [key("ArrowUp", { shiftKey: true }), "choose up"],
    [key("ArrowUp", { altKey: true }), "move up"],
    [key("ArrowUp"), "up"],
    [key(" "), "choose"],
    [key("Enter", { altKey: true }), "more"],
    [key("F2"), "open"],
    [key("4"), null],
    [key("z", { ctrlKey: true }), null],
  ])("asks of a cell for one thing", (pressed, asked) => expect(actionOf("cell", pressed)).toBe(asked));

  test("with Shift held is another one where the key has a name", () => {
    expect(actionOf("typing", key("Enter", { shiftKey: true }))).toBe("keep on");
    expect(actionOf("board", key("Z", { ctrlKey: true, shiftKey: true }))).toBe("redo");
    expect(actionOf("everywhere", key("?", { shiftKey: true }))).toBe("help");
  });

  test("belongs to its view alone", () => {
    expect(actionOf("set", key("n"))).toBeNull();
    expect(actionOf("floor", key("s"))).toBeNull();
    expect(actionOf("set", key("s", { ctrlKey: true }))).toBeNull();
  });
});

test("letters alone can be switched off where the focus is anywhere, and nothing else with them", () => {
  setSingleKeys(false);
  expect(actionOf("set", key("s"))).toBeNull();
  expect(actionOf("everywhere", key("?", { shiftKey: true }))).toBeNull();
  expect(actionOf("set", key("Enter"))).toBe("log");
  expect(actionOf("board", key("z", { ctrlKey: true }))).toBe("undo");
  setSingleKeys(true);
  expect(actionOf("set", key("s"))).toBe("skip");
});

test("no view lists a key twice, and every view lists something", () => {
  for (const [, title, entries] of listed) {
    const keys = entries.map(([key]) => key);
    expect(new Set(keys).size, title).toBe(keys.length);
    expect(keys.length, title).toBeGreaterThan(0);
  }
});
