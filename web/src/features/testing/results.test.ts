import { describe, expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { entered, figure, sideName, signed, unitOf } from "./results";

const item = (kind: Schemas["TestKind"]) => ({ kind }) as Schemas["TestItem"];
const result = (fields: Partial<Schemas["TestResult"]>) =>
  ({ value: null, load: null, reserve: null, ...fields }) as Schemas["TestResult"];

describe("a result in words", () => {
  it.each([
    ["good-form reps", { value: "14" }, "14 reps"],
    ["hold", { value: "48.50" }, "48.5 s"],
    ["time over a distance", { value: "7.4" }, "7.4 s"],
    ["distance in a time", { value: "512" }, "512 m"],
    ["range", { value: "-8" }, "-8 cm"],
    ["girth", { value: "72" }, "72 cm"],
    ["quality grade", { value: "2" }, "2 of 3"],
    ["body weight", { load: { value: "70.5", unit: "kg" } }, "70.5 kg"],
    ["load for reps", { value: "6", load: { value: "60", unit: "lb" }, reserve: 2 }, "60 lb × 6, 2 left"],
    ["load for reps", { value: "6", load: { value: "60", unit: "kg" } }, "60 kg × 6"],
  ] as const)("%s", (kind, fields, words) => {
    expect(entered(item(kind), result(fields as Partial<Schemas["TestResult"]>))).toBe(words);
  });

  it("names units, sides and changes", () => {
    expect(unitOf(item("load for reps"))).toBe("kg");
    expect([sideName("left"), sideName(null)]).toEqual([", left", ""]);
    expect([signed("2.04"), signed(-1.5), signed(0)]).toEqual(["+2", "−1.5", "0"]);
    expect([figure("80.04"), figure(null)]).toEqual(["80", ""]);
  });
});
