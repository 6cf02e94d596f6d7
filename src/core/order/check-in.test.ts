import { describe, expect, it } from "vitest";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { mm, toMm } from "../units/length.ts";
import { checkIn, toleranceOf } from "./check-in.ts";
import { houseWith } from "./their-cutting.ts";

const TOLERANCE = { small: mm(1), large: mm(2), limit: mm(1500) };
const check = (ow: number, oh: number, cw: number, ch: number) =>
  checkIn({
    ordered: { width: mm(ow), height: mm(oh) },
    came: { width: mm(cw), height: mm(ch) },
    tolerance: TOLERANCE,
  });

describe("what came against what was ordered", () => {
  it.each([
    [608, 900, 608, 900, "within"],
    [608, 900, 609, 899, "within"],
    [608, 900, 609.1, 900, "out"],
    [608, 900, 608, 898.9, "out"],
    [608, 1600, 608, 1602, "within"],
    [608, 1600, 608, 1602.1, "out"],
    [1500, 900, 1501.5, 900, "out"],
  ] as const)("ordered %d × %d, came %d × %d: %s", (ow, oh, cw, ch, verdict) =>
    expect(check(ow, oh, cw, ch).verdict).toBe(verdict),
  );
  it("says by how much, plus for too big", () => {
    const { width, height } = check(608, 900, 609.5, 898);
    expect([toMm(width.difference), toMm(height.difference)]).toEqual([1.5, -2]);
  });
  it.each([
    [698, 452, 452, 698, true],
    [698, 452, 452.5, 697, true],
    [698, 452, 460, 698, false],
    [600, 600, 600, 600, false],
  ])("%d × %d that came %d × %d: the wrong way about is %s", (ow, oh, cw, ch, swapped) =>
    expect(check(ow, oh, cw, ch).swapped).toBe(swapped),
  );
});

/* Sizing allows a unit to come 2 mm off: one that does is not sent back for it. What its maker promised goes before. */
describe("what the sides of what came may be off", () => {
  const promised = houseWith(HOUSE_DEFAULTS, { tolerance: { smallMm: 0.5, largeMm: 0.8 } });
  const house = { ...HOUSE_DEFAULTS, toleranceLargeMm: 3 };
  it.each([
    ["glass by the house", HOUSE_DEFAULTS, false, 1, 2],
    ["a unit by the house", HOUSE_DEFAULTS, true, 2, 2],
    ["a long unit never less than long glass", house, true, 2, 3],
    ["glass by its maker's promise", promised, false, 0.5, 0.8],
    ["a unit by its maker's promise", promised, true, 0.5, 0.8],
  ] as const)("%s", (_, by, sealed, small, large) => {
    const t = toleranceOf(by, sealed);
    expect([toMm(t.small), toMm(t.large), toMm(t.limit)]).toEqual([small, large, 1500]);
  });
});
