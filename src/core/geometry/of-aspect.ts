import { inset } from "./inset.ts";
import type { Clearance } from "./largest.ts";
import { bestTurn, centred, type Placed } from "./placing.ts";
import { edgesOf, type Quad, SIDES } from "./quad.ts";

/** Nearer than this no tape tells two sizes apart, mm. */
const NEAR_MM = 1e-6;

/**
 * The largest rectangle of a given width to height that goes in with its clearance on every side: for glass whose pattern or
 * leads must keep their shape. At whatever turn leaves it most room; undefined where there is room for none.
 * @example a true 600 × 900, clearance 1.5, as broad as high // 597 × 597
 * @example the same, aspect 2 to 3 // 597 × 895.5
 */
export function largestOfAspect(q: Quad, clearance: Clearance, aspect: number): Placed | undefined {
  const edges = edgesOf(q);
  const most = Math.max(...SIDES.map((s) => edges[s].length));
  const free = inset(q, clearance);
  if (!free) return undefined;
  const at = (height: number) => bestTurn(free, { width: aspect * height, height });
  let [goes, sticks] = [0, 2 * Math.max(most, most / aspect)];
  while (sticks - goes > NEAR_MM) {
    const height = (goes + sticks) / 2;
    if (at(height).gap >= 0) goes = height;
    else sticks = height;
  }
  if (goes < NEAR_MM) return undefined;
  const size = { width: aspect * goes, height: goes };
  return centred(free, { ...size, turn: at(goes).turn });
}
