import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { evenPoints } from "./even-points.ts";
import { normalBelow, normalInverse } from "./normal.ts";
import { integrate } from "./quadrature.ts";
import { seeded } from "./seeded.ts";

/** Marsaglia's sum: slower, found another way. */
function bySeries(x: number): number {
  let [sum, last, term] = [x, 0, x];
  for (let i = 3; sum !== last; i += 2) {
    term *= (x * x) / i;
    last = sum;
    sum += term;
  }
  return 0.5 + sum * Math.exp(-0.5 * x * x - 0.9189385332046728);
}

describe("the normal curve", () => {
  it.each([
    [0, 0.5],
    [1, 0.8413447460685429],
    [-1, 0.15865525393145707],
    [1.959963984540054, 0.975],
    [3, 0.9986501019683699],
    [-6, 9.865876450376946e-10],
  ])("up to %d lies %d", (x, p) => {
    expect(normalBelow(x)).toBeCloseTo(p, 13);
    if (Math.abs(x) < 5) expect(normalInverse(p)).toBeCloseTo(x, 9);
  });

  it("agrees with the series", () => {
    fc.assert(
      fc.property(fc.double({ min: -6, max: 6, noNaN: true }), (x) => {
        expect(normalBelow(x)).toBeCloseTo(bySeries(x), 12);
      }),
    );
  });

  it("has no share beyond the ends", () => {
    expect([normalBelow(-50), normalBelow(50)]).toEqual([0, 1]);
    expect(normalBelow(-8)).toBeGreaterThan(0);
    expect(() => normalInverse(1)).toThrow(RangeError);
  });
});

describe("integration", () => {
  it.each([
    ["a square", (x: number) => x * x, 0, 3, [], 9],
    ["a step, cut where it steps", (x: number) => (x < 1 ? 0 : 2), 0, 3, [1], 4],
    [
      "the normal curve",
      (x: number) => Math.exp((-x * x) / 2),
      -8,
      8,
      [-4, -2, -1, 0, 1, 2, 4],
      Math.sqrt(2 * Math.PI),
    ],
    ["nothing", () => 1, 2, 2, [], 0],
  ] as const)("of %s", (_, f, from, to, cuts, answer) => {
    expect(integrate(f, from, to, cuts)).toBeCloseTo(answer, 9);
  });
});

describe("even points", () => {
  it("fills every axis without a gap, and no two axes alike", () => {
    const points = evenPoints(64, 12);
    expect(points).toHaveLength(12);
    for (const column of points)
      expect([...column].map((u) => Math.floor(u * 64)).sort((a, b) => a - b)).toEqual(
        Array.from({ length: 64 }, (_, i) => i),
      );
    expect(new Set(points.map((c) => c.join()))).toHaveProperty("size", 12);
  });
  it("integrates better than chance: the share of a cube's corner", () => {
    for (const n of [512, 1024]) {
      const points = evenPoints(n, 6);
      let inside = 0;
      for (let i = 0; i < n; i++) if (points.reduce((s, c) => s + (c[i] ?? 0), 0) < 3) inside++;
      expect(inside / n).toBeCloseTo(0.5, 1.7);
    }
    expect(() => evenPoints(4, 18)).toThrow(RangeError);
    expect([...(evenPoints(4, 1)[0] ?? [])]).toEqual([0.125, 0.625, 0.875, 0.375]);
  });
});

describe("seeded chance", () => {
  it("is replayed by its seed, and is another with another", () => {
    const take = (seed: number) => Array.from({ length: 5 }, seeded(seed).uniform);
    expect(take(7)).toEqual(take(7));
    expect(take(7)).not.toEqual(take(8));
  });

  it("is even, and its normals have mean 0 and spread 1", () => {
    const c = seeded(20260520);
    const n = 40_000;
    const u = Array.from({ length: n }, c.uniform);
    const z = Array.from({ length: n }, c.normal);
    const mean = (v: readonly number[]) => v.reduce((a, b) => a + b, 0) / n;
    expect(mean(u)).toBeCloseTo(0.5, 2);
    expect(mean(z)).toBeCloseTo(0, 1);
    expect(mean(z.map((v) => v * v))).toBeCloseTo(1, 1);
    expect(z.filter((v) => v > 1.96).length / n).toBeCloseTo(0.025, 2);
    expect(Math.min(...u)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...u)).toBeLessThan(1);
  });
});
