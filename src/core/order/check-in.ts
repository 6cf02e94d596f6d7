import type { HouseRules } from "../house/rules.ts";
import { mm, type Nm, nm } from "../units/length.ts";

export type Tolerance = { readonly small: Nm; readonly large: Nm; readonly limit: Nm };

/**
 * What the sides of what came may be off: a sealed unit by its own figure, and never by less than glass of that length. `house`
 * has the supplier's own promise in it already, where they gave one.
 * @example a unit, 1 mm for glass up to 1 500 and 2 for units // { small: 2, large: 2, limit: 1500 } mm
 */
export const toleranceOf = (
  house: Pick<HouseRules, "toleranceSmallMm" | "toleranceLargeMm" | "toleranceLimitMm" | "toleranceUnitMm">,
  sealedUnit: boolean,
): Tolerance => {
  const least = sealedUnit ? house.toleranceUnitMm : 0;
  return {
    small: mm(Math.max(least, house.toleranceSmallMm)),
    large: mm(Math.max(least, house.toleranceLargeMm)),
    limit: mm(house.toleranceLimitMm),
  };
};

export type SideCheck = {
  /** What came less what was ordered: plus is too big. */
  readonly difference: Nm;
  readonly tolerance: Nm;
  readonly within: boolean;
};
export type CheckIn = {
  readonly width: SideCheck;
  readonly height: SideCheck;
  readonly verdict: "within" | "out";
  /** The figures fit the other way round: width and height were swapped. */
  readonly swapped: boolean;
};

/**
 * What came against what was ordered. The tolerance belongs to each dimension by its own length, and includes its end.
 * @example checkIn({ ordered 608 × 900, came 609 × 900, ±1 mm }) // within
 */
export function checkIn(pane: {
  readonly ordered: { readonly width: Nm; readonly height: Nm };
  readonly came: { readonly width: Nm; readonly height: Nm };
  readonly tolerance: Tolerance;
}): CheckIn {
  const side = (ordered: Nm, came: Nm): SideCheck => {
    const tolerance = ordered <= pane.tolerance.limit ? pane.tolerance.small : pane.tolerance.large;
    const difference = nm(came - ordered);
    return { difference, tolerance, within: Math.abs(difference) <= tolerance };
  };
  const width = side(pane.ordered.width, pane.came.width);
  const height = side(pane.ordered.height, pane.came.height);
  const within = width.within && height.within;
  const swapped =
    !within && side(pane.ordered.width, pane.came.height).within && side(pane.ordered.height, pane.came.width).within;
  return { width, height, verdict: within ? "within" : "out", swapped };
}
