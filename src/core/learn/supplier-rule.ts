import type { HouseRules } from "../house/rules.ts";
import { floorTo, type Grid, gridStep, mm, type Nm, nm } from "../units/length.ts";
import type { OwnFrom } from "./own-from.ts";

/** House rules that are another for one supplier: they hang on whose hands cut it. */
export const SUPPLIER_RULES = ["cutOffMm", "cutErrorMm", "cutOffUnitMm", "cutErrorUnitMm"] as const;
export type SupplierRule = (typeof SUPPLIER_RULES)[number];

/** A figure of one supplier's own, taken on. */
export type SupplierFigure = { readonly value: number; readonly own: OwnFrom };
export type OfSuppliers = ReadonlyMap<string, ReadonlyMap<SupplierRule, SupplierFigure>>;

/** The rule that says how much larger what comes is. */
export const offRuleOf = (sealed: boolean): "cutOffMm" | "cutOffUnitMm" => (sealed ? "cutOffUnitMm" : "cutOffMm");

/**
 * How much larger what they send is than what a size goes by: their own figure less the house's, with what it was learned
 * from; null where none of theirs was taken on. Whose tape it was is in the size already.
 * @example theirs taken on as 1.2, the house's 0.3 // 0.9 mm
 */
export function theirsLarger(
  house: HouseRules,
  theirs: ReadonlyMap<SupplierRule, SupplierFigure> | undefined,
  sealed: boolean,
): { readonly by: Nm; readonly own: OwnFrom } | null {
  const rule = offRuleOf(sealed);
  const figure = theirs?.get(rule);
  return figure ? { by: mm(figure.value - house[rule]), own: figure.own } : null;
}

/**
 * By how much a side is asked smaller of them than their grid alone would make it, in whole marks: the mark nearest to what is
 * wished for less what theirs come larger, and never above that grid. What comes is then never further off than it was before.
 * @example 608 wished for, 0.9 larger, on 1 mm // 1 mm: 607 is asked for
 * @example 608, 0.4 larger // nothing
 * @example 547.7, 0.7 larger // nothing: 547 is asked for anyhow, and comes as wished
 */
export function takenOff(wished: Nm, larger: Nm, grid: Grid): Nm {
  const tick = gridStep(grid);
  const usual = floorTo(wished, grid);
  const aim = wished - larger;
  const asked = larger > 0 ? Math.min(usual, Math.round(aim / tick) * tick) : Math.floor(aim / tick) * tick;
  return nm(usual - asked);
}
