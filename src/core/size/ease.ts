import { cornersOf } from "../geometry/placing.ts";
import type { Point } from "../geometry/point.ts";
import { edgesOf, type Quad, SIDES, type Side } from "../geometry/quad.ts";
import type { Figure } from "../measure/figure.ts";
import { addNm, type Grid, gridStep, type Nm } from "../units/length.ts";
import { bowSetback, type Depths, type Lying, layIn } from "./lay.ts";

/** Wood to take off one side: so much at each end of the pane's edge, none where it is clear already. All in mm. */
export type Easing = {
  readonly side: Side;
  /** Left or bottom end first. */
  readonly from: number;
  readonly to: number;
  /** Where the pane's corners stand against that side, for the drawing. */
  readonly at: readonly [Point, Point];
};

const ENDS: Readonly<Record<Side, readonly [keyof Quad, keyof Quad]>> = {
  left: ["bl", "tl"],
  right: ["br", "tr"],
  bottom: ["bl", "br"],
  top: ["tl", "tr"],
};

/** Less than this is not worth a chisel, mm. */
const LEAST_MM = 0.05;

/**
 * Where and how much to ease the rebate so that this pane has its clearance everywhere, as it lies.
 * @example a pane 2 mm too wide at the head of an opening that narrows upward // left and right, at the top end
 */
export function easingFor(
  lying: Pick<Lying, "figure" | "placed">,
  clearance: number,
  setback: Readonly<Partial<Record<Side, number>>> = {},
): readonly Easing[] {
  const corners = cornersOf(lying.placed);
  const edges = edgesOf(lying.figure.quad);
  return SIDES.flatMap((side) => {
    const { inward, from: wall } = edges[side];
    const [a, b] = ENDS[side];
    const short = (p: Point): number => {
      const gap = inward.x * (p.x - wall.x) + inward.y * (p.y - wall.y) - (setback[side] ?? 0);
      return Math.max(0, clearance - gap);
    };
    const [from, to] = [short(corners[a]), short(corners[b])];
    return Math.max(from, to) < LEAST_MM ? [] : [{ side, from, to, at: [corners[a], corners[b]] as const }];
  });
}

/** A pane that the rebate covers, and where the rebate must give for it to go in. */
export type Eased = {
  readonly glass: { readonly width: Nm; readonly height: Nm };
  readonly lying: Lying;
  readonly easings: readonly Easing[];
};

export type EaseInput = {
  readonly figure: Figure;
  readonly glass: { readonly width: Nm; readonly height: Nm };
  readonly depths: Depths | undefined;
  readonly leastCover: Nm;
  readonly grid: Grid;
  readonly clearance: number;
};

/** A pane grows by so many grid steps at most before nobody would ease for it. */
const MOST_STEPS = 24;

/**
 * The pane to order where the rebate is to be eased: this one, grown step by step on the side that is covered least until
 * every side is covered, and the wood to take off so that it goes in. Null when even that is not covered.
 */
export function easeFor(input: EaseInput): Eased | null {
  let { glass } = input;
  for (let i = 0; i <= MOST_STEPS; i++) {
    const lying = layIn(input.figure, glass, input.depths, input.leastCover);
    if (!lying) return null;
    if (lying.leastCover === null || lying.leastCover.enough)
      return { glass, lying, easings: easingFor(lying, input.clearance, bowSetback(input.figure)) };
    const axis = lying.leastCover.side === "left" || lying.leastCover.side === "right" ? "width" : "height";
    glass = { ...glass, [axis]: addNm(glass[axis], gridStep(input.grid)) };
  }
  return null;
}

/** The largest easing of a list, mm. */
export const mostEased = (easings: readonly Easing[]): number =>
  Math.max(0, ...easings.map((e) => Math.max(e.from, e.to)));

/** The corners to ease, each once with the larger of what its two sides need, mm. */
export function easedCorners(easings: readonly Easing[]): readonly { readonly at: Point; readonly by: number }[] {
  const corners = new Map<string, { readonly at: Point; readonly by: number }>();
  for (const e of easings)
    for (const [at, by] of [
      [e.at[0], e.from],
      [e.at[1], e.to],
    ] as const) {
      const key = `${at.x} ${at.y}`;
      if (by >= LEAST_MM && by > (corners.get(key)?.by ?? 0)) corners.set(key, { at, by });
    }
  return [...corners.values()];
}
