import { describe, expect, it } from "vitest";
import { mm, toMm } from "../units/length.ts";
import { GLASS_KINDS, type GlassKind, madeNear, massOf, THICKNESSES, thicknessAs } from "./glass.ts";

describe("glass of another kind", () => {
  it.each<[GlassKind, number, number]>([
    ["laminated", 4, 6.4],
    ["laminated", 6, 6.4],
    ["laminated", 8, 8.8],
    ["toughened", 6.4, 6],
    ["toughened", 3, 4],
    ["float", 8.8, 10],
    ["float", 10.8, 10],
    ["patterned", 5, 5],
  ])("%s, from %d, is %d", (kind, was, is) => expect(toMm(thicknessAs(kind, mm(was)))).toBe(is));
  it("is always one that is made, and never more than half a millimetre thinner while one is", () => {
    for (const kind of GLASS_KINDS)
      for (let was = 3; was <= 11; was += 0.1) {
        const as = thicknessAs(kind, mm(was));
        expect(THICKNESSES[kind]).toContain(as);
        if (was <= 10.4) expect(toMm(as)).toBeGreaterThanOrEqual(was - 0.501);
      }
  });
});

it.each([
  [3.8, 4],
  [6.2, 6],
  [5, 5],
  [7, null],
  [2.2, null],
] as const)("a sheet read as %d mm is one of %s", (read, made) =>
  expect(madeNear("float", mm(read))).toBe(made === null ? null : mm(made)),
);

it("weighs two and a half kilos for each square metre and millimetre", () =>
  expect(massOf(mm(1000), mm(1000), mm(6))).toBeCloseTo(15, 9));
