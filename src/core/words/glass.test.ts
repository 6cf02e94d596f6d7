import { describe, expect, it } from "vitest";
import type { Makeup } from "../specify/makeup.ts";
import { mm } from "../units/length.ts";
import { glassText, thicknessText } from "./glass.ts";

const unitOf = (pane: number, cavity: number): Makeup => ({
  panes: [
    { mm: pane, kind: "float" },
    { mm: pane, kind: "float" },
  ],
  cavities: [{ mm: cavity, gas: "air", fill: 1 }],
  coatings: [],
  spacer: "warm edge, black",
});
const FOUR = { thicknessNm: mm(4), glass: "float" } as const;

describe("what the glass is, as it is said", () => {
  it.each([
    ["mm", "mm", 4, "4 mm"],
    ["in", "in", 4, "5/32 in"],
    ["in", "mm", 4, "5/32 in (4\u00a0mm)"],
    ["mm", "mm", 6.4, "6.4 mm"],
    ["in", "in", 6.4, "1/4 in"],
    ["in", "in", 12, "1/2 in"],
    // A unit is no sheet: 24 mm is 0.945 in, and an inch would be 1.4 mm more.
    ["in", "in", 24, "15/16 in"],
    ["in", "in", 28, "1 3/32 in"],
    ["in", "mm", 20, "25/32 in (20\u00a0mm)"],
    ["in", "in", 14, "9/16 in"],
    // Made in inches: so it is said, whoever reads it.
    ["mm", "mm", 3.175, "1/8 in"],
    ["in", "mm", 15.875, "5/8 in"],
  ] as const)("reader %s, cutter %s, %d mm: %s", (unit, cutter, thick, text) =>
    expect(thicknessText(mm(thick), unit, cutter)).toBe(text),
  );
  it("single glass, and in the other words", () => {
    const threeSixteenths = { ...FOUR, thicknessNm: 4_762_500 };
    expect(glassText(threeSixteenths, { dialect: "a", unit: "in" })).toBe("3/16 in clear float");
    // Whoever stocks metric sheets is told what of theirs is nearest by.
    expect(glassText(threeSixteenths, { dialect: "a", unit: "in", cutter: "mm" })).toBe(
      "3/16 in (4.8\u00a0mm) clear float",
    );
    expect(glassText(FOUR, { dialect: "a", unit: "mm" })).toBe("4 mm clear float");
    expect(glassText({ ...FOUR, glass: "toughened" }, { dialect: "b", unit: "in" })).toBe("5/32 in tempered");
  });
  it("a unit made in inches is said so, and in millimetres to a maker of metric sheets: 3.175 + 9.525 + 3.175 = 15.875", () =>
    expect(
      glassText(
        { thicknessNm: mm(15.875), glass: "float", makeup: unitOf(3.175, 9.525) },
        { dialect: "b", unit: "in", cutter: "mm" },
      ),
    ).toBe(
      "5/8 in (15.9\u00a0mm:\u00a03.2\u00a0-\u00a09.5\u00a0-\u00a03.2) IG unit, 1/8 - 3/8 - 1/8, warm edge, black",
    ));
  it("one made in millimetres keeps its code", () =>
    expect(
      glassText({ thicknessNm: mm(24), glass: "float", makeup: unitOf(4, 16) }, { dialect: "a", unit: "mm" }),
    ).toBe("24 mm sealed unit, 4-16-4, warm edge, black"));
});
