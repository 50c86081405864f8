import { describe, expect, it } from "vitest";
import { count, countdown, load, longDate, minutes, shortDate } from "./format";

describe("format", () => {
  it("counts down in minutes and seconds, never below zero", () => {
    expect([150, 60, 59.2, 0.1, 0, -3].map(countdown)).toEqual([
      "2:30",
      "1:00",
      "1:00",
      "0:01",
      "0:00",
      "0:00",
    ]);
  });

  it("writes a load as it was entered", () => {
    expect(load({ value: "62.5", unit: "kg" })).toBe("62.5 kg");
  });

  it("writes dates without slipping to the day before", () => {
    expect(shortDate("2026-03-01")).toBe("1 Mar");
    expect(longDate("2026-03-04")).toBe("Wednesday 4 March");
  });

  it("counts in the singular and the plural", () => {
    expect([count(1, "tap"), count(2, "tap"), count(0, "tap")]).toEqual(["1 tap", "2 taps", "0 taps"]);
  });

  it("rounds seconds to minutes", () => {
    expect([minutes(89), minutes(90), minutes(0)]).toEqual([1, 2, 0]);
  });
});
