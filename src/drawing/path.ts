export type Xy = { readonly x: number; readonly y: number };

const r = (v: number): string => String(Math.round(v * 100) / 100);

/** A closed path through points. @example polygon([{x:0,y:0},{x:1,y:0},{x:1,y:1}]) // "M0 0L1 0L1 1Z" */
export const polygon = (points: readonly Xy[]): string => `${open(points)}Z`;
export const open = (points: readonly Xy[]): string =>
  points.map((p, i) => `${i === 0 ? "M" : "L"}${r(p.x)} ${r(p.y)}`).join("");
export const rectangle = (x: number, y: number, w: number, h: number): string =>
  polygon([
    { x, y },
    { x: x + w, y },
    { x: x + w, y: y + h },
    { x, y: y + h },
  ]);
