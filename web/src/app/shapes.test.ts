import { describe, expect, it } from "vitest";
import { shapeOf } from "./shapes";

describe("shapeOf", () => {
  it.each([
    ["/", "rows"],
    ["/clients", "rows"],
    ["/clients/abc", "file"],
    ["/clients/abc/progress", "pictures"],
    ["/programs/abc", "board"],
    ["/programs/abc/calendar", "table"],
    ["/floor/a/b/c", "floor"],
    ["/sessions/abc", "rows"],
  ])("%s is made of %s", (path, shape) => expect(shapeOf(path)).toBe(shape));
});
