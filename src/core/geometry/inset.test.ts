import { describe, expect, it } from "vitest";
import { inset } from "./inset.ts";
import type { Quad } from "./quad.ts";

const box: Quad = { bl: { x: 0, y: 0 }, br: { x: 600, y: 0 }, tr: { x: 600, y: 900 }, tl: { x: 0, y: 900 } };

describe("a figure with its clearances taken off", () => {
  it("each side moves in by its own", () => {
    const got = inset(box, { left: 2, right: 3, bottom: 1, top: 4 });
    expect([got?.bl, got?.tr]).toEqual([
      { x: 2, y: 1 },
      { x: 597, y: 896 },
    ]);
  });
  it("square to a side that leans: 3-4-5", () => {
    // The left side rises 4 for every 3 across: 5 square to it are 6.25 along the foot.
    const leaning: Quad = { ...box, tl: { x: 300, y: 400 }, tr: { x: 900, y: 400 }, br: { x: 900, y: 0 } };
    expect(inset(leaning, { left: 5, right: 0, bottom: 0, top: 0 })?.bl.x).toBeCloseTo(6.25, 9);
  });
  it.each([
    ["more than there is", { left: 400, right: 400, bottom: 0, top: 0 }],
    ["more than there is both ways", { left: 400, right: 400, bottom: 500, top: 500 }],
    ["all there is", { left: 300, right: 300, bottom: 0, top: 0 }],
  ])("%s leaves no figure", (_, by) => expect(inset(box, by)).toBeUndefined());
});
