import { describe, expect, it } from "vitest";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { type Grid, inches, mm } from "../units/length.ts";
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
  it.each<[number, Grid, number]>([
    [0.9, "1 mm", mm(1)],
    [0.49, "1 mm", 0],
    [0.9, "0.5 mm", mm(1)],
    [0.7, "0.5 mm", mm(0.5)],
    [-1.4, "1 mm", mm(-1)],
    [0.9, "1/32 in", inches(0, 1, 32)],
  ])("%s mm larger, on %s", (larger, grid, off) => expect(takenOff(mm(larger), grid) + 0).toBe(off));
});
