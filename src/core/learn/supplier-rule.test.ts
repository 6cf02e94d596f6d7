import { describe, expect, it } from "vitest";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { type Grid, mm } from "../units/length.ts";
import { type SupplierRule, takenOff, theirsLarger } from "./supplier-rule.ts";

const own = { seen: 34, of: "sides" } as const;
const theirs = (rule: SupplierRule, value: number) => new Map([[rule, { value, own }]]);

describe("a supplier's own figures", () => {
  it.each<[string, ReturnType<typeof theirs> | undefined, boolean, number | null]>([
    ["nothing taken on", undefined, false, null],
    ["their 1.2 beside the house's 0.3", theirs("cutOffMm", 1.2), false, 0.9],
    ["of single glass nothing follows for units", theirs("cutOffMm", 1.2), true, null],
    ["units: their 0 beside the house's 0.5", theirs("cutOffUnitMm", 0), true, -0.5],
    ["their scatter alone moves no size", theirs("cutErrorMm", 2), false, null],
  ])("count beside the house's: %s", (_, figures, sealed, by) => {
    const house = { ...HOUSE_DEFAULTS, cutOffMm: 0.3, cutOffUnitMm: 0.5 };
    expect(theirsLarger(house, figures, sealed)).toEqual(by === null ? null : { by: mm(by), own });
  });
  it.each<[number, number, Grid, number]>([
    [608, 0.9, "1 mm", mm(1)],
    [608, 0.4, "1 mm", 0],
    [608, 0.6, "1 mm", mm(1)],
    // 547 is what their grid makes of it: 0.7 too small already.
    [547.7, 0.7, "1 mm", 0],
    // 546.8 is wished for: 547 is nearest, and no more than without it.
    [547.2, 0.4, "1 mm", 0],
    [547.2, 1.4, "1 mm", mm(1)],
    [608, 0.9, "0.5 mm", mm(1)],
    [608, 0.7, "0.5 mm", mm(0.5)],
    // Smaller by 0.9: a whole mark more would be too much; by 1.4 it is not.
    [608, -0.9, "1 mm", 0],
    [608, -1.4, "1 mm", mm(-1)],
    [608.2, -0.9, "1 mm", mm(-1)],
  ])("%s wished for, %s larger, on %s", (wished, larger, grid, off) =>
    expect(takenOff(mm(wished), mm(larger), grid) + 0).toBe(off),
  );
});
