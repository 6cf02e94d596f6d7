import type { HouseRules } from "../house/rules.ts";
import { HOLE, OPENING, type Place } from "../measure/places.ts";
import { readsWhole, type Way } from "../measure/ways.ts";
import { floorTo, type Grid, type LengthUnit, type Nm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";

/** Places that the size rests on where the rebate itself was not read, by the way: its width first, then its height. */
export const STAND_INS: Readonly<Record<Way, readonly Place[]>> = {
  rebate: [],
  "through-glass": ["sight-width", "sight-height"],
  "old-unit": ["old-width", "old-height"],
  "insert-outside": ["insert-outside-width", "insert-outside-height"],
  "insert-inside": ["insert-inside-width", "insert-inside-height"],
  "sash-outside": ["sash-outside-width", "sash-outside-height"],
  "window-hole": HOLE,
};

/**
 * The unit of the tape that the size rests on: that of most readings of the opening, or of what stands in for it. It chooses
 * the cutter's grid, so that a reader who looks at the pane in the other unit orders the same glass.
 */
export function tapeUnit(book: Pick<PaneBook, "readings" | "way">): LengthUnit {
  const unitsOf = (places: readonly Place[]): readonly LengthUnit[] =>
    places.flatMap((p) => {
      const read = book.readings[p]?.read;
      return read?.ok ? [read.value.unit] : [];
    });
  const own = unitsOf(OPENING);
  const standIns = unitsOf(STAND_INS[book.way]);
  const units = isCopy(book.way) || own.length === 0 ? [...standIns, ...(standIns.length > 0 ? [] : own)] : own;
  return units.filter((u) => u === "in").length * 2 > units.length ? "in" : "mm";
}

const isCopy = (way: Way): boolean => way === "old-unit" || readsWhole(way);

/**
 * The grid on which what was copied is ordered: that of the tape, as finely as it was read. A supplier's own grid rounds it
 * down once, on the order.
 * @example 27 17/32 × 40 1/2 // 1/32 in; 601.5 × 900 // 0.5 mm; 600 × 900 // the house's grid for millimetres
 */
export function gridAsRead(
  lengths: readonly Nm[],
  unit: LengthUnit,
  house: Pick<HouseRules, "gridMm" | "gridIn">,
): Grid {
  const usual = unit === "mm" ? house.gridMm : house.gridIn;
  const fine: Grid = unit === "mm" ? "0.5 mm" : "1/32 in";
  return lengths.every((length) => floorTo(length, usual) === length) ? usual : fine;
}

/**
 * The grid of a size off a list, which is ordered as it is listed, in whichever marks those are.
 * @example 609.6 × 965.2 (24 × 38 in), read with a tape in mm // "1/16 in"
 */
export function gridOfListed(
  lengths: readonly Nm[],
  unit: LengthUnit,
  house: Pick<HouseRules, "gridMm" | "gridIn">,
): Grid {
  const own = gridAsRead(lengths, unit, house);
  const other = gridAsRead(lengths, unit === "mm" ? "in" : "mm", house);
  const isExact = (grid: Grid): boolean => lengths.every((length) => floorTo(length, grid) === length);
  return !isExact(own) && isExact(other) ? other : own;
}
