import { describe, expect, it } from "vitest";
import { mm, toMm } from "../units/length.ts";
import { type Makeup, makeupIsSafe, makeupOverall, makeupText } from "./makeup.ts";
import { saferMakeup, saferSheet } from "./safer.ts";

describe("one sheet as safety glass", () => {
  it.each([
    ["toughened", 4, 4],
    ["toughened", 6, 6],
    // Three is not toughened: the next that is made.
    ["toughened", 3, 4],
    ["laminated", 4, 6.4],
    ["laminated", 6, 6.4],
    ["laminated", 8, 8.8],
  ] as const)("%s for %d: %d", (kind, was, is) => expect(toMm(saferSheet(kind, mm(was)))).toBe(is));
});

describe("a unit in safety glass", () => {
  const unit = (...sizes: readonly number[]): Makeup => ({
    panes: sizes.filter((_, i) => i % 2 === 0).map((given) => ({ mm: given, kind: "float" })),
    cavities: sizes.filter((_, i) => i % 2 === 1).map((given) => ({ mm: given, gas: "argon", fill: 0.9 })),
    coatings: [{ face: 3, emissivity: 0.05 }],
    spacer: "warm edge, black",
  });
  it.each([
    ["toughened", unit(4, 16, 4), "4-16-4", 24],
    // 24 - 2 × 6.4 = 11.2: a spacer of 10.
    ["laminated", unit(4, 16, 4), "6.4-10-6.4", 22.8],
    // 14 - 12.8 = 1.2: none is so narrow, the narrowest is 6.
    ["laminated", unit(4, 6, 4), "6.4-6-6.4", 18.8],
    // 36 - 19.2 = 16.8, half of it each: 8.
    ["laminated", unit(4, 12, 4, 12, 4), "6.4-8-6.4-8-6.4", 35.2],
  ] as const)("%s", (kind, was, is, overall) => {
    const safe = saferMakeup(was, kind);
    expect(makeupText(safe)).toContain(is);
    expect(makeupOverall(safe)).toBeCloseTo(overall, 9);
    expect(makeupIsSafe(safe)).toBe(true);
    expect({ coatings: safe.coatings, spacer: safe.spacer }).toEqual({ coatings: was.coatings, spacer: was.spacer });
  });
  it("of laminated already is not thickened again", () => {
    const once = saferMakeup(unit(4, 16, 4), "laminated");
    expect(saferMakeup(once, "laminated")).toEqual(once);
  });
});
