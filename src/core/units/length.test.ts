import { describe, expect, it } from "vitest";
import { floorTo, type Grid, inches, mm, NM_PER_64TH, NM_PER_INCH, nm, toMm } from "./length.ts";

describe("lengths are whole nanometres", () => {
  it("an inch, its 64th and half a millimetre are exact", () => {
    expect(NM_PER_INCH).toBe(64 * NM_PER_64TH);
    expect(inches(23, 11, 16)).toBe(601_662_500);
    expect(mm(601.5)).toBe(601_500_000);
    expect(toMm(nm(601_662_500))).toBe(601.6625);
  });
  it.each([0.5, Number.NaN, Number.POSITIVE_INFINITY, 2 ** 60])("%d is none: our own mistake, so it throws", (v) => {
    expect(() => nm(v)).toThrow(RangeError);
  });
  it.each([
    [608.9, "1 mm", 608],
    [608, "1 mm", 608],
    [608.9, "0.5 mm", 608.5],
    [608.49, "0.5 mm", 608],
    [598.4875, "1/16 in", 598.4875],
    [598.4874, "1/16 in", 596.9],
    [598.4874, "1/32 in", 597.69375],
    [0.9, "1 mm", 0],
  ] as const)("%d mm is cut down to %s: %d", (length, grid, expected) => {
    expect(toMm(floorTo(mm(length), grid as Grid))).toBeCloseTo(expected, 9);
  });
});
