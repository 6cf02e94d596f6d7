import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { largestAt, largestRectangle } from "./largest.ts";
import { gapsOf, MOST_TURN } from "./placing.ts";
import { type Quad, SIDES } from "./quad.ts";

const opening = (w: number, h: number, lean = 0, taper = 0): Quad => ({
  bl: { x: 0, y: 0 },
  br: { x: w, y: 0 },
  tr: { x: w + lean + taper, y: h },
  tl: { x: lean, y: h },
});
const free = (mm: number) => ({ left: mm, right: mm, bottom: mm, top: mm });

describe("the largest rectangle at one turn", () => {
  it.each([
    ["true, 1.5 all round", opening(600, 900), 0, free(1.5), 597, 897],
    ["true, more below", opening(600, 900), 0, { ...free(1), bottom: 3 }, 598, 896],
    // The left side leans in 10 over 900: held to the sill, the pane loses what it leans over the pane's own height.
    ["leaning 9 over 900, none free", opening(600, 900, 9), 0, free(0), 591, 900],
    ["narrowing 6 upward, none free", opening(600, 900, 0, -6), 0, free(0), 594, 900],
  ])("%s", (_, q, turn, clearance, width, height) => {
    const p = largestAt(q, turn, clearance);
    expect(p?.width).toBeCloseTo(width, 6);
    expect(p?.height).toBeCloseTo(height, 6);
  });

  it("is nothing where the clearances meet", () => {
    expect(largestAt(opening(600, 900), 0, free(300))).toBeUndefined();
    expect(largestRectangle(opening(600, 900), free(301), "even")).toBeUndefined();
  });
});

const anyOpening = fc
  .record({
    w: fc.double({ min: 250, max: 1200, noNaN: true }),
    h: fc.double({ min: 300, max: 1500, noNaN: true }),
    a: fc.double({ min: -14, max: 14, noNaN: true }),
    b: fc.double({ min: -6, max: 6, noNaN: true }),
    c: fc.double({ min: -6, max: 6, noNaN: true }),
  })
  .map(
    ({ w, h, a, b, c }): Quad => ({
      bl: { x: 0, y: 0 },
      br: { x: w, y: 0 },
      tr: { x: w + a + b, y: h + c },
      tl: { x: a, y: h },
    }),
  );
const clearances = fc.record(
  Object.fromEntries(SIDES.map((s) => [s, fc.double({ min: 0, max: 6, noNaN: true })])) as Record<
    (typeof SIDES)[number],
    fc.Arbitrary<number>
  >,
);

describe("whatever the opening", () => {
  it("leaves exactly the clearance on every side, at every turn", () => {
    fc.assert(
      fc.property(anyOpening, clearances, fc.double({ min: -MOST_TURN, max: MOST_TURN, noNaN: true }), (q, c, turn) => {
        const p = largestAt(q, turn, c);
        if (!p) return;
        const gaps = gapsOf(q, p);
        for (const s of SIDES) expect(gaps[s].least).toBeCloseTo(c[s], 6);
      }),
    );
  });

  it("a leaning opening with all its clearance on one side: the deepest of several dips", () => {
    const q: Quad = {
      bl: { x: 0, y: 0 },
      br: { x: 412.17, y: 0 },
      tr: { x: 426.17, y: 740.03 },
      tl: { x: 14, y: 740.03 },
    };
    const p = largestRectangle(q, { left: 6, right: 0, bottom: 0, top: 0 }, "even");
    expect(p && Math.max(...SIDES.map((s) => gapsOf(q, p)[s].most))).toBeLessThan(7.08);
  });

  it("sides that are parallel but for the last digit leave no piece between them", () => {
    const q: Quad = {
      bl: { x: 0, y: 0 },
      br: { x: 250.00000000000017, y: 0 },
      tr: { x: 253.73800522356902, y: 919.6140679490021 },
      tl: { x: -5e-224, y: 913.6140679490021 },
    };
    const p = largestRectangle(q, { left: 5e-307, right: 3e-141, bottom: 4e-63, top: 5e-44 }, "even");
    expect(p && Math.max(...SIDES.map((s) => gapsOf(q, p)[s].most))).toBeLessThan(5.41);
  });

  it("no turn of a fine sweep is more even, or has more glass", () => {
    fc.assert(
      fc.property(anyOpening, clearances, (q, c) => {
        const even = largestRectangle(q, c, "even");
        const area = largestRectangle(q, c, "area");
        if (!even || !area) return;
        const most = (p: NonNullable<typeof even>) => Math.max(...SIDES.map((s) => gapsOf(q, p)[s].most));
        for (let i = -200; i <= 200; i++) {
          const p = largestAt(q, (i / 200) * MOST_TURN, c);
          if (!p) continue;
          expect(most(even)).toBeLessThanOrEqual(most(p) + 1e-6);
          expect(area.width * area.height).toBeGreaterThanOrEqual(p.width * p.height - 1e-3);
        }
      }),
      { numRuns: 40 },
    );
  });
});
