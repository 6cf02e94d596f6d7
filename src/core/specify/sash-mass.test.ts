import { describe, expect, it } from "vitest";
import { type SashMembers, sashTimber } from "./sash-mass.ts";

const SASH: SashMembers = {
  outsideMm: { width: 600, height: 900 },
  stileMm: 50,
  topRailMm: 50,
  bottomRailMm: 50,
  thickMm: 40,
  rebateMm: { depth: 0, width: 0 },
  density: 500,
};

describe("the timber of a sash", () => {
  it.each<[string, Partial<SashMembers>, number, readonly [number, number]]>([
    // 600 × 900 − 500 × 800 = 140 000 mm² × 40.
    ["no rebate", {}, 2.8, [500, 800]],
    // The ring: 520 × 820 − 500 × 800 = 26 400 mm² × 18 = 475 200 mm³ less.
    ["its rebate is air", { rebateMm: { depth: 10, width: 18 } }, 2.8 - 0.2376, [500, 800]],
    ["a broad bottom rail", { bottomRailMm: 90 }, (540_000 - 500 * 760) * 40 * 5e-7, [500, 760]],
    ["hardwood", { density: 650 }, 3.64, [500, 800]],
  ])("%s", (_, over, kg, sight) => {
    const got = sashTimber({ ...SASH, ...over });
    if (!got.ok) throw new Error(got.error.kind);
    expect(got.value.kg).toBeCloseTo(kg, 9);
    expect([got.value.sightMm.width, got.value.sightMm.height]).toEqual(sight);
  });
  it.each<[string, Partial<SashMembers>, string]>([
    ["members that meet", { stileMm: 300 }, "no-sight"],
    ["a rebate as deep as the stile", { rebateMm: { depth: 50, width: 18 } }, "rebate-through"],
    ["a rebate as wide as the timber is thick", { rebateMm: { depth: 10, width: 40 } }, "rebate-through"],
    ["no thickness", { thickMm: 0 }, "no-size"],
  ])("%s is refused", (_, over, kind) =>
    expect(sashTimber({ ...SASH, ...over })).toEqual({ ok: false, error: { kind } }),
  );
});
