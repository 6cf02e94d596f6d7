import { cornerGaps, holdsOn } from "../geometry/holds.ts";
import { bestTurn, centred, type Setback } from "../geometry/placing.ts";
import type { Point } from "../geometry/point.ts";
import type { Quad, Side } from "../geometry/quad.ts";
import { figureSlopes, OUTER, type Outer } from "../measure/figure.ts";
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

export type GlassMm = { readonly width: number; readonly height: number };

/**
 * What a draw of chance holds, in this order: the errors of the six outer readings, in spreads; how far the width and
 * the height are cut off their order (−1..1 evenly, or in spreads); and the share of the movement, from 0 to 1.
 */
export const DRAWN = 9;
const [CUT_WIDTH, CUT_HEIGHT, SHARE] = [6, 7, 8];

/** Linear in a draw and in the size ordered: constant, nine of the draw, then mm of width and of height taken off. */
export type Form = Float64Array;
const [OFF_WIDTH, OFF_HEIGHT] = [10, 11];
const FORM = 12;

/** The opening about one size of glass: the best smallest gap and the least cover are each the least of some forms. */
export type Forms = { readonly base: GlassMm; readonly gaps: readonly Form[]; readonly covers: readonly Form[] | null };

/**
 * How the best smallest gap and the least cover of a pane follow the draw, to first order about a pane of the size given
 * at its best turn. Against fitting and placing each draw anew this is out by a few thousandths of a millimetre: draws
 * differ from the readings by a millimetre or two in hundreds. Cover is that of the pane laid so that it is most even.
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
    form[1 + SHARE] = follows(grows.range);
    form[OFF_WIDTH] = -c.width;
    form[OFF_HEIGHT] = -c.height;
    return form;
  });
  const holds = holdsOn(corners);
  const { depth } = of;
  const gaps = holds.map((shares) => shared(each, shares));
  if (depth === null) return { base, gaps, covers: null };
  const covers =
    of.lies === "pushed"
      ? pushed(of, depth, base)
      : holds.map((shares, i) => {
          const cover = (gaps[i] ?? new Float64Array(FORM)).map((v) => -v);
          cover[0] = (cover[0] ?? 0) + corners.reduce((s, c, k) => s + (shares[k] ?? 0) * depth[c.side], 0);
          return cover;
        });
  return { base, gaps, covers };
}

function shared(each: readonly Form[], shares: readonly number[]): Form {
  const form = new Float64Array(FORM);
  each.forEach((f, i) => {
    for (let k = 0; k < FORM; k++) form[k] = (form[k] ?? 0) + (shares[i] ?? 0) * (f[k] ?? 0);
  });
  return form;
}

/** How the corners move with the movement: at its least, and from its least to its most. */
function growing(q: Quad, movement: Doubtful["movement"]) {
  const width = q.br.x;
  const height = (q.tl.y + q.tr.y) / 2;
  const by = (dx: number, dy: number): Readonly<Record<keyof Quad, Point>> => {
    const at = (p: Point): Point => ({ x: (p.x / width) * dx, y: (p.y / height) * dy });
    return { bl: at(q.bl), br: at(q.br), tr: at(q.tr), tl: at(q.tl) };
  };
  return {
    least: by(movement.width.lo, movement.height.lo),
    range: by(movement.width.hi - movement.width.lo, movement.height.hi - movement.height.lo),
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
    form[0] = sides[axis] - (read + lo - base[axis]);
    form[1 + i] = of.tape;
    form[1 + (axis === "width" ? CUT_WIDTH : CUT_HEIGHT)] = of.cutting.mm;
    form[1 + SHARE] = -(hi - lo);
    form[axis === "width" ? OFF_WIDTH : OFF_HEIGHT] = -1;
    return [form];
  });
}

/** Draws of chance, a column for each of the nine. */
export type Draws = { readonly count: number; readonly columns: readonly Float64Array[] };

/** What comes off the base, each way. */
export const offOf = (base: GlassMm, glass: GlassMm): GlassMm => ({
  width: base.width - glass.width,
  height: base.height - glass.height,
});

/** What a form adds when so much comes off the base. */
export const addedBy = (form: Form, off: GlassMm): number =>
  (form[OFF_WIDTH] as number) * off.width + (form[OFF_HEIGHT] as number) * off.height;

/**
 * The forms that can ever be the least, or matter at all: for sizes from the one to the other off the base, those that
 * stay above a floor in every draw, or above another form, are left out. Draws past 5.5 spreads are left to luck: one in
 * ten million.
 */
export function pruned(
  forms: readonly Form[],
  off: { readonly least: GlassMm; readonly most: GlassMm },
  floor: number,
): readonly Form[] {
  const { least, most } = off;
  const corners: readonly GlassMm[] = [
    least,
    { width: most.width, height: least.height },
    { width: least.width, height: most.height },
    most,
  ];
  const lowest = (f: Form): number => Math.min(...corners.map((c) => addedBy(f, c))) + lowestOf(f);
  const kept: Form[] = [];
  for (const f of forms.filter((f) => lowest(f) <= floor).sort((a, b) => lowest(a) - lowest(b)))
    if (!kept.some((k) => lowest(f.map((v, i) => v - (k[i] as number))) >= 0)) kept.push(f);
  return kept;
}

const MOST_SPREADS = 5.5;

/** The lowest a form can be in any draw, with nothing taken off. Cutting is taken as a spread, whichever it is. */
function lowestOf(form: Form): number {
  let squares = 0;
  for (let k = 1; k <= 8; k++) squares += (form[k] as number) ** 2;
  return (form[0] as number) - MOST_SPREADS * Math.sqrt(squares) + Math.min(0, form[1 + SHARE] as number);
}
