import { bestGapAt, bestTurn, centred, type Gaps, gapsOf, layTurn, type Placed } from "../geometry/placing.ts";
import { SIDES, type Side } from "../geometry/quad.ts";
import type { Figure } from "../measure/figure.ts";
import { type Mm, type Nm, toMm } from "../units/length.ts";
import { middlesOf } from "./lay-model.ts";

/** A pane may turn a little so that it lies best, or is held parallel to the sill. */
export const HOLDS = ["turned", "sill"] as const;
export type Hold = (typeof HOLDS)[number];

/** Sight line to rebate wall on each side, in the plane of the glass. */
export type Depths = Readonly<Record<Side, Nm>>;

/** The pane in the opening as it is. All in mm. */
export type Lying = {
  readonly figure: Figure;
  readonly placed: Placed;
  readonly gaps: Gaps;
  /** Best smallest gap wherever the pane is pushed, at its best turn, and held parallel to the sill. */
  readonly spare: number;
  readonly spareAtSill: number;
  /** By how much each dimension must shrink before the pane goes in; 0 when it does. */
  readonly tooBigBy: number;
  /** Rebate depth less the largest gap, on each side; null until the depth is read. */
  readonly cover: Readonly<Record<Side, number>> | null;
  readonly leastCover: { readonly side: Side; readonly length: Mm; readonly enough: boolean } | null;
  /** The side whose gap is smallest: where it would bind first. */
  readonly bindsFirst: Side;
};

/** Gaps smaller than this are a touch, mm: a hundredth of what any tape shows. */
export const TOUCH_MM = 1e-3;

/**
 * A pane laid in an opening, as it is drawn, packed and judged: at the turn that leaves it the best smallest gap, then evened,
 * left against right and head against foot. A gap is measured at a side's two corners and its middle. Undefined for a broken
 * figure only.
 * @example 597 × 897 in a true 600 × 900 // spare 1.5, and with a rebate 8 deep cover 6.5 on every side
 */
export function layIn(
  figure: Figure,
  glass: { readonly width: Nm; readonly height: Nm },
  depths: Depths | undefined,
  leastCover: Nm,
  hold: Hold = "turned",
): Lying | undefined {
  const size = { width: toMm(glass.width), height: toMm(glass.height) };
  const middles = middlesOf(figure.bow);
  const spareAtSill = bestGapAt(figure.quad, { ...size, turn: 0 }, middles);
  const best = hold === "sill" ? { turn: 0, gap: spareAtSill } : bestTurn(figure.quad, size, middles);
  const turn = hold === "sill" ? 0 : layTurn(figure.quad, size, middles);
  const placed = centred(figure.quad, { ...size, turn }, middles);
  if (!placed || !Number.isFinite(best.gap)) return undefined;
  const gaps = gapsOf(figure.quad, placed, middles);
  const cover = depths === undefined ? null : coverOf(gaps, depths);
  return {
    figure,
    placed,
    gaps,
    spare: best.gap,
    spareAtSill,
    tooBigBy: best.gap < -TOUCH_MM ? -2 * best.gap : 0,
    cover,
    leastCover: cover && leastOf(cover, toMm(leastCover)),
    bindsFirst: SIDES.reduce((least, s) => (gaps[s].least < gaps[least].least ? s : least)),
  };
}

/** The clearance that an inward bow adds: half of itself on both sides concerned. */
export function bowSetback(figure: Pick<Figure, "bow">): Readonly<Record<Side, number>> {
  const sideways = Math.max(0, -(figure.bow.width ?? 0)) / 2;
  const upright = Math.max(0, -(figure.bow.height ?? 0)) / 2;
  return { left: sideways, right: sideways, bottom: upright, top: upright };
}

export const coverOf = (gaps: Gaps, depths: Depths): Readonly<Record<Side, number>> => ({
  left: toMm(depths.left) - gaps.left.most,
  right: toMm(depths.right) - gaps.right.most,
  bottom: toMm(depths.bottom) - gaps.bottom.most,
  top: toMm(depths.top) - gaps.top.most,
});

export function leastOf(cover: Readonly<Record<Side, number>>, needed: number): NonNullable<Lying["leastCover"]> {
  const side = SIDES.reduce((least, s) => (cover[s] < cover[least] ? s : least));
  return { side, length: cover[side], enough: cover[side] >= needed - TOUCH_MM };
}
