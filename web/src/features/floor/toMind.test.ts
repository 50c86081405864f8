import { describe, expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { toMind } from "./toMind";

const caution = (grade: Schemas["CautionGrade"], text: string): Schemas["Caution"] => ({
  grade,
  about: text,
  text,
});

describe("what health asks to be minded", () => {
  it("is nothing where nothing is said", () => {
    expect(toMind(null, false, [])).toBeNull();
  });

  it("puts the screen before the conditions", () => {
    const mind = toMind("Ask again.", false, [caution("caution", "Blood pressure.")]);
    expect(mind).toEqual({ said: ["Ask again.", "Blood pressure."], stop: false });
  });

  it("stops for a clearance that is not recorded, and for a condition no clinician knows of", () => {
    expect(toMind("Clearance first.", true, [])?.stop).toBe(true);
    expect(toMind(null, false, [caution("stop", "Heart.")])?.stop).toBe(true);
    expect(toMind("Ask again.", false, [caution("note", "Lungs.")])?.stop).toBe(false);
  });
});
