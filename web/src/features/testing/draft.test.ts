import { describe, expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { draftOf, figureOf, isEnough, saidOf, wordsOf, type Draft } from "./draft";

const item = (kind: Schemas["TestKind"], variants: string[] = []) =>
  ({ kind, variants }) as unknown as Schemas["TestItem"];
const blank: Draft = {
  value: "",
  weight: "",
  reserve: 2,
  variant: "full",
  ended: null,
  grade: null,
  note: "",
  single: false,
  source: "typed",
};
const round = (fields: object) =>
  ({
    item: item("good-form reps", ["knees", "full"]),
    result: null,
    last_time: null,
    ...fields,
  }) as unknown as Schemas["RoundTest"];

describe("what the pad begins with", () => {
  it("takes the hardest variant where nothing is known, else the one of last time", () => {
    expect(draftOf(round({})).variant).toBe("full");
    expect(draftOf(round({ last_time: { result: { variant: "knees" } } })).variant).toBe("knees");
  });

  it("stands ready to correct what was kept", () => {
    const kept = {
      value: "12.00",
      variant: "knees",
      ended: "form",
      grade: 2,
      note: "left side",
      reserve: null,
    };
    const draft = draftOf(round({ result: { result: kept } }));
    expect(draft).toMatchObject({
      value: "12",
      variant: "knees",
      ended: "form",
      grade: 2,
      note: "left side",
    });
  });
});

describe("when there is enough to keep", () => {
  it.each([
    ["good-form reps", {}, 0, false],
    ["good-form reps", { value: "0" }, 0, true],
    ["hold", {}, 0, false],
    ["hold", {}, 12.3, true],
    ["hold", { value: "40" }, 0, true],
    ["body weight", { value: "5" }, 0, false],
    ["body weight", { weight: "70" }, 0, true],
    ["load for reps", { value: "6" }, 0, false],
    ["load for reps", { weight: "60" }, 0, false],
    ["load for reps", { value: "6", weight: "60" }, 0, true],
  ] as const)("%s with %o after %s s: %s", (kind, fields, ran, enough) => {
    expect(isEnough(item(kind), { ...blank, ...fields }, ran)).toBe(enough);
  });
});

describe("what is sent", () => {
  it("is the clock's figure where it ran, with commas and minus signs made plain", () => {
    expect(figureOf({ ...blank, value: "40" }, 12.34)).toBe("12.3");
    expect(figureOf({ ...blank, value: " −12,5 " }, 0)).toBe("-12.5");
  });

  it("carries a load for a load, a reserve only there, and no variant where there are none", () => {
    const draft = { ...blank, value: "6", weight: "62,5", ended: "will" as const };
    expect(saidOf(item("load for reps"), draft, 0, "lb")).toEqual({
      value: "6",
      load: { value: "62.5", unit: "lb" },
      variant: "",
      reserve: 2,
      ended: "will",
      grade: null,
      note: "",
      source: "typed",
      single: false,
    });
    expect(saidOf(item("good-form reps", ["full"]), draft, 0, "kg")).toMatchObject({
      load: null,
      reserve: null,
      variant: "full",
    });
  });

  it("says where a body weight came from, and no figure beside it", () => {
    const draft = { ...blank, value: "9", weight: "70.5", source: "scale" };
    expect(saidOf(item("body weight"), draft, 0, "kg")).toMatchObject({
      value: null,
      load: { value: "70.5", unit: "kg" },
      source: "scale",
    });
  });

  it("is said in words on the button", () => {
    const draft = { ...blank, value: "6", weight: "60" };
    expect(wordsOf(item("load for reps"), draft, 0, "kg")).toBe("60 kg × 6");
    expect(wordsOf(item("body weight"), draft, 0, "kg")).toBe("60 kg");
    expect(wordsOf(item("good-form reps"), draft, 0, "kg")).toBe("6 reps");
    expect(wordsOf(item("hold"), draft, 31.26, "kg")).toBe("31.3 s");
  });
});
