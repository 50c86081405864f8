import { describe, expect, it } from "vitest";
import { secondsOf } from "./HowFar";

describe("the time of a distance", () => {
  it.each([
    ["31:20", 1880],
    ["31.20", 1880],
    ["31", 1860],
    ["1:05:00", 3900],
    [" 75 ", 4500],
    ["", null],
    ["31:75", null],
    ["7 h", null],
    ["0:00", null],
    ["7:00:00", null],
  ])("%s", (text, seconds) => {
    expect(secondsOf(text)).toBe(seconds);
  });
});
