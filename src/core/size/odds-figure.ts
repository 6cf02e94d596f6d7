import { cornerGaps, holdsOn } from "../geometry/holds.ts";
import { bestTurn, centred, type Setback } from "../geometry/placing.ts";
import type { Point } from "../geometry/point.ts";
import type { Quad, Side } from "../geometry/quad.ts";
import { figureSlopes, OUTER, type Outer } from "../measure/figure.ts";
import {
  CUT_HEIGHT,
  CUT_WIDTH,
  FORM,
  type Form,
  type Forms,
  type GlassMm,
  MOVED_HEIGHT,
  MOVED_WIDTH,
  OFF_HEIGHT,
  OFF_WIDTH,
} from "./forms.ts";
import type { Cutting, Line, Movement } from "./odds-line.ts";

/** A whole opening as it is known: the figure its readings make, and how far each thing may be off. All in mm. */
export type Doubtful = {
  readonly quad: Quad;
  readonly setback: Setback;
  /** The outer readings that were given: five or six. */
  readonly readings: Readonly<Partial<Record<Outer, number>>>;
  readonly tape: number;
  readonly cutting: Cutting;
  readonly movement: { readonly width: Movement; readonly height: Movement };
  readonly depth: Readonly<Record<Side, number>> | null;
  readonly leastCover: number;
  readonly lies: Line["lies"];
};

/**
 * How the best smallest gap and the least cover of a pane follow the draw, to first order about a pane of the size given
 * at its best turn. Against fitting and placing each draw anew this is out by a few thousandths of a millimetre: draws
 * differ from the readings by a millimetre or two in hundreds. Cover is lost when no way of laying the pane that lets it
 * go in leaves enough on every side.
 * Undefined with fewer than five outer readings, or when the figure is broken.
 */
export function formsOf(of: Doubtful, base: GlassMm): Forms | undefined {
  const places = OUTER.filter((p) => of.readings[p] !== undefined);
  const slopes = figureSlopes(of.quad, places);
  const { turn } = bestTurn(of.quad, base, of.setback);
  const placed = centred(of.quad, { ...base, turn }, of.setback);
  if (!slopes || !placed) return undefined;
  const corners = cornerGaps(of.quad, placed, of.setback);
  const grows = growing(of.quad, of.movement);
  const each = corners.map((c): Form => {
    const form = new Float64Array(FORM);
    const follows = (d: Readonly<Record<keyof Quad, Point>>): number =>
      c.wall.atFrom.x * d[c.wall.from].x +
      c.wall.atFrom.y * d[c.wall.from].y +
      c.wall.atTo.x * d[c.wall.to].x +
      c.wall.atTo.y * d[c.wall.to].y;
    form[0] = c.gap + follows(grows.least);
    // A true size is its reading less the error.
    places.forEach((p, k) => {
      const slope = slopes[k];
      if (slope) form[1 + OUTER.indexOf(p)] = -of.tape * follows(slope);
    });
    form[1 + CUT_WIDTH] = c.width * of.cutting.mm;
    form[1 + CUT_HEIGHT] = c.height * of.cutting.mm;
    form[1 + MOVED_WIDTH] = follows(grows.wider);
    form[1 + MOVED_HEIGHT] = follows(grows.taller);
    form[OFF_WIDTH] = -c.width;
    form[OFF_HEIGHT] = -c.height;
    return form;
  });
  const { depth } = of;
  const gaps: Form[] = [];
  const covers: Form[] = [];
  const held: Form[] = [];
  for (const shares of holdsOn(corners))
    for (const way of [1, -1] as const) {
      const signed = shares.map((v) => v * way);
      const outward = signed.some((v) => v < 0);
      if (outward && depth === null) continue;
      const form = shared(each, signed);
      // Corners with a minus must not stand farther off than their rebate covers.
      corners.forEach((c, i) => {
        if (depth !== null)
          form[0] = (form[0] as number) + Math.max(0, -(signed[i] ?? 0)) * (depth[c.side] - of.leastCover);
      });
      if (!outward) gaps.push(form);
      else if (signed.every((v) => v <= 0)) covers.push(form);
      else held.push(form);
    }
  const rest = { base, cutting: of.cutting.kind, gaps };
  if (depth === null) return { ...rest, covers: null, held: [] };
  return of.lies === "pushed" ? { ...rest, covers: pushed(of, depth, base), held: [] } : { ...rest, covers, held };
}

function shared(each: readonly Form[], shares: readonly number[]): Form {
  const form = new Float64Array(FORM);
  each.forEach((f, i) => {
    if (shares[i] === 0) return;
    for (let k = 0; k < FORM; k++) form[k] = (form[k] ?? 0) + (shares[i] ?? 0) * (f[k] ?? 0);
  });
  return form;
}

/** How the corners move with the movement: at its least, and from its least to its most each way. */
function growing(q: Quad, movement: Doubtful["movement"]) {
  const width = q.br.x;
  const height = (q.tl.y + q.tr.y) / 2;
  const by = (dx: number, dy: number): Readonly<Record<keyof Quad, Point>> => {
    const at = (p: Point): Point => ({ x: (p.x / width) * dx, y: (p.y / height) * dy });
    return { bl: at(q.bl), br: at(q.br), tr: at(q.tr), tl: at(q.tl) };
  };
  return {
    least: by(movement.width.lo, movement.height.lo),
    wider: by(movement.width.hi - movement.width.lo, 0),
    taller: by(0, movement.height.hi - movement.height.lo),
  };
}

/** Cover on the side that the pane was pushed away from: all that is left of the opening, at each place it was read. */
function pushed(of: Doubtful, depth: Readonly<Record<Side, number>>, base: GlassMm): readonly Form[] {
  const sides = { width: Math.min(depth.left, depth.right), height: Math.min(depth.bottom, depth.top) };
  return OUTER.flatMap((place, i) => {
    const axis = place.startsWith("width") ? "width" : place.startsWith("height") ? "height" : null;
    const read = of.readings[place];
    if (axis === null || read === undefined) return [];
    const form = new Float64Array(FORM);
    const { lo, hi } = of.movement[axis];
    form[0] = sides[axis] - of.leastCover - (read + lo - base[axis]);
    form[1 + i] = of.tape;
    form[1 + (axis === "width" ? CUT_WIDTH : CUT_HEIGHT)] = of.cutting.mm;
    form[1 + (axis === "width" ? MOVED_WIDTH : MOVED_HEIGHT)] = -(hi - lo);
    form[axis === "width" ? OFF_WIDTH : OFF_HEIGHT] = -1;
    return [form];
  });
}
