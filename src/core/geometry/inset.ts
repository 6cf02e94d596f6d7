import type { Point } from "./point.ts";
import { edgesOf, isSound, type Quad, SIDES, type Side } from "./quad.ts";

/** Where two lines meet: `a` · p = atA and `b` · p = atB. */
export function meet(a: Point, atA: number, b: Point, atB: number): Point {
  const d = a.x * b.y - a.y * b.x;
  return { x: (atA * b.y - atB * a.y) / d, y: (atB * a.x - atA * b.x) / d };
}

/**
 * The figure with each side moved in by its clearance, square to itself: what goes into it goes into the figure and leaves
 * every side its own. Undefined where sides would pass each other: nothing goes in.
 * @example a true 600 × 900, 2 on the left, 1 else // bottom left (2, 1), top right (599, 899)
 */
export function inset(q: Quad, by: Readonly<Record<Side, number>>): Quad | undefined {
  const edges = edgesOf(q);
  const line = (side: Side): readonly [Point, number] => {
    const { inward: n, from } = edges[side];
    return [n, n.x * from.x + n.y * from.y + by[side]];
  };
  const [left, right, bottom, top] = [line("left"), line("right"), line("bottom"), line("top")];
  const free: Quad = {
    bl: meet(...left, ...bottom),
    br: meet(...right, ...bottom),
    tr: meet(...right, ...top),
    tl: meet(...left, ...top),
  };
  const now = edgesOf(free);
  const turned = SIDES.some((s) => now[s].inward.x * edges[s].inward.x + now[s].inward.y * edges[s].inward.y <= 0);
  return turned || !isSound(free) ? undefined : free;
}
