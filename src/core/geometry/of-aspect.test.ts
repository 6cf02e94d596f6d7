import { describe, expect, it } from "vitest";
import { largestOfAspect } from "./of-aspect.ts";
import type { Quad } from "./quad.ts";

const box = (w: number, h: number, lean = 0): Quad => ({
  bl: { x: 0, y: 0 },
  br: { x: w, y: 0 },
  tr: { x: w + lean, y: h },
  tl: { x: lean, y: h },
});
const all = (c: number) => ({ left: c, right: c, bottom: c, top: c });

describe("the largest pane that keeps its shape", () => {
  it.each<[string, Quad, number, number, readonly [number, number]]>([
    ["as broad as high in a tall opening: its width", box(600, 900), 1.5, 1, [597, 597]],
    ["two to three", box(600, 900), 1.5, 2 / 3, [597, 895.5]],
    ["taller than the opening: its height", box(600, 900), 1.5, 0.5, [448.5, 897]],
    ["with no clearance", box(600, 900), 0, 2 / 3, [600, 900]],
  ])("%s", (_, q, clearance, aspect, [w, h]) => {
    const got = largestOfAspect(q, all(clearance), aspect);
    expect(got?.width).toBeCloseTo(w, 4);
    expect(got?.height).toBeCloseTo(h, 4);
  });
  it("a lean costs width, and less than all of it: the pane may turn", () => {
    const got = largestOfAspect(box(600, 900, 6), all(1.5), 2 / 3);
    expect(got?.width).toBeLessThan(597);
    expect(got?.width).toBeGreaterThan(591);
  });
  it("there is none where nothing goes in", () => expect(largestOfAspect(box(10, 10), all(6), 1)).toBeUndefined());
});
