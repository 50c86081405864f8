import { describe, expect, it } from "vitest";
import { blocksOf } from "./SetBlocks";

const bar = (width: number) => ({ width, height: 0.5, label: "" });

describe("blocksOf", () => {
  it("keeps the outline behind what was done, and shows what was added", () => {
    const drawn = blocksOf(2, bar(8), [bar(7), bar(8), bar(6)]);
    expect(drawn.map((block) => [block.planned?.width, block.done?.width])).toEqual([
      [8, 7],
      [8, 8],
      [undefined, 6],
    ]);
  });

  it("draws what is planned and not done as outlines alone", () => {
    expect(blocksOf(3, bar(8), []).map((block) => block.done)).toEqual([null, null, null]);
  });

  it("draws nothing where nothing is", () => {
    expect(blocksOf(0, null, [])).toEqual([]);
  });
});
