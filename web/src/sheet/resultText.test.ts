import { describe, expect, it } from "vitest";
import type { Day, Sheet } from "./data";
import { freshLog, withSet } from "./dayLog";
import { resultText } from "./resultText";

const sheet = { id: "sheet-1", key: "00112233445566778899aabbccddeeff" } as Sheet;
const day = { week_id: "p1-w1", day_id: "p1-d1" } as unknown as Day;
const none = {
  reps: null,
  seconds: null,
  load: null,
  reserve: null,
  hurt: false,
  byClock: false,
  done: true,
};

describe("the text that goes back", () => {
  it("is the one the studio reads", () => {
    let log = {
      ...freshLog(),
      run: "run-00000001",
      begun: 1_772_000_000_000,
      effort: 6,
      note: "Knee was fine",
    };
    log = withSet(log, "1:1:0", { ...none, seconds: 40, byClock: true, at: 1_772_000_200_000 }) as typeof log;
    log = withSet(log, "0:1:0", {
      ...none,
      reps: 8,
      load: "12.5",
      reserve: 2,
      at: 1_772_000_060_000,
    }) as typeof log;
    expect(resultText(sheet, day, { ...log, ended: 1_772_001_800_000 }, 0)).toBe(FROM_A_PHONE);
  });
});

// The same text stands in the studio's own test.
const FROM_A_PHONE =
  "UA1.eyJzIjoic2hlZXQtMSIsInIiOiJydW4tMDAwMDAwMDEiLCJ3IjoicDEtdzEiLCJkIjoicDEtZDEiLCJiIjoxNzcyMDAwMDAwLCJlIjoxNzcyMDAxODAwLCJmIjo2LCJ0IjoiS25lZSB3YXMgZmluZSIsIngiOiIwLDEsMiw4LCwxMi41LDIsNjA7MSwxLDEwLCw0MCwsLDIwMCJ9.Rk5XlU6WafK6";
