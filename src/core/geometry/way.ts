import { distance, type Point } from "./point.ts";

/** A way through points, of straight stretches. */
export type Way = readonly Point[];

/** @example through (0, 0), (3, 4), (3, 10) // 11 */
export const wayLength = (way: Way): number => way.reduce((sum, p, i) => sum + distance(way[i - 1] ?? p, p), 0);

/**
 * Where one is on a way after so much of it, and which way it goes there, as a step of length 1. Past its ends it goes straight on.
 * @example 5 along (0, 0), (3, 4), (3, 10) // (3, 4), still going by (0.6, 0.8)
 * @example 7 along the same // (3, 6), going by (0, 1)
 */
export function alongWay(way: Way, by: number): { readonly at: Point; readonly goes: Point } {
  let left = by;
  for (const [i, to] of way.entries()) {
    const from = way[i - 1];
    if (!from) continue;
    const length = distance(from, to);
    if (left > length && i < way.length - 1) {
      left -= length;
      continue;
    }
    const goes = length === 0 ? { x: 1, y: 0 } : { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
    return { at: { x: from.x + goes.x * left, y: from.y + goes.y * left }, goes };
  }
  return { at: way[0] ?? { x: 0, y: 0 }, goes: { x: 1, y: 0 } };
}
