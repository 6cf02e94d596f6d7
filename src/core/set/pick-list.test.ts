import { describe, expect, it, test } from "vitest";
import { type PaneMaterials, pickList, toBuy } from "./pick-list.ts";

const NONE: PaneMaterials = {
  puttyBuyKg: null,
  sealantMl: null,
  tapeMm: null,
  gasketMm: null,
  sprigs: null,
  pins: null,
  packersMm: [],
  beadSticks: [],
};
const said = (panes: readonly Partial<PaneMaterials>[]) =>
  Object.fromEntries(
    pickList(
      panes.map((p) => ({ ...NONE, ...p })),
      0.1,
    ).map((m) => [m.what, m.amount]),
  );

describe("what to take from the shelf for a visit", () => {
  it.each<[string, readonly Partial<PaneMaterials>[], Readonly<Record<string, number>>]>([
    [
      "pins by length, some bent",
      [{ pins: { lengthMm: 25, count: 24 } }, { pins: { lengthMm: 25, count: 20 } }],
      { "pins of 25 mm": 49 },
    ],
    ["nothing set, nothing taken", [{}], {}],
    [
      "sealant in one tube for two panes",
      [{ sealantMl: 85 }, { sealantMl: 95 }],
      { "neutral-cure silicone, 310 ml": 1 },
    ],
    ["exactly a tube, waste taken: 279 ml", [{ sealantMl: 279 }], { "neutral-cure silicone, 310 ml": 1 }],
    ["a drop more: two", [{ sealantMl: 279.5 }], { "neutral-cure silicone, 310 ml": 2 }],
    ["putty by the 50 g, once for all", [{ puttyBuyKg: 0.41 }, { puttyBuyKg: 0.41 }], { "{putty}": 0.85 }],
    ["tape by the metre", [{ tapeMm: 3300 }, { tapeMm: 2700 }], { "glazing tape": 6 }],
    ["sprigs", [{ sprigs: 12 }, { sprigs: 14 }], { "{sprigs}": 26 }],
    [
      "packers by thickness",
      [{ packersMm: [2, 3] }, { packersMm: [3] }],
      { "{packers} of 2 mm": 1, "{packers} of 3 mm": 2 },
    ],
    [
      "sticks by length",
      [{ beadSticks: [{ stockMm: 2400, count: 2 }] }, { beadSticks: [{ stockMm: 2400, count: 1 }] }],
      { "{bead} in 2400 mm sticks": 3 },
    ],
  ])("%s", (_, panes, wanted) => expect(said(panes)).toEqual(wanted));

  test.each([
    [3, 2, 1],
    [3, 3, 0],
    [3, 5, 0],
    [0.85, 0.5, 0.35],
  ])("need %d, on the shelf %d: buy %d", (need, shelf, buy) => expect(toBuy(need, shelf)).toBe(buy));
});
