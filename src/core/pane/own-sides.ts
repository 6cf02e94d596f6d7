import type { Side } from "../geometry/quad.ts";
import { type Way, wayLength } from "../geometry/way.ts";
import type { Corner } from "../log/kinds/size.ts";
import { mm, type Nm, nm, toMm } from "../units/length.ts";
import { roundOf } from "./shaped.ts";

/**
 * The sides of a shaped pane as ways along them, mm, each from its left or its lower end, as lengths are said of them. Corners
 * stand anticlockwise from the foot's left end; a head that is part of a circle is one side, along its arc.
 * @example (0, 0), (800, 0), (800, 900), (0, 600) // top: (0, 600), (800, 900)
 */
export function waysAlong(corners: readonly Corner[]): Readonly<Record<Side, Way>> {
  const points = corners.map((c) => ({ x: toMm(nm(c.x)), y: toMm(nm(c.y)) }));
  const [foot, head] = [points.slice(0, 2), points.slice(2)];
  const left = points.at(0);
  return {
    bottom: foot,
    right: points.slice(1, 3),
    top: head.toReversed(),
    left: left ? [left, ...head.slice(-1)] : [],
  };
}

/**
 * How long each side of a shaped pane is: a head that is part of a circle is one side, as long as its arc.
 * @example an arched one, 597 wide, 498.2 where it springs, radius 323.5 // bottom 597, left and right 498.2, top 760.3
 */
export function sidesOf(corners: readonly Corner[]): Readonly<Record<Side, Nm>> {
  const ways = waysAlong(corners);
  return {
    left: mm(wayLength(ways.left)),
    right: mm(wayLength(ways.right)),
    bottom: mm(wayLength(ways.bottom)),
    top: mm(wayLength(ways.top)),
  };
}

/** How long the way round a shaped pane is, beside that round the rectangle round it. @example a square of its own // 1 */
export function wayRoundShare(corners: readonly Corner[]): number {
  const { width, height } = roundOf(corners);
  const { left, right, bottom, top } = sidesOf(corners);
  return (left + right + bottom + top) / (2 * (width + height));
}
