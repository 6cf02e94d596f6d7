/** A point or a step in the plane, in millimetres: x to the right, y up. */
export type Point = { readonly x: number; readonly y: number };

export const distance = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y);
export const middle = (a: Point, b: Point): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
export const cross = (o: Point, a: Point, b: Point): number => (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);

/** Cosine of the angle at `at` between the ways to `a` and to `b`. */
export function cosineAt(at: Point, a: Point, b: Point): number {
  const dot = (a.x - at.x) * (b.x - at.x) + (a.y - at.y) * (b.y - at.y);
  return dot / (distance(at, a) * distance(at, b));
}
