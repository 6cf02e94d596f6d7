import { cross, distance, type Point } from "./point.ts";

/**
 * A four-sided figure, seen from the side where the pane goes in. Bottom left is (0,0), bottom right lies on +x.
 *
 *      tl ───── tr
 *       │       │
 *      bl ───── br
 */
export type Quad = { readonly bl: Point; readonly br: Point; readonly tr: Point; readonly tl: Point };

export const SIDES = ["left", "right", "bottom", "top"] as const;
export type Side = (typeof SIDES)[number];

/** One edge of the figure as a line: a point on it, its unit normal into the figure, and its length in mm. */
export type Edge = { readonly from: Point; readonly to: Point; readonly inward: Point; readonly length: number };

/** The four edges run anticlockwise, so that inward is to the left of each. */
export function edgesOf(q: Quad): Readonly<Record<Side, Edge>> {
  return { bottom: edge(q.bl, q.br), right: edge(q.br, q.tr), top: edge(q.tr, q.tl), left: edge(q.tl, q.bl) };
}

function edge(from: Point, to: Point): Edge {
  const length = distance(from, to);
  return { from, to, length, inward: { x: -(to.y - from.y) / length, y: (to.x - from.x) / length } };
}

/** Convex and the right way round. */
export const isSound = (q: Quad): boolean =>
  cross(q.bl, q.br, q.tr) > 0 &&
  cross(q.br, q.tr, q.tl) > 0 &&
  cross(q.tr, q.tl, q.bl) > 0 &&
  cross(q.tl, q.bl, q.br) > 0;
