import { describe, expect, it } from "vitest";
import { beadOn, SEAL_SPARE_MM, sealPath, tapePath } from "./seal-path.ts";

describe("where a bead of sealant runs", () => {
  it.each([
    // bead, leg, bed: broad, to spare, hidden
    [6, 12, 3, 9.42, 1.29, true],
    [6, 10, 3, 9.42, 0.29, false],
    [6, 15, 2, 14.14, 0.43, false],
    [5, 12, 2, 9.82, 1.09, true],
    [8, 12, 3, 16.76, -2.38, false],
  ])("bead %d on a leg of %d pressed to %d", (beadMm, legMm, bedMm, broad, spare, hidden) => {
    const p = sealPath({ beadMm, legMm, bedMm });
    expect(p.spreadMm).toBeCloseTo(broad, 2);
    expect(p.spareMm).toBeCloseTo(spare, 2);
    expect([p.hidden, p.fromSightMm]).toEqual([hidden, legMm / 2]);
  });

  it.each([
    [15, 2, 5.5],
    [12, 3, 6],
    [20, 3, 6],
    [12, 2, 5],
    [4, 1, 3],
    [null, 2, 6],
  ])("on a leg of %s pressed to %s: a bead of %s", (leg, bed, bead) => expect(beadOn(leg, bed)).toBe(bead));

  it("the thickest bead that stays hidden is just hidden", () => {
    for (const [legMm, bedMm] of [
      [12, 3],
      [9, 1.5],
      [20, 4],
    ] as const) {
      const { beadAtMostMm } = sealPath({ legMm, bedMm, beadMm: 6 });
      expect(sealPath({ legMm, bedMm, beadMm: beadAtMostMm }).spareMm).toBeCloseTo(SEAL_SPARE_MM, 9);
    }
  });
});

describe("where glazing tape lies", () => {
  it.each([
    [12, { wideMm: 9, fromSightMm: 5.5 }],
    [13, { wideMm: 12, fromSightMm: 7 }],
    [10, { wideMm: 9, fromSightMm: 5.5 }],
    [9.9, { wideMm: 6, fromSightMm: 4 }],
    [7, { wideMm: 6, fromSightMm: 4 }],
    [6.9, null],
  ])("on a leg of %d", (leg, path) => expect(tapePath(leg)).toEqual(path));
});
