import type { HouseRules } from "../house/rules.ts";
import { floorTo, type Grid, type LengthUnit, type Mm, type Nm, nm } from "../units/length.ts";

/** How a supplier takes an order. */
export const TAKES = ["by-hand", "simulated"] as const;
export type Takes = (typeof TAKES)[number];
export const TAKES_NAMES: Readonly<Record<Takes, string>> = {
  "by-hand": "by telephone or paper",
  simulated: "by their own system (simulated)",
};

/** How a supplier cuts: their grid, what they promise on each side, and how they take an order; each where they said it. */
export type TheirCutting = {
  readonly grid?: Grid | undefined;
  /** On a side up to the house's limit, and on a longer one; mm. */
  readonly tolerance?: { readonly smallMm: Mm; readonly largeMm: Mm } | undefined;
  readonly takes?: Takes | undefined;
  /** In which sizes they make units, where they do not make them in both. */
  readonly unitsIn?: LengthUnit | undefined;
};

/** The house's rules with this supplier's own promise in place of the usual tolerance. */
export const houseWith = (house: HouseRules, theirs: TheirCutting | undefined): HouseRules =>
  theirs?.tolerance
    ? {
        ...house,
        toleranceSmallMm: theirs.tolerance.smallMm,
        toleranceLargeMm: theirs.tolerance.largeMm,
        toleranceUnitMm: theirs.tolerance.smallMm,
      }
    : house;

type Line = {
  readonly widthNm: number;
  readonly heightNm: number;
  readonly grid: Grid;
  readonly allowanceNm?: { readonly width: number; readonly height: number } | undefined;
  readonly corners?: readonly unknown[] | undefined;
};

/**
 * A line on the grid that they cut to: sizes are only ever rounded down, and where the opening is stated it stays as it is,
 * the cutter taking off so much more. A shaped pane goes by its template, and stays as it is.
 * @example 544 mm to a supplier on the 1/16 in grid // 542.925 mm, 21 3/8 in
 */
export function onTheirGrid<L extends Line>(line: L, grid: Grid | undefined): L {
  if (grid === undefined || grid === line.grid || line.corners) return line;
  const [width, height]: readonly [Nm, Nm] = [floorTo(nm(line.widthNm), grid), floorTo(nm(line.heightNm), grid)];
  return {
    ...line,
    widthNm: width,
    heightNm: height,
    grid,
    ...(line.allowanceNm
      ? {
          allowanceNm: {
            width: line.allowanceNm.width + line.widthNm - width,
            height: line.allowanceNm.height + line.heightNm - height,
          },
        }
      : {}),
  };
}
