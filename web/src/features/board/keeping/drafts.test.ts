import type { LineId, ProgramId, WeekId } from "../../../api/ids";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { draftOf, dropDraft, dropSent, keepDraft, keepSent } from "./drafts";

const cell = ["p" as ProgramId, "l" as LineId, "w" as WeekId] as const;

beforeEach(() => {
  const kept = new Map<string, string>();
  vi.stubGlobal("window", {
    localStorage: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, text: string) => kept.set(key, text),
      removeItem: (key: string) => kept.delete(key),
    },
  });
});

describe("drafts", () => {
  it("keeps what was half typed until it is left", () => {
    keepDraft(...cell, "3 x 8, 6");
    expect(draftOf(...cell, "3 x 8, 60 kg")).toBe("3 x 8, 6");
    dropDraft(...cell);
    expect(draftOf(...cell, "3 x 8, 60 kg")).toBeNull();
  });

  it("brings back what was sent while the cell still says what it said before", () => {
    keepSent(...cell, "3 x 8, 65 kg", "3 x 8, 60 kg");
    expect(draftOf(...cell, "3 x 8, 60 kg")).toBe("3 x 8, 65 kg");
    dropSent(...cell);
    expect(draftOf(...cell, "3 x 8, 60 kg")).toBeNull();
  });

  it("forgets what was sent once the cell says something else", () => {
    keepSent(...cell, "3x8 65", "3 x 8, 60 kg");
    expect(draftOf(...cell, "3 x 8, 65 kg")).toBeNull();
    expect(draftOf(...cell, "3 x 8, 60 kg")).toBeNull();
  });
});
