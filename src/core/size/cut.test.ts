import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { OpeningPlace } from "../measure/places.ts";
import { type Grid, gridStep, inches, mm, toMm } from "../units/length.ts";
import { type Cut, type CutInput, cutSize } from "./cut.ts";
import { deductionOf, type School } from "./school.ts";

const mmOf = (r: Partial<Record<OpeningPlace, number>>): CutInput["readings"] =>
  Object.fromEntries(Object.entries(r).map(([p, v]) => [p, mm(v)]));
const LEANING = mmOf({
  "width-top": 612,
  "width-middle": 611.5,
  "width-bottom": 613,
  "height-left": 904,
  "height-middle": 904.5,
  "height-right": 903,
  "diagonal-up": 1089,
  "diagonal-down": 1091.5,
});
const INCHES: CutInput["readings"] = {
  "width-top": inches(23, 11, 16),
  "width-middle": inches(23, 5, 8),
  "width-bottom": inches(23, 11, 16),
  "height-left": inches(35, 1, 2),
  "height-middle": inches(35, 1, 2),
  "height-right": inches(35, 7, 16),
};

const allRound = (depth: number) => ({ left: mm(depth), right: mm(depth), bottom: mm(depth), top: mm(depth) });

const cut = (over: Partial<CutInput>): Cut => {
  const found = cutSize({ readings: LEANING, school: "easy", grid: "1 mm", leastCover: mm(3), ...over });
  if (!found.ok) throw new Error(JSON.stringify(found.error));
  return found.value;
};

describe("the cut size", () => {
  it.each([
    ["easy", "1 mm", LEANING, 608, 900],
    ["snug", "1 mm", LEANING, 610, 902],
    ["easy", "0.5 mm", LEANING, 608.5, 900],
    ["by-the-book", "1 mm", LEANING, 601, 893],
    ["easy", "1/16 in", INCHES, 23.5 * 25.4, 35.3125 * 25.4],
    ["snug", "1/16 in", INCHES, 23.5625 * 25.4, 35.375 * 25.4],
    ["easy", "1/32 in", INCHES, 23.5 * 25.4, 35.3125 * 25.4],
    ["easy", "1 mm", INCHES, 597, 897],
  ] as const)("%s, cut to %s", (school, grid, readings, width, height) => {
    const { glass } = cut({ school: school as School, grid: grid as Grid, readings });
    expect(toMm(glass.width)).toBeCloseTo(width, 9);
    expect(toMm(glass.height)).toBeCloseTo(height, 9);
  });

  it("names the readings that govern", () => {
    const { governs } = cut({});
    expect([governs.width.place, governs.height.place]).toEqual(["width-middle", "height-right"]);
  });

  it("takes the old pane's own size when like for like", () => {
    const { glass, deduction } = cut({ school: "like-for-like", oldPane: { width: mm(609), height: mm(901.5) } });
    expect([toMm(glass.width), toMm(glass.height)]).toEqual([609, 901]);
    expect(toMm(deduction.width)).toBe(2.5);
  });

  it("takes off what it is told, both sides together", () => {
    expect(toMm(cut({ school: "own", off: mm(2) }).glass.width)).toBe(609);
  });

  it("stands back before a person's own size", () => {
    const found = cut({ overrule: { width: mm(600), height: mm(890) } });
    expect([toMm(found.glass.width), found.overruled, toMm(found.edgeGap.width)]).toEqual([600, true, 5.75]);
  });

  it.each([
    [{ readings: {} }, "needs-width"],
    [{ readings: mmOf({ "width-top": 600 }) }, "needs-height"],
    [{ school: "own" as const }, "needs-own-figure"],
    [{ school: "like-for-like" as const }, "needs-old-pane"],
    [{ readings: mmOf({ "width-top": 2, "height-left": 900 }) }, "nothing-left"],
    [{ school: "own" as const, off: mm(2000) }, "nothing-left"],
  ])("%j: %s", (over, kind) => {
    const found = cutSize({ readings: LEANING, school: "easy", grid: "1 mm", leastCover: mm(3), ...over });
    expect(found.ok ? null : found.error.kind).toBe(kind);
  });
});

describe("what a school takes off", () => {
  it.each([
    ["snug", "mm", 600, 900, 1],
    ["snug", "in", 600, 900, 25.4 / 16],
    ["easy", "mm", 600, 900, 3],
    ["easy", "in", 600, 900, 25.4 / 8],
    ["by-the-book", "mm", 600, 650, 6],
    ["by-the-book", "mm", 600, 651, 10],
  ] as const)("%s, %s, %i × %i: %d mm each way", (school, unit, w, h, off) => {
    const found = deductionOf({ school, unit, width: mm(w), height: mm(h) });
    expect([toMm(found.width), toMm(found.height)]).toEqual([off, off]);
  });
});

describe("the pane in the opening as it is", () => {
  const lying = (over: Partial<CutInput>) => {
    const { opening } = cut(over);
    if (!opening.ok) throw new Error(opening.error.kind);
    return opening.value;
  };

  it("goes in, with cover left, where the opening is nearly true", () => {
    const at = lying({ depths: allRound(10) });
    expect(at.spare).toBeGreaterThan(0.5);
    expect(at.spare).toBeGreaterThanOrEqual(at.spareAtSill - 1e-9);
    expect(at.tooBigBy).toBe(0);
    expect(at.leastCover?.enough).toBe(true);
    expect(at.cover?.bottom).toBeCloseTo(10 - at.gaps.bottom.most, 12);
  });

  it("has no cover to speak of until the rebate is read", () => expect(lying({}).cover).toBeNull());

  it("says when cover is short: 4 mm of rebate less a gap", () => {
    const at = lying({ depths: allRound(4), school: "by-the-book" });
    expect(at.leastCover).toMatchObject({ enough: false });
  });

  it("binds in a racked opening, and goes in once that much more comes off", () => {
    const racked = mmOf({
      "width-top": 602,
      "width-bottom": 602,
      "height-left": 901,
      "height-right": 901,
      "diagonal-up": 1090,
      "diagonal-down": 1076,
    });
    const at = lying({ readings: racked });
    expect(at.tooBigBy).toBeGreaterThan(0);
    const smaller = lying({ readings: racked, school: "own", off: mm(Math.ceil(3 + at.tooBigBy)) });
    expect(smaller.tooBigBy).toBe(0);
  });

  it("loses half of an inward bow on both sides", () => {
    const straight = mmOf({
      "width-top": 600,
      "width-bottom": 600,
      "height-left": 800,
      "height-right": 800,
      "diagonal-up": 1000,
      "diagonal-down": 1000,
    });
    const bowed = { ...straight, "width-middle": mm(598) };
    const own = { school: "own" as const, off: mm(10) };
    const at = lying({ readings: straight, ...own });
    const overrule = { width: mm(590), height: mm(790) };
    expect(lying({ readings: bowed, overrule }).gaps.left.least).toBeCloseTo(at.gaps.left.least - 1, 4);
  });
});

describe("for any readings", () => {
  const some = fc.record({
    w: fc.integer({ min: 100, max: 3000 }),
    h: fc.integer({ min: 100, max: 3000 }),
    off: fc.integer({ min: 0, max: 40 }),
  });
  it("is on the grid, and never above the smallest reading less what comes off", () => {
    fc.assert(
      fc.property(some, fc.constantFrom<Grid>("1 mm", "0.5 mm", "1/16 in", "1/32 in"), ({ w, h, off }, grid) => {
        const found = cut({
          readings: mmOf({ "width-top": w / 1.7, "height-left": h / 1.3 }),
          school: "own",
          off: mm(off / 8),
          grid,
        });
        expect(found.glass.width % gridStep(grid)).toBe(0);
        expect(found.glass.width).toBeLessThanOrEqual(found.governs.width.length - mm(off / 8));
        expect(found.governs.width.length - mm(off / 8) - found.glass.width).toBeLessThan(gridStep(grid));
      }),
    );
  });

  it.each([
    [1990, 6],
    [2000, 6],
    [2010, 10],
  ])("by the book a sealed unit of %d mm gives up %d mm", (width, off) => {
    const given = { school: "by-the-book", unit: "mm", width: mm(width), height: mm(900), sealed: true } as const;
    expect(toMm(deductionOf(given).width)).toBe(off);
    expect(toMm(deductionOf(given).height)).toBe(6);
  });
});
