import { expect, it } from "vitest";
import { heatFigure } from "./heat.ts";
import { inUnit } from "./in-unit.ts";

it.each([
  // 1 W/m²K is 0.1761 Btu/h·ft²·°F: single glass loses about one of those.
  [5.7, "mm", "5.7"],
  [5.7, "in", "1.00"],
  [1.1, "in", "0.19"],
  [2.8, "in", "0.49"],
] as const)("%s W/m²K is told in %s as %s", (u, unit, told) => expect(heatFigure(u, unit)).toBe(told));

it("a sentence about heat is told in the reader's unit", () => {
  expect(inUnit("It loses 1.4 W/m²K less than plain.", "in")).toBe("It loses 0.25 Btu/h·ft²·°F less than plain.");
  expect(inUnit("It loses 1.4 W/m²K less than plain.", "mm")).toBe("It loses 1.4 W/m²K less than plain.");
});
