import { type Quad, SIDES, type Side } from "../geometry/quad.ts";
import type { Corner } from "../log/kinds/size.ts";
import type { Payloads } from "../log/kinds.ts";
import type { Figure } from "../measure/figure.ts";
import { bowSetback } from "../size/lay.ts";
import { shapedPane, shapeWithin, templatePoints } from "../size/shaped.ts";
import { type Mm, mm, type Nm, nm } from "../units/length.ts";

/** Room that a shaped pane keeps beyond the house's least gap, on each side, mm: it cannot be turned to find more. */
export const SHAPED_MORE_MM = 1;

/** Corners of a pane of the opening's own shape, on half millimetres: least gap and a millimetre all round. Null when nothing is left. */
export function shapeFor(figure: Figure, leastGapMm: Mm): readonly Corner[] | null {
  const shape = shapedPane(figure.quad, roomFor(figure, leastGapMm));
  return shape ? templatePoints(shape).map((p) => ({ x: mm(p.x), y: mm(p.y) })) : null;
}

/** The same pane where it lies in the opening, mm: for the drawing. */
export const shapeLying = (figure: Figure, leastGapMm: Mm): Quad | undefined =>
  shapeWithin(figure.quad, roomFor(figure, leastGapMm));

function roomFor(figure: Figure, leastGapMm: Mm): Record<Side, number> {
  const setback = bowSetback(figure);
  return Object.fromEntries(SIDES.map((s) => [s, leastGapMm + SHAPED_MORE_MM + (setback[s] ?? 0)])) as Record<
    Side,
    number
  >;
}

/** The rectangle round the corners: what the sheet must give. */
export function roundOf(corners: readonly Corner[]): { readonly width: Nm; readonly height: Nm } {
  const along = (axis: "x" | "y"): Nm => {
    const all = corners.map((c) => c[axis]);
    return nm(Math.max(...all) - Math.min(...all));
  };
  return { width: along("x"), height: along("y") };
}

/** A template that is older than the readings: some corner would now be elsewhere. */
export function shapeIsStale(shaped: Payloads["size.shaped"], figure: Figure, leastGapMm: Mm): boolean {
  const now = shapeFor(figure, leastGapMm);
  return now === null || now.some((c, i) => c.x !== shaped.corners[i]?.x || c.y !== shaped.corners[i]?.y);
}
