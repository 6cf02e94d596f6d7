import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { cornerGaps, holdsOn } from "./holds.ts";
import { bestTurn, centred } from "./placing.ts";
import type { Quad } from "./quad.ts";

const step = fc.double({ min: -12, max: 12, noNaN: true });
const anyOpening = fc.tuple(step, step, step, step).map(
  ([a, b, c, d]): Quad => ({
    bl: { x: 0, y: 0 },
    br: { x: 600, y: 0 },
    tr: { x: 600 + a, y: 900 + b },
    tl: { x: c, y: 900 + d },
  }),
);

describe("what holds a rectangle in an opening", () => {
  it("moving and turning cancel in every hold, and its shares make one", () => {
    fc.assert(
      fc.property(anyOpening, (q) => {
        const placed = centred(q, { width: 594, height: 893, turn: 0.001 });
        if (!placed) return;
        const gaps = cornerGaps(q, placed);
        for (const shares of holdsOn(gaps)) {
          const sum = (of: (g: (typeof gaps)[number]) => number): number =>
            gaps.reduce((s, g, i) => s + (shares[i] ?? 0) * of(g), 0);
          expect(sum((g) => g.place.x)).toBeCloseTo(0, 6);
          expect(sum((g) => g.place.y)).toBeCloseTo(0, 6);
          expect(sum((g) => g.turn)).toBeCloseTo(0, 3);
          expect(shares.reduce((s, v) => s + Math.abs(v), 0)).toBeCloseTo(1, 6);
        }
      }),
      { numRuns: 40 },
    );
  });

  it("the best smallest gap is the least of the holds that only push inward", () => {
    fc.assert(
      fc.property(anyOpening, fc.double({ min: 585, max: 599, noNaN: true }), (q, width) => {
        const size = { width, height: 894 };
        const best = bestTurn(q, size);
        const placed = centred(q, { ...size, turn: best.turn });
        if (!placed) return;
        const gaps = cornerGaps(q, placed);
        const held = holdsOn(gaps)
          // A wall that leans by a millionth pulls by a billionth: that is no pull.
          .filter((s) => s.every((v) => v >= -1e-6))
          .map((s) => gaps.reduce((sum, g, i) => sum + (s[i] ?? 0) * g.gap, 0));
        expect(Math.min(...held)).toBeCloseTo(best.gap, 2);
      }),
      { numRuns: 60 },
    );
  });
});
