import { describe, expect, it } from "vitest";
import { balanceFor, weightLength } from "./balance.ts";
import { crackingOf } from "./cracking.ts";
import { cupsFor, liftOf, paneMass } from "./mass.ts";
import { designStrength, loadShares, plateCheck, plateUnder } from "./plate.ts";

describe("a pane under wind", () => {
  /** Stress over q a² / t² and deflection over q a⁴ / (E t³) by Navier's double series, summed the slow way. */
  function navier(widthMm: number, heightMm: number, thicknessMm: number, loadKpa: number) {
    const [a, b, nu] = [widthMm, heightMm, 0.23];
    const q = loadKpa / 1000;
    const d = (70_000 * thicknessMm ** 3) / (12 * (1 - nu ** 2));
    let [w, mx, my] = [0, 0, 0];
    for (let m = 1; m < 400; m += 2)
      for (let n = 1; n < 400; n += 2) {
        const [x, y] = [(m / a) ** 2, (n / b) ** 2];
        const wmn = (16 * q) / (Math.PI ** 6 * d * m * n * (x + y) ** 2);
        const s = Math.sin((m * Math.PI) / 2) * Math.sin((n * Math.PI) / 2);
        w += wmn * s;
        mx += d * Math.PI ** 2 * (x + nu * y) * wmn * s;
        my += d * Math.PI ** 2 * (y + nu * x) * wmn * s;
      }
    return { deflection: w, stress: (6 * Math.max(mx, my)) / thicknessMm ** 2 };
  }
  it.each([
    [1000, 1000, 6, 1],
    [1000, 2000, 6, 1],
    [608, 900, 4, 0.8],
    [2000, 700, 8, 1.5],
    [400, 2400, 4, 0.6],
  ])("%i × %i × %i at %f kPa agrees with Navier's series", (w, h, t, q) => {
    const got = plateUnder({ widthMm: w, heightMm: h, thicknessMm: t, loadKpa: q });
    const slow = navier(w, h, t, q);
    expect(got.deflectionMm / slow.deflection).toBeCloseTo(1, 3);
    expect(got.stressMpa / slow.stress).toBeCloseTo(1, 2);
  });
  it("a very long pane bends as a beam does: q a² / 8", () => {
    const p = plateUnder({ widthMm: 100, heightMm: 5000, thicknessMm: 6, loadKpa: 1 });
    expect(p.stressMpa).toBeCloseTo((6 * 0.001 * 100 ** 2) / 8 / 36, 6);
  });
  it("width and height may change places, and twice the load is twice the stress", () => {
    const one = plateUnder({ widthMm: 600, heightMm: 900, thicknessMm: 4, loadKpa: 1 });
    expect(plateUnder({ widthMm: 900, heightMm: 600, thicknessMm: 4, loadKpa: 1 })).toEqual(one);
    expect(plateUnder({ widthMm: 600, heightMm: 900, thicknessMm: 4, loadKpa: 2 }).stressMpa).toBeCloseTo(
      2 * one.stressMpa,
      9,
    );
  });
  it("design strengths by EN 16612", () => {
    expect(designStrength("float")).toBeCloseTo(18.5, 9);
    expect(designStrength("patterned")).toBeCloseTo(13.875, 9);
    expect(designStrength("toughened")).toBeCloseTo(81, 9);
  });
  it.each([
    ["a small light holds", 600, 900, 4, 0.8, true],
    ["a shop window of 4 mm does not", 1500, 2000, 4, 1, false],
  ] as const)("%s", (_, widthMm, heightMm, thicknessMm, loadKpa, holds) =>
    expect(plateCheck({ widthMm, heightMm, thicknessMm, loadKpa, kind: "float" }).holds).toBe(holds),
  );
  it("sheets of a unit share the wind by the cube of their thickness", () => {
    expect(loadShares([4, 4])).toEqual([0.5, 0.5]);
    expect(loadShares([4, 6])[1]).toBeCloseTo(216 / 280, 12);
  });
});

describe("mass and lifting", () => {
  it.each([
    [608, 900, [4], 5.472],
    [600, 900, [4, 4], 10.8],
    [1000, 1000, [3, 3, 3], 22.5],
  ])("%i × %i of %o mm", (w, h, panes, kg) => expect(paneMass(w, h, panes)).toBeCloseTo(kg, 9));
  it.each([
    [20, 1, 1],
    [20.01, 0.5, 2],
    [12, 1.01, 2],
    [50, 2, 2],
    [50.01, 2, "machine"],
  ] as const)("%f kg, %f m²", (kg, area, who) =>
    expect(liftOf(kg, area, { oneLiftsKg: 20, oneLiftsM2: 1, twoLiftKg: 50 })).toBe(who),
  );
  it("never fewer than two cups", () => {
    expect([cupsFor(10, 25), cupsFor(50, 25), cupsFor(51, 25)]).toEqual([2, 2, 3]);
  });
});

describe("sash weights", () => {
  it.each([
    ["lower", 9, 4.1, 5.47, 4.25, 0.685],
    ["upper", 9, 4.1, 5.47, 4.75, 0.685],
    ["lower", 12, 6, 5, 5.75, -0.5],
  ] as const)("%s sash of %f kg, glass from %f to %f", (sash, sashKg, oldGlassKg, newGlassKg, before, change) => {
    const b = balanceFor({ sash, sashKg, oldGlassKg, newGlassKg });
    expect(b.before).toBeCloseTo(before, 9);
    expect(b.change).toBeCloseTo(change, 9);
    expect(b.after).toBeCloseTo(before + change, 9);
  });
  it("a kilo of lead 40 across is 70 long, of steel 101", () => {
    // 1 / 11 340 m³ over π/4 × 0.04².
    expect(weightLength(1, "lead", 40)).toBeCloseTo(70.17, 2);
    expect(weightLength(1, "steel", 40)).toBeCloseTo(101.37, 2);
  });
});

describe("heat cracking", () => {
  const clear = {
    kind: "float",
    tinted: false,
    wired: false,
    coated: false,
    sealed: false,
    close: "nothing",
    partShade: false,
    darkFrame: true,
  } as const;
  it.each([
    ["clear float, nothing behind", {}, "low"],
    ["coated unit", { coated: true, sealed: true }, "low"],
    ["coated unit behind a blind", { coated: true, sealed: true, close: "blind" }, "some"],
    [
      "tinted unit behind a blind in part shade",
      { tinted: true, sealed: true, close: "blind", partShade: true },
      "high",
    ],
    ["wired glass over a heater", { wired: true, close: "heater" }, "high"],
    ["the same toughened", { wired: true, close: "heater", kind: "toughened" }, "low"],
  ] as const)("%s: %s", (_, over, risk) => expect(crackingOf({ ...clear, ...over }).risk).toBe(risk));
  it("says what to do wherever there is a risk", () => {
    expect(crackingOf({ ...clear, coated: true, sealed: true, close: "blind" }).advice.length).toBeGreaterThan(0);
  });
});
