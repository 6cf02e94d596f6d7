import { describe, expect, it } from "vitest";
import { seeded } from "../chance/seeded.ts";
import { dayOf } from "../units/day.ts";
import { believed, learn, learnSpread, meanWithin, type Seen, spreadOf, spreadWithin } from "./belief.ts";
import { weightOf } from "./forget.ts";
import { parted } from "./outliers.ts";
import { learnShare, shareOf, shareWithin } from "./share.ts";

const all = (...values: number[]): readonly Seen[] => values.map((value) => ({ value, weight: 1 }));
const prior = believed({ mean: 0, worth: 1, spread: 0.5, spreadWorth: 4 });

describe("a mean and a spread that nobody knows", () => {
  it("three ones against a nought worth one: three quarters", () => {
    const b = learn(prior, all(1, 1, 1));
    expect([b.mean, b.worth, b.shape]).toEqual([0.75, 4, 3.5]);
    // The prior's 0.5, and the distance from it: 1 × 3 × 1² / (2 × 4).
    expect(b.scale).toBeCloseTo(0.5 + 0.375, 12);
  });
  it("nothing seen changes nothing; half a weight counts half", () => {
    expect(learn(prior, [])).toEqual(prior);
    expect(learn(prior, [{ value: 1, weight: 0.5 }]).mean).toBeCloseTo(0.5 / 1.5, 12);
  });
  it("all at once or one after another, in whatever order, is the same", () => {
    const seen = all(0.3, -0.8, 1.2, 0.1);
    const once = learn(prior, seen);
    const later = seen.toReversed().reduce((b, s) => learn(b, [s]), prior);
    for (const k of ["mean", "worth", "shape", "scale"] as const) expect(later[k]).toBeCloseTo(once[k], 10);
  });
  it("the spread of differences about nothing", () => {
    const b = learnSpread(prior, all(0.5, -0.5, 0.5, -0.5));
    expect(spreadOf(b)).toBeCloseTo(0.52, 1);
  });
  it("much that is seen leaves little of the prior", () => {
    const c = seeded(5);
    const b = learn(
      prior,
      Array.from({ length: 2000 }, () => ({ value: 1.2 + 0.3 * c.normal(), weight: 1 })),
    );
    expect(b.mean).toBeCloseTo(1.2, 1);
    expect(spreadOf(b)).toBeCloseTo(0.3, 1);
  });
  it("nine in ten of its nine-in-ten intervals hold the truth, where firms are as the prior says", () => {
    const c = seeded(20260520);
    let [means, spreads] = [0, 0];
    const FIRMS = 2000;
    for (let f = 0; f < FIRMS; f++) {
      // A variance of that inverse gamma: shape 2, so scale over a sum of two exponentials.
      const variance = 0.5 / -Math.log((1 - c.uniform()) * (1 - c.uniform()));
      const mean = Math.sqrt(variance) * c.normal();
      const seen = Array.from({ length: 3 + (f % 15) }, () => mean + Math.sqrt(variance) * c.normal());
      const b = learn(prior, all(...seen));
      const m = meanWithin(b, 0.9);
      const s = spreadWithin(b, 0.9);
      if (m.lo <= mean && mean <= m.hi) means++;
      if (s.lo ** 2 <= variance && variance <= s.hi ** 2) spreads++;
    }
    expect(means / FIRMS).toBeGreaterThan(0.88);
    expect(means / FIRMS).toBeLessThan(0.92);
    expect(spreads / FIRMS).toBeGreaterThan(0.88);
    expect(spreads / FIRMS).toBeLessThan(0.92);
  });
});

describe("a chance that nobody knows", () => {
  it("two of twenty on top of one in twenty", () => {
    const b = learnShare({ did: 1, didNot: 19 }, { did: 2, of: 20 });
    expect(shareOf(b)).toBeCloseTo(3 / 40, 12);
    const w = shareWithin(b, 0.9);
    expect(w.lo).toBeGreaterThan(0.02);
    expect(w.hi).toBeLessThan(0.16);
  });
  it("of nothing known, anything", () => {
    const w = shareWithin({ did: 1, didNot: 1 }, 0.9);
    expect([w.lo, w.hi]).toEqual([expect.closeTo(0.05, 9), expect.closeTo(0.95, 9)]);
  });
});

describe("what is far from the rest", () => {
  it.each([
    ["a pane made wrong", [0.2, -0.1, 0.3, 0, 12], [12]],
    ["nothing", [0.2, -0.1, 0.3, 0, 1], []],
    ["too few to tell", [0, 0, 0, 40], []],
    ["all alike but one, by less than a tape shows", [1, 1, 1, 1, 1, 1.5], []],
  ])("%s", (_, given, outliers) => expect(parted(given, (x) => x, 0.3).outliers).toEqual(outliers));
});

describe("forgetting", () => {
  it.each([
    ["2026-05-20", 1],
    ["2024-05-20", 0.5],
    ["2022-05-21", 0.25],
    ["2026-06-20", 1],
  ])("seen on %s: %f", (day, weight) => expect(weightOf(dayOf(day), dayOf("2026-05-20"))).toBeCloseTo(weight, 2));
});
