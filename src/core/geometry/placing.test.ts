import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { bestGapAt, bestTurn, centred, cornersOf, gapsOf, layTurn, MOST_TURN } from "./placing.ts";
import type { Quad } from "./quad.ts";
import { SIDES } from "./quad.ts";

const box = (w: number, h: number, lean = 0): Quad => ({
  bl: { x: 0, y: 0 },
  br: { x: w, y: 0 },
  tr: { x: w + lean, y: h },
  tl: { x: lean, y: h },
});

describe("a rectangle in a true opening", () => {
  it.each([
    [600, 900, 597, 897, 1.5],
    [600, 900, 598, 894, 1],
    [600, 900, 600, 900, 0],
    [600, 900, 602, 900, -1],
  ])("%i × %i takes %i × %i with %d to spare", (W, H, w, h, gap) => {
    expect(bestGapAt(box(W, H), { width: w, height: h, turn: 0 })).toBeCloseTo(gap, 9);
    expect(bestTurn(box(W, H), { width: w, height: h }).gap).toBeCloseTo(gap, 6);
  });

  it("stands in the middle, with the same gap left and right, above and below", () => {
    const at = centred(box(600, 900), { width: 597, height: 895, turn: 0 });
    expect(at?.at).toEqual({ x: 300, y: 450 });
    const gaps = at && gapsOf(box(600, 900), at);
    expect(gaps?.left).toEqual({ least: 1.5, most: 1.5 });
    expect(gaps?.top.least).toBeCloseTo(2.5, 12);
  });

  it("is measured at the middle of a side too: an inward bow costs room, and gives no cover", () => {
    const size = { width: 591, height: 897, turn: 0 };
    const inward = { left: -3, right: -3 };
    expect(bestGapAt(box(600, 900), size, inward)).toBeCloseTo(1.5, 9);
    const at = centred(box(600, 900), size, inward);
    expect(at && gapsOf(box(600, 900), at, inward).left).toEqual({ least: 1.5, most: 4.5 });
  });
  it("an outward bow gives no room, and costs cover", () => {
    const size = { width: 597, height: 897, turn: 0 };
    const outward = { left: 3, right: 3 };
    const at = centred(box(600, 900), size, outward);
    expect(at && gapsOf(box(600, 900), at, outward).left).toEqual({ least: 1.5, most: 4.5 });
  });
  it("is laid in the middle of the turns that are as good", () => {
    expect(layTurn(box(600, 900), { width: 590, height: 890 }, { left: -1, right: -1 })).toBeCloseTo(0, 4);
    expect(layTurn(box(600, 900, 10), { width: 590, height: 890 })).not.toBeCloseTo(0, 3);
  });
});

describe("a rectangle in a leaning opening", () => {
  it("leaning 10 mm over 900, it needs 10 mm less width when held to the sill, and less when it turns", () => {
    const q = box(600, 900, 10);
    // Straight sides leaning: each long side takes sin and cos of the lean; by hand (600 − w − 10 × h/900) × cos / 2.
    const cos = 900 / Math.hypot(900, 10);
    expect(bestGapAt(q, { width: 585, height: 894, turn: 0 })).toBeCloseTo(
      ((600 - 585 - (10 * 894) / 900) * cos) / 2,
      9,
    );
    const turned = bestTurn(q, { width: 585, height: 894 });
    expect(turned.gap).toBeGreaterThan(bestGapAt(q, { width: 585, height: 894, turn: 0 }));
    expect(turned.turn).toBeLessThan(0);
  });

  it("never turns past the most a pane may", () => {
    expect(Math.abs(bestTurn(box(600, 900, 300), { width: 200, height: 200 }).turn)).toBeLessThanOrEqual(MOST_TURN);
  });
});

const anyQuad = fc.tuple(...Array.from({ length: 5 }, () => fc.double({ min: -12, max: 12, noNaN: true }))).map(
  ([a = 0, b = 0, c = 0, d = 0, e = 0]): Quad => ({
    bl: { x: 0, y: 0 },
    br: { x: 600 + a, y: 0 },
    tr: { x: 600 + b, y: 900 + c },
    tl: { x: d, y: 900 + e },
  }),
);

/** Highest value of a concave function between two ends, by thirds. */
function top(f: (v: number) => number, from: number, to: number): number {
  let [a, b] = [from, to];
  for (let i = 0; i < 32; i++) {
    const [l, r] = [a + (b - a) / 3, b - (b - a) / 3];
    if (f(l) < f(r)) a = l;
    else b = r;
  }
  return f((a + b) / 2);
}

describe("in any opening", () => {
  it("the best gap is what a fine search over places finds", () => {
    fc.assert(
      fc.property(anyQuad, fc.double({ min: -0.02, max: 0.02, noNaN: true }), (q, turn) => {
        const lying = { width: 590, height: 885, turn };
        const best = bestGapAt(q, lying);
        const leastAt = (x: number, y: number) => {
          const gaps = gapsOf(q, { ...lying, at: { x, y } });
          return Math.min(...SIDES.map((s) => gaps[s].least));
        };
        // The least gap is concave in x and in y, so a search within a search finds its top.
        const found = top((x) => top((y) => leastAt(x, y), 400, 500), 250, 350);
        expect(found).toBeLessThanOrEqual(best + 1e-9);
        expect(found).toBeGreaterThan(best - 1e-3);
      }),
      { numRuns: 30 },
    );
  });

  it("a smaller pane never has less to spare", () => {
    fc.assert(
      fc.property(anyQuad, fc.double({ min: 0, max: 20, noNaN: true }), (q, less) => {
        const large = bestTurn(q, { width: 595, height: 890 }).gap;
        expect(bestTurn(q, { width: 595 - less, height: 890 - less }).gap).toBeGreaterThanOrEqual(large - 1e-6);
      }),
      { numRuns: 60 },
    );
  });

  it("keeps the size of the pane it places", () => {
    const { bl, br, tl } = cornersOf({ width: 600, height: 900, turn: 0.03, at: { x: 10, y: 20 } });
    expect(Math.hypot(br.x - bl.x, br.y - bl.y)).toBeCloseTo(600, 9);
    expect(Math.hypot(tl.x - bl.x, tl.y - bl.y)).toBeCloseTo(900, 9);
  });
});
