import { describe, expect, it } from "vitest";
import { isOver, secondsAt, started, still, stopped } from "./stopwatch";

const at = 1_700_000_000_000;

describe("the stopwatch", () => {
  it("goes by the clock, however few ticks there were", () => {
    const running = started(still, at);
    expect(secondsAt(running, at + 61_250, null)).toBe(61.25);
  });

  it("goes on from where it stopped", () => {
    const once = stopped(started(still, at), at + 10_000, null);
    expect(secondsAt(once, at + 99_000, null)).toBe(10);
    const again = started(once, at + 20_000);
    expect(secondsAt(again, at + 25_000, null)).toBe(15);
  });

  it("starts once, however often it is tapped", () => {
    const running = started(still, at);
    expect(started(running, at + 5000)).toBe(running);
  });

  it("stops at its limit and never shows more", () => {
    const running = started(still, at);
    expect(isOver(running, at + 29_900, 30)).toBe(false);
    expect(isOver(running, at + 30_000, 30)).toBe(true);
    expect(secondsAt(running, at + 45_000, 30)).toBe(30);
    expect(stopped(running, at + 45_000, 30).before).toBe(30_000);
    expect(isOver(running, at + 45_000, null)).toBe(false);
  });

  it("does not run backwards when the clock is set back", () => {
    const running = started({ before: 4000, since: null }, at);
    expect(secondsAt(running, at - 3_600_000, null)).toBe(4);
  });
});
