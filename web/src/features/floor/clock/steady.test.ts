import { describe, expect, it } from "vitest";
import { steadyClock } from "./steady";

function clocks() {
  const at = { wall: 1_000_000, page: 0 };
  const pass = (wall: number, page = wall) => {
    at.wall += wall;
    at.page += page;
  };
  return {
    pass,
    now: steadyClock(
      () => at.wall,
      () => at.page,
    ),
  };
}

describe("steadyClock", () => {
  it("follows the device", () => {
    const { pass, now } = clocks();
    pass(1500);
    expect(now()).toBe(1_001_500);
  });

  it("counts a sleep that the page did not see", () => {
    const { pass, now } = clocks();
    now();
    pass(60_000, 20);
    expect(now()).toBe(1_060_000);
  });

  it("goes on at the page's pace when the device's clock is set back, then and later", () => {
    const { pass, now } = clocks();
    now();
    pass(-3_600_000, 2000);
    expect(now()).toBe(1_002_000);
    pass(500);
    expect(now()).toBe(1_002_500);
  });

  it("never answers less than before", () => {
    const { pass, now } = clocks();
    const before = now();
    pass(-100, 10);
    expect(now()).toBeGreaterThanOrEqual(before);
  });
});
