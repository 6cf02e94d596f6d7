import { describe, expect, it } from "vitest";
import { lightTyped, massShown, massTyped } from "./mass.ts";

describe("mass", () => {
  it.each([
    [5.47, "mm", 5.5],
    [5.47, "in", 12.1],
    [13.607_771_1, "in", 30],
    [0, "in", 0],
  ] as const)("%s kg is shown in %s as %s", (kg, unit, shown) => expect(massShown(kg, unit)).toBe(shown));

  it.each([
    [164.3, "mm", 164.3],
    [5.5, "in", 155.92],
    [16, "in", 453.59],
    [0, "in", 0],
  ] as const)("%s on a scale in %s is %s g", (typed, unit, g) => expect(lightTyped(typed, unit)).toBe(g));

  it("what is typed comes back as it was typed", () => {
    for (let lb = 0.1; lb < 200; lb += 0.7) {
      const typed = Math.round(lb * 10) / 10;
      expect(massShown(massTyped(typed, "in"), "in")).toBe(typed);
      expect(massTyped(typed, "mm")).toBe(typed);
    }
  });
});
