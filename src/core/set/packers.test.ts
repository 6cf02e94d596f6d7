import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { straightSides } from "../geometry/sides.ts";
import { mm, nm, toMm } from "../units/length.ts";
import { packerStack } from "./packers.ts";
import { sameOpposite, sprigPlaces, sprigPlan } from "./sprigs.ts";

const BOX = [1, 1.5, 2, 3, 4, 5, 6].map(mm);
const stack = (gap: number, box = BOX, tolerance = 0.5) => packerStack(mm(gap), box, mm(tolerance))?.pieces.map(toMm);

describe("a stack of packers", () => {
  it.each([
    [1.75, [1.5]],
    [5, [5]],
    [7, [6, 1]],
    [6.4, [6]],
    [6.6, [5, 1.5]],
    [11, [6, 5]],
    [0.4, []],
    [0.6, undefined],
    [30, [6, 6, 6, 6, 6]],
    [25, [6, 6, 6, 6, 1]],
    [101, undefined],
  ])("for %d mm: %j", (gap, pieces) => expect(stack(gap)).toEqual(pieces));
  it("takes the fewest, then the larger sum, then the thicker", () => {
    expect(stack(5, [1, 2, 3, 4].map(mm))).toEqual([4, 1]);
    expect(stack(4.4, [2, 4].map(mm))).toEqual([4]);
    expect(stack(12, [5, 4, 3, 2].map(mm))).toEqual([5, 5, 2]);
  });
  it("as many as it takes, of a box of one", () => {
    expect(stack(25, [5].map(mm))).toEqual([5, 5, 5, 5, 5]);
    expect(stack(60, [1].map(mm))?.length).toBe(60);
  });
  it("never exceeds its gap, nor falls short by more than the tolerance", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 240 }), (tenths) => {
        const found = packerStack(mm(tenths / 10), BOX, mm(0.5));
        if (!found) return;
        expect(found.sum).toBeLessThanOrEqual(mm(tenths / 10));
        expect(found.sum).toBeGreaterThanOrEqual(mm(tenths / 10) - mm(0.5));
        expect(found.pieces.reduce((a, b) => a + b, 0)).toBe(found.sum);
      }),
    );
  });
});

describe("where sprigs stand", () => {
  const rule = { corner: mm(75), pitch: mm(225) };
  it.each([
    [900, [75, 262.5, 450, 637.5, 825]],
    [600, [75, 300, 525]],
    [300, [75, 225]],
    [151, [75, 76]],
    [150, [75]],
    [80, [40]],
  ])("along %i mm: %j", (side, places) => expect(sprigPlaces(mm(side), rule).map(toMm)).toEqual(places));
  it("are never none, never past the pitch, and even from both ends", () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 3000 }), (side) => {
        const places = sprigPlaces(mm(side), rule).map(toMm);
        expect(places.length).toBeGreaterThan(0);
        places.forEach((p, i) => {
          if (i > 0) expect(p - (places[i - 1] ?? 0)).toBeLessThanOrEqual(225 + 1e-6);
          expect(p + (places[places.length - 1 - i] ?? 0)).toBeCloseTo(side, 5);
        });
      }),
    );
  });
  it("on each side of a shaped pane by its own length; a rectangle's opposite sides are alike", () => {
    const shaped = sprigPlan({ bottom: mm(597), right: mm(498), top: mm(760), left: mm(498) }, rule);
    expect([shaped.sides.bottom, shaped.sides.right, shaped.sides.top, shaped.sides.left].map((p) => p.length)).toEqual(
      [3, 3, 4, 3],
    );
    const raking = { bottom: mm(600), right: mm(900), top: mm(600), left: mm(880) };
    expect(
      [straightSides(mm(600), mm(900)), raking, { ...raking, left: mm(900), top: mm(610) }].map((sides) =>
        sameOpposite(sprigPlan(sides, rule)),
      ),
    ).toEqual([true, false, false]);
  });
  it("count both jambs, head and sill", () =>
    expect(sprigPlan(straightSides(mm(608), mm(900)), rule).count).toBe(2 * (4 + 5)));
});

describe("a box that nobody has", () => {
  it.each([
    ["pieces of a nanometre", mm(12.5), [nm(1)]],
    [
      "fifty odd sizes against a hair's tolerance",
      mm(100),
      Array.from({ length: 50 }, (_, i) => nm(1_000_003 + i * 77_771)),
    ],
    ["nothing thick enough to be a packer", mm(5), [mm(0.05), mm(0.09)]],
    ["an empty box", mm(5), []],
  ])("%s makes no stack, and is given up", (_, gap, box) => expect(packerStack(gap, box, nm(1))).toBeUndefined());
  it("a hundred of the same is as many as it takes", () =>
    expect(packerStack(mm(100), [mm(1)], mm(0.5))?.pieces).toHaveLength(100));
});
