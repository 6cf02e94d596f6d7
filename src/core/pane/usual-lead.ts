import type { PriceRules } from "../house/price-rules.ts";
import type { OrderLine } from "./order-book.ts";

/** What of a line says how long it takes: whether it is a unit, whole, or toughened. */
export type ForLead = Pick<OrderLine, "whole" | "glass"> & { readonly makeup?: object | undefined };

/**
 * Working days that what is on an order usually takes to be made, where nobody knows its supplier: those of what takes longest.
 * Source: the house's own figures for prices.
 * @example a sheet of float and a new sash, at the house's defaults // 20
 */
export const usualLeadDays = (
  lines: readonly ForLead[],
  house: Pick<PriceRules, "daysGlass" | "daysUnit" | "daysMade">,
): number =>
  Math.max(
    house.daysGlass,
    ...lines.map((l) =>
      // Toughened glass is made to order, as a unit is.
      l.whole ? house.daysMade : l.makeup || l.glass === "toughened" ? house.daysUnit : house.daysGlass,
    ),
  );
