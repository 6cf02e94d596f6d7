import { describe, expect, it } from "vitest";
import { inches, mm, toMm } from "../units/length.ts";
import { GLASS_KINDS, type GlassKind, madeNear, massOf, sheetMakes, THICKNESSES, thicknessAs } from "./glass.ts";

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
        expect(THICKNESSES.mm[kind]).toContain(as);
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
  expect(madeNear("float", mm(read), "mm")).toBe(made === null ? null : mm(made)),
);

it("weighs two and a half kilos for each square metre and millimetre", () =>
  expect(massOf(mm(1000), mm(1000), mm(6))).toBeCloseTo(15, 9));

describe("sheets that are made in inches", () => {
  const sixteenths = (n: number) => inches(0, n, 16);
  it.each([
    ["float", mm(4), "in", inches(0, 5, 32)],
    ["float", mm(6), "in", sixteenths(4)],
    ["laminated", inches(0, 5, 32), "in", sixteenths(4)],
    ["toughened", sixteenths(3), "in", sixteenths(3)],
    ["float", sixteenths(3), "mm", mm(5)],
  ] as const)("%s, from %d, by makes in %s", (kind, was, makes, is) => expect(thicknessAs(kind, was, makes)).toBe(is));

  it.each([
    [mm(4.7), sixteenths(3)],
    [mm(4.1), inches(0, 5, 32)],
    [mm(5.4), null],
  ] as const)("read as %d: %d", (read, made) => expect(madeNear("float", read, "in")).toBe(made));

  it("what is made in inches is told from what is made in millimetres", () => {
    for (const kind of GLASS_KINDS)
      for (const makes of ["mm", "in"] as const)
        for (const t of THICKNESSES[makes][kind]) expect([toMm(t), sheetMakes(t)]).toEqual([toMm(t), makes]);
  });
});
