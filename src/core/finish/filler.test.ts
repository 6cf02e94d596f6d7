import { describe, expect, it } from "vitest";
import { fillerFor } from "./filler.ts";

describe("what fills timber that came away", () => {
  it.each([
    // 2 × 300 × 8 mm is 4.8 ml; a fifth more.
    ["a hair", { wideMm: 2, longMm: 300, deepMm: 8 }, "caulk", 5.76, null, false],
    ["just still caulk", { wideMm: 3, longMm: 100, deepMm: 10 }, "caulk", 3.6, null, false],
    ["a chewed corner", { wideMm: 6, longMm: 50, deepMm: 10 }, "two-part", 3.6, 4, true],
    ["as wide as it is filled", { wideMm: 12, longMm: 50, deepMm: 10 }, "two-part", 7.2, 4, true],
    ["wider", { wideMm: 13, longMm: 50, deepMm: 10 }, "let-in", 0, null, true],
  ] as const)("%s", (_, gap, with_, ml, sands, holds) => {
    const got = fillerFor(gap);
    expect(got).toMatchObject({ with: with_, sandsAfterHours: sands, holds });
    expect(got.ml).toBeCloseTo(ml, 9);
  });
});
