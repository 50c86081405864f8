// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type * as Words from "./words";

const fresh = async (kept: string | null): Promise<typeof Words> => {
  localStorage.clear();
  if (kept !== null) localStorage.setItem("upright-anvil.catalogue", kept);
  vi.resetModules();
  await (await import("./catalogue")).readCatalogue();
  return import("./words");
};
const sentences = {
  "Log {{name}}": "{{name}} eintragen",
  "{{count}} set_one": "{{count}} Satz",
  "{{count}} set_other": "{{count}} Sätze",
  done: "erledigt",
};
const german = JSON.stringify({ language: "de", sentences });

describe("the sentences of the screens", () => {
  beforeEach(() => vi.resetModules());
  afterEach(() => localStorage.clear());

  it("are English where no language was chosen", async () => {
    const words = await fresh(null);
    expect(words.t("Log {{name}}", { name: "$& {{x}}" })).toBe("Log $& {{x}}");
    expect(words.count(1, "entry", "entries")).toBe("1 entry");
    expect(words.count(2, "entry", "entries")).toBe("2 entries");
    expect([words.locale, words.figure("62.50")]).toEqual(["en-GB", "62.5"]);
  });

  it("are the catalogue's where one was, with its own plurals and decimals", async () => {
    const words = await fresh(german);
    expect(words.t("Log {{name}}", { name: "<b>" })).toBe("<b> eintragen");
    expect([words.count(1, "set"), words.count(3, "set")]).toEqual(["1 Satz", "3 Sätze"]);
    expect([words.named("done"), words.named("missed"), words.figure(62.5)]).toEqual([
      "erledigt",
      "missed",
      "62,5",
    ]);
  });

  it("are English for what the catalogue lacks", async () => {
    const words = await fresh(german);
    expect(words.t("Skip {{name}}", { name: "Row" })).toBe("Skip Row");
    expect(words.count(2, "entry", "entries")).toBe("2 entries");
  });

  it("are English where the store holds something else", async () => {
    for (const kept of ["{", "null", "[]", '{"language":5}'])
      expect((await fresh(kept)).t("Log {{name}}", { name: "Row" })).toBe("Log Row");
  });
});

describe("a translator's file", () => {
  it("is taken by its name and its sentences, else refused", async () => {
    const { readCatalogueFile } = await fresh(null);
    const text = JSON.stringify(sentences);
    expect(readCatalogueFile("interface.de.json", text)?.language).toBe("de");
    expect(readCatalogueFile("pt-BR.json", text)?.language).toBe("pt-BR");
    for (const [name, content] of [
      ["interface.json", text],
      ["interface.de.json", "[]"],
      ["interface.de.json", "{}"],
      ["interface.de.json", '{"a": {"b": "c"}}'],
      ["interface.de.json", "no json"],
    ] as const)
      expect(readCatalogueFile(name, content)).toBeNull();
  });
});
