import { byArea, byShare, greaterOf, partsOf, rounded } from "../money/parts.ts";
import type { Pence } from "../money/pence.ts";
import type { Makeup } from "./makeup.ts";

/** More for a coating, a gas fill, a third sheet and safety glass, as shares of the unit's price. Source: an example; put in your own. */
export const UNIT_EXTRAS = { coated: 0.1, gas: 0.06, triple: 0.55, safety: 0.35 } as const;

/**
 * What a unit costs by the house's own figures, where no maker's list has it: area times its rate or the least charge, and
 * its extras as shares of that. Whole pence before tax, half a penny up. Three sheets are priced with their coatings and gas.
 * @example 0.5 m² of 4-16-4, coated with argon, at 120.00 a m² // 60 × 1.16: 6960
 */
export function unitPence(
  makeup: Makeup,
  nm2: bigint,
  by: { readonly perM2: Pence; readonly leastCharge: Pence },
): Pence {
  const perSheet =
    makeup.panes.length > 2
      ? UNIT_EXTRAS.triple
      : (makeup.coatings.length > 0 ? UNIT_EXTRAS.coated : 0) +
        (makeup.cavities.some((c) => c.gas !== "air") ? UNIT_EXTRAS.gas : 0);
  const safety = makeup.panes.some((p) => p.kind === "toughened" || p.kind === "laminated") ? UNIT_EXTRAS.safety : 0;
  const plain = greaterOf(partsOf(by.leastCharge), byArea(by.perM2, nm2));
  return rounded(byShare(plain, 1 + perSheet + safety));
}
