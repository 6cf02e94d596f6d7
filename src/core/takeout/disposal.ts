import type { Template } from "../text/template.ts";

/** How old glass goes away, by what it is. */
export const WASTES = ["float", "laminated", "toughened", "unit", "patterned"] as const;
export type Waste = (typeof WASTES)[number];
export const WASTE_NAMES: Readonly<Record<Waste, Template>> = {
  float: "clear glass",
  laminated: "laminated",
  toughened: "{toughened}",
  unit: "{unit}",
  patterned: "patterned",
};

export const DISPOSAL: Readonly<Record<Waste, { readonly how: Template; readonly source: string }>> = {
  float: {
    how: "Bag or box the shards, flat sheets between card; mark it “glass”. Window glass does not go with bottles.",
    source: "usual waste practice; ask the local yard",
  },
  patterned: {
    how: "As clear glass; wire in it goes to mixed waste.",
    source: "usual waste practice; ask the local yard",
  },
  laminated: {
    how: "It stays in one sheet: carry it whole, taped; it goes to mixed waste, not to glass.",
    source: "usual waste practice; ask the local yard",
  },
  toughened: {
    how: "It bursts into crumbs: look for the stamp, cover eyes and arms, break it in a bag or a bucket under a sheet, never tap its edge bare.",
    source: "usual practice",
  },
  unit: {
    how: "Carry it whole if it holds. Else cut the seal, part the {panes}, fold the spacer; drying beads are swept, not washed away.",
    source: "usual practice",
  },
};

/** Bags of rubble sack size, by the mass of the old glass: 15 kg is as much as one carries. @example bagsFor(31) // 3 */
export const bagsFor = (massKg: number): number => Math.max(1, Math.ceil(massKg / 15 - 1e-9));
