import type { HouseRules } from "../house/rules.ts";
import { type Grid, gridStep, mm, type Nm, nm } from "../units/length.ts";
import type { OwnFrom } from "./own-from.ts";

/** House rules that are another for one supplier: they hang on whose hands cut it. */
export const SUPPLIER_RULES = ["cutOffMm", "cutErrorMm", "cutOffUnitMm", "cutErrorUnitMm"] as const;
export type SupplierRule = (typeof SUPPLIER_RULES)[number];

/** A figure of one supplier's own, taken on. */
export type SupplierFigure = { readonly value: number; readonly own: OwnFrom };
export type OfSuppliers = ReadonlyMap<string, ReadonlyMap<SupplierRule, SupplierFigure>>;

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
  const rule = sealed ? "cutOffUnitMm" : "cutOffMm";
  const figure = theirs?.get(rule);
  return figure ? { by: mm(figure.value - house[rule]), own: figure.own } : null;
}

/**
 * By how much a line to them is smaller, in whole marks of the grid they cut to: less than half a mark is none.
 * @example 0.9 mm larger, on 1 mm // 1 mm
 * @example 0.4 mm larger, on 1 mm // nothing
 */
export const takenOff = (larger: Nm, grid: Grid): Nm => {
  const tick = gridStep(grid);
  return nm(Math.round(larger / tick) * tick);
};
