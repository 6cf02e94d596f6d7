import { scaleBand, scaleLinear } from "d3";
import type { MadeYear } from "../core/learn/made-years.ts";

export type YearBar = {
  readonly year: number;
  readonly x: number;
  readonly wide: number;
  /** Where all that were seen, and those that had failed, begin; both end at the foot. */
  readonly seenTop: number;
  readonly failedTop: number;
  readonly says: string;
};
export type YearsChart = { readonly bars: readonly YearBar[]; readonly foot: number };

const ROOM = { side: 6, top: 22, foot: 22 };

/** Units by the year in their spacer: a bar of all that were seen, and in it those that had failed. */
export function yearsChart(
  years: readonly MadeYear[],
  box: { readonly width: number; readonly height: number },
): YearsChart {
  const foot = box.height - ROOM.foot;
  const y = scaleLinear([0, Math.max(1, ...years.map((m) => m.seen))], [foot, ROOM.top]);
  const x = scaleBand(
    years.map((m) => m.year),
    [ROOM.side, Math.min(box.width - ROOM.side, ROOM.side + 90 * years.length)],
  ).padding(0.25);
  return {
    foot,
    bars: years.map((m) => ({
      year: m.year,
      x: x(m.year) ?? 0,
      wide: x.bandwidth(),
      seenTop: y(m.seen),
      failedTop: y(m.failed),
      says: `${m.failed} of ${m.seen}`,
    })),
  };
}
