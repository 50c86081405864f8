import { describe, expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { gapsInWords, span } from "./steps";

const kg = (value: string): Schemas["Load"] => ({ value, unit: "kg" });
const loads = (...values: string[]) =>
  values.map((value) => ({ load: kg(value), how: value, estimated: false }));

describe("loads in words", () => {
  it("says from where to where, or the one there is", () => {
    expect(span(kg("4"), kg("24"))).toBe("4 to 24 kg");
    expect(span(kg("10"), kg("10"))).toBe("10 kg");
    expect(span(undefined, undefined)).toBe("");
  });

  it("names each big step while they are few", () => {
    expect(gapsInWords({ loads: loads("10", "10.5", "14", "18"), gaps: [false, false, true, true] })).toBe(
      "10.5 to 14, 14 to 18",
    );
    expect(gapsInWords({ loads: loads("10", "11"), gaps: [false, false] })).toBe("");
  });

  it("names the heaviest of many", () => {
    const many = loads("1", "2", "3", "4", "5", "6");
    expect(gapsInWords({ loads: many, gaps: [false, true, true, true, true, true] })).toBe("up to 5 to 6");
  });
});
