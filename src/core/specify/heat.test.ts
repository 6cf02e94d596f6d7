import { describe, expect, it } from "vitest";
import { type Cavity, centreHeat, GASES, UNCOATED } from "./heat.ts";

const cavity = (widthMm: number, coated = UNCOATED, gas: Cavity["gas"] = GASES.air): Cavity => ({
  widthMm,
  gas,
  faces: [UNCOATED, coated],
});
const two = (width: number, coated?: number, gas?: Cavity["gas"]) =>
  centreHeat({ glassMm: 8, cavities: [cavity(width, coated, gas)] });

describe("heat loss at the centre, EN 673", () => {
  it("one sheet of 4 mm loses 5.8", () => expect(centreHeat({ glassMm: 4, cavities: [] })).toBeCloseTo(5.75, 2));
  // EN ISO 10077-1, Annex C: uncoated double glass, 4 mm panes, air, to one decimal.
  it.each([
    [6, 3.3],
    [9, 3.0],
    [12, 2.9],
    [15, 2.7],
    [20, 2.7],
  ])("4-%i-4 with air loses %f or a tenth by it", (width, expected) =>
    expect(Math.abs(two(width) - expected)).toBeLessThan(0.11),
  );
  it("argon and a coating each save, and more together", () => {
    const plain = two(16);
    expect(two(16, UNCOATED, GASES.argon)).toBeLessThan(plain);
    expect(two(16, 0.05)).toBeLessThan(two(16, UNCOATED, GASES.argon));
    expect(two(16, 0.05, GASES.argon)).toBeCloseTo(1.1, 1);
  });
  it("a third sheet saves more than a second cavity of nothing", () => {
    const three = centreHeat({ glassMm: 12, cavities: [cavity(12), cavity(12)] });
    expect(three).toBeCloseTo(1.9, 1);
    expect(three).toBeLessThan(two(12));
  });
});
