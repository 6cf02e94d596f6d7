import { largestRectangle } from "../src/core/geometry/largest.ts";
import { MOST_TURN } from "../src/core/geometry/placing.ts";
import { figureOf, governing, type OpeningReadings } from "../src/core/measure/figure.ts";
import { bestDeduction, findBest, type OddsInput } from "../src/core/size/best.ts";
import { bowSetback } from "../src/core/size/lay.ts";
import { deductionOf } from "../src/core/size/school.ts";
import { floorTo, gridUnit, mm, type Nm, takeNm } from "../src/core/units/length.ts";
import { judged } from "./judged.ts";
import { errorsOf, gridOf, moved, type TrueOpening } from "./population.ts";

/* What each way of choosing orders for an opening as it was read; and whether anything would have done. */

export type Size = { readonly width: Nm; readonly height: Nm };
export const FIXED = ["snug", "easy", "by-the-book"] as const;

/** Whether any true rectangle at all, cut and turned exactly, would have gone in all year and been covered. */
export function anyWouldDo(o: TrueOpening): boolean {
  const even = largestRectangle(moved(o, 0), bowSetback({ bow: o.bow }), "even", MOST_TURN);
  return even !== undefined && judged(o, { width: even.width - 1e-6, height: even.height - 1e-6 }) === "fits";
}

const oddsOf = (o: TrueOpening, readings: OpeningReadings): OddsInput => ({
  readings,
  figure: figureOf(readings),
  grid: gridOf(o),
  depths: { left: mm(o.depth), right: mm(o.depth), bottom: mm(o.depth), top: mm(o.depth) },
  leastCover: mm(o.leastCover),
  errors: errorsOf(o),
});

export function bySchool(o: TrueOpening, r: OpeningReadings, school: (typeof FIXED)[number]): Size | null {
  const [w, h] = [governing(r, "width")?.length, governing(r, "height")?.length];
  if (!w || !h) return null;
  const off = deductionOf({ school, unit: gridUnit(gridOf(o)), width: w, height: h });
  return { width: floorTo(takeNm(w, off.width), gridOf(o)), height: floorTo(takeNm(h, off.height), gridOf(o)) };
}

export function byBestOdds(
  o: TrueOpening,
  r: OpeningReadings,
): { readonly size: Size; readonly trouble: number } | null {
  const odds = oddsOf(o, r);
  const best = findBest(odds);
  const [w, h] = [governing(r, "width")?.length, governing(r, "height")?.length];
  if (!best || !w || !h || !odds.figure.ok) return null;
  const off = bestDeduction(best);
  return { size: { width: takeNm(w, off.width), height: takeNm(h, off.height) }, trouble: best.chances.trouble };
}
