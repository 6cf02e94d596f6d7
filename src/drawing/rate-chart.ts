import { scaleBand, scaleLinear } from "d3";
import type { Quarter } from "../core/learn/remakes-ledger.ts";

export type DrawnQuarter = {
  readonly name: string;
  readonly x: number;
  /** The rate, and the ends of where it lies. */
  readonly y: number;
  readonly top: number;
  readonly foot: number;
  readonly few: boolean;
  readonly says: string;
};
export type RateChart = {
  readonly quarters: readonly DrawnQuarter[];
  readonly ticks: readonly { readonly y: number; readonly text: string }[];
  readonly frame: { readonly left: number; readonly right: number; readonly top: number; readonly foot: number };
};

const ROOM = { left: 44, right: 12, top: 12, foot: 42 };

/**
 * Panes that came back in a hundred, quarter by quarter: a mark for the rate, and a bar from one end of where it lies with nine
 * chances in ten to the other.
 */
export function rateChart(
  quarters: readonly Quarter[],
  box: { readonly width: number; readonly height: number },
): RateChart {
  const frame = { left: ROOM.left, right: box.width - ROOM.right, top: ROOM.top, foot: box.height - ROOM.foot };
  const most = Math.max(0.1, ...quarters.map((q) => q.within.hi));
  const y = scaleLinear([0, most], [frame.foot, frame.top]).nice(4);
  const x = scaleBand(
    quarters.map((q) => q.name),
    [frame.left, frame.right],
  );
  return {
    frame,
    ticks: y.ticks(4).map((t) => ({ y: y(t), text: `${Math.round(t * 100)}%` })),
    quarters: quarters.map((q) => ({
      name: q.name,
      x: (x(q.name) ?? 0) + x.bandwidth() / 2,
      y: y(q.rate),
      top: y(q.within.hi),
      foot: y(q.within.lo),
      few: q.few,
      says: `${q.back} of ${q.came}`,
    })),
  };
}
