import { describe, expect, it } from "vitest";
import { HOUSE_RULES, type HouseRule, houseValueFits } from "../house/rules.ts";
import { ruleFigure } from "./rule-figure.ts";

describe("a figure of the house in the reader's unit", () => {
  it.each([
    ["kg", "in", 20, "44.1", "lb"],
    ["°C", "in", -5, "23", "°F"],
    ["°C", "in", 20, "68", "°F"],
    ["kPa", "in", 0.7, "14.6", "psf"],
    ["m/s", "in", 10, "22", "mph"],
    ["m²", "in", 1, "10.8", "ft²"],
    ["t/m³", "in", 2, "125", "lb/ft³"],
    ["mm", "in", 225, "8 55/64", "in"],
    ["h", "in", 16, "16", "h"],
    ["in", "in", 24, "24", "in"],
    ["kg", "mm", 20, "20", "kg"],
    ["mm", "mm", 225, "225", "mm"],
  ] as const)("%s for whoever reads %s: %d is %s %s", (unit, reader, kept, shown, as) => {
    const figure = ruleFigure(unit, reader);
    expect([figure.shows(kept), figure.unit]).toEqual([shown, as]);
  });

  it.each([
    ["kg", "44", 19.958],
    ["°C", "32", 0],
    ["m/s", "20", 8.941],
    ["mm", "1/2", 12.7],
    ["mm", "0", 0],
    ["mm", "-1/16", -1.5875],
    ["h", "1,5", 1.5],
  ] as const)("%s: %s typed by whoever reads inches is kept as %d", (unit, typed, kept) =>
    expect(ruleFigure(unit, "in").reads(typed)).toBeCloseTo(kept, 3),
  );

  it.each(["", "x", "1/0"])("%j is no figure", (typed) => {
    for (const unit of ["mm", "kg", "h"]) expect(ruleFigure(unit, "in").reads(typed)).toBeNaN();
  });

  it("every default reads back as a value that its rule takes", () => {
    for (const [rule, fact] of Object.entries(HOUSE_RULES)) {
      if (fact.choices) continue;
      const figure = ruleFigure(fact.unit, "in");
      const back = figure.reads(figure.shows(fact.value as number));
      expect([rule, houseValueFits(rule as HouseRule, back)]).toEqual([rule, true]);
    }
  });
});
