import { describe, expect, it } from "vitest";
import { betaBelow, betaInverse, studentInverse } from "./beta.ts";
import { gammaBelow, gammaInverse, logGamma } from "./gamma.ts";
import { normalInverse } from "./normal.ts";

describe("Student's distribution, as printed tables have it", () => {
  it.each([
    [0.95, 1, 6.3138],
    [0.95, 2, 2.92],
    [0.95, 5, 2.015],
    [0.95, 10, 1.8125],
    [0.975, 4, 2.7764],
    [0.975, 30, 2.0423],
    [0.05, 10, -1.8125],
    [0.5, 3, 0],
  ])("share %f with %i: %f", (p, freedom, t) => expect(studentInverse(p, freedom)).toBeCloseTo(t, 3));
  it("comes to the normal one with many", () => expect(studentInverse(0.95, 1e6)).toBeCloseTo(normalInverse(0.95), 4));
});

describe("gamma, as printed tables of chi squared have it (half of it, at half the freedom)", () => {
  it.each([
    [0.95, 1, 3.8415],
    [0.95, 10, 18.307],
    [0.05, 10, 3.9403],
    [0.5, 4, 3.3567],
  ])("share %f with %i: %f", (p, freedom, chi2) => expect(2 * gammaInverse(p, freedom / 2)).toBeCloseTo(chi2, 3));
  it("factorials", () => expect(Math.exp(logGamma(6))).toBeCloseTo(120, 8));
  it("shape 1 is the exponential", () => expect(gammaBelow(1, 1)).toBeCloseTo(1 - 1 / Math.E, 12));
});

describe("beta", () => {
  it.each([
    [0.5, 2, 2, 0.5],
    [0.25, 1, 1, 0.25],
    // Two of ten at most, with an even coin: (1 + 10 + 45)/1024.
    [0.5, 8, 3, 56 / 1024],
    [0.1, 1, 9, 1 - 0.9 ** 9],
  ])("below %f with %f and %f: %f", (x, a, b, share) => expect(betaBelow(x, a, b)).toBeCloseTo(share, 10));
  it.each([
    [0.05, 3, 20],
    [0.5, 0.5, 40],
    [0.95, 200, 3],
  ])("what lies below its own inverse is the share: %f of (%f, %f)", (p, a, b) =>
    expect(betaBelow(betaInverse(p, a, b), a, b)).toBeCloseTo(p, 9),
  );
  it("refuses a shape of nothing", () => expect(() => betaBelow(0.5, 0, 1)).toThrow("above 0"));
});
