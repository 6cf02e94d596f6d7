import { describe, expect, it } from "vitest";
import { straightSides } from "../geometry/sides.ts";
import { mm, toMm } from "../units/length.ts";
import { PIN_LENGTHS_MM, pinPlan } from "./pin-plan.ts";
import { HOLDS_FROM_MM, pinReach } from "./pins.ts";

const plan = (over: Partial<Parameters<typeof pinPlan>[0]> = {}) =>
  pinPlan({ sides: straightSides(mm(600), mm(900)), stopMm: 12, angleDeg: 15, toGlassMm: 4, ...over });

describe("pins for a bead", () => {
  it.each([
    // bead, angle: length, into the frame by hand: length × cos − bead
    [12, 15, 25, 12.15],
    [12, 0, 20, 8],
    [10, 15, 20, 9.32],
    [18, 15, 30, 10.98],
    [25, 20, 40, 12.59],
  ])("through %d mm at %d°: %d long", (stopMm, angleDeg, lengthMm, into) => {
    const p = plan({ stopMm, angleDeg });
    expect(p.lengthMm).toBe(lengthMm);
    expect(p.reach?.intoFrameMm).toBeCloseTo(into, 2);
  });
  it("no pin leans toward the glass, and none that is sold goes through a beam", () => {
    expect(plan({ angleDeg: -5 }).lengthMm).toBeNull();
    expect(plan({ stopMm: 45 }).lengthMm).toBeNull();
  });
  it("the next shorter one would not hold", () => {
    for (let stopMm = 6; stopMm < 40; stopMm++) {
      const { lengthMm } = plan({ stopMm });
      const shorter = PIN_LENGTHS_MM.findLast((l) => l < (lengthMm ?? 0));
      if (lengthMm === null || shorter === undefined) continue;
      expect(pinReach({ lengthMm: shorter, stopMm, angleDeg: 15, toGlassMm: 4 }).intoFrameMm).toBeLessThan(
        HOLDS_FROM_MM,
      );
    }
  });
  it("stand near the corners and no farther apart than the rule: 600 × 900", () => {
    const { places } = plan();
    expect(places.sides.bottom.map(toMm)).toEqual([50, 175, 300, 425, 550]);
    expect(places.sides.left).toHaveLength(7);
    expect(places.count).toBe(24);
  });
});
