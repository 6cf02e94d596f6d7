import type { HouseRules } from "../house/rules.ts";
import { insertsNear, type StockInsert } from "../house/stock.ts";
import type { OpeningReadings } from "../measure/figure.ts";
import type { FitRules, Readings, ReckonedOpening } from "../measure/reckoned.ts";
import type { Way } from "../measure/ways.ts";
import { mm, type Nm, nm } from "../units/length.ts";

/** What was ordered as it was read, once both sides of it were. */
export const copiedWhole = (opening: ReckonedOpening): { readonly width: Nm; readonly height: Nm } | null => {
  const { width, height } = opening.copied?.glass ?? { width: null, height: null };
  return width && height ? { width, height } : null;
};

export const fitRules = (house: HouseRules): FitRules => ({
  easy: mm(house.fitEasyMm),
  loose: mm(house.fitLooseMm),
  usualGap: mm(house.usualGapMm),
});

/** An insert stands in no rebate: it is as large as it is, and no room round it is judged. */
export const asItself = (size: { readonly width: Nm; readonly height: Nm }): OpeningReadings => ({
  "width-middle": size.width,
  "height-middle": size.height,
});

/** A door's insert as its family has it: its own sizes, not what a tape makes of a moulded flange. */
export function insertOf(way: Way, r: Readings, list: readonly StockInsert[]) {
  if (way !== "insert-outside" && way !== "insert-inside") return null;
  const [width, height] = [r[`${way}-width`], r[`${way}-height`]];
  if (width === undefined || height === undefined) return null;
  const match = insertsNear(list, { way, width, height, door: r["door-thickness"] }).find((m) => m.closes !== false);
  if (!match) return null;
  const { insert } = match;
  return {
    match: insert,
    size:
      way === "insert-outside"
        ? { width: nm(insert.outsideWidthNm), height: nm(insert.outsideHeightNm) }
        : { width: nm(insert.seenWidthNm), height: nm(insert.seenHeightNm) },
  };
}
