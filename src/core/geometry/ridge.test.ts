import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { solveLinear } from "./linear.ts";
import { solveRidge } from "./ridge.ts";

describe("a small symmetric set of equations", () => {
  it("by hand: 4a + 2b = 8 and 2a + 3b = 7", () => {
    const [a, b] = solveRidge(Float64Array.of(4, 0, 2, 3), Float64Array.of(8, 7)) ?? [];
    expect(a).toBeCloseTo(1.25, 12);
    expect(b).toBeCloseTo(1.5, 12);
  });

  it("has no answer where one equation says what another does", () => {
    expect(solveRidge(Float64Array.of(1, 0, 1, 1), Float64Array.of(2, 2))).toBeUndefined();
  });

  it("agrees with elimination for sums of squares with priors", () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 4, maxLength: 4 }), {
          maxLength: 6,
        }),
        fc.array(fc.double({ min: -9, max: 9, noNaN: true }), { minLength: 4, maxLength: 4 }),
        (rows, right) => {
          const full = [0, 1, 2, 3].map((i) =>
            [0, 1, 2, 3].map((k) => rows.reduce((s, r) => s + (r[i] ?? 0) * (r[k] ?? 0), i === k ? 0.5 : 0)),
          );
          const by = solveLinear(full, right) ?? [];
          const own = solveRidge(Float64Array.from(full.flat()), Float64Array.from(right)) ?? [];
          expect(own).toHaveLength(4);
          for (let i = 0; i < 4; i++) expect(own[i]).toBeCloseTo(by[i] ?? Number.NaN, 6);
        },
      ),
    );
  });
});
