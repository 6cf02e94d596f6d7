import { cornerGaps } from "../geometry/corner-gaps.ts";
import { centred, layTurn, type Middles } from "../geometry/placing.ts";
import type { Point } from "../geometry/point.ts";
import type { Quad, Side } from "../geometry/quad.ts";
import { figureOf, figureSlopes, type OpeningReadings, OUTER } from "../measure/figure.ts";
import { HEIGHTS, type OpeningPlace, WIDTHS } from "../measure/places.ts";
import { type Mm, nm } from "../units/length.ts";
import {
  BOW_HEIGHT,
  BOW_WIDTH,
  CUT_HEIGHT,
  CUT_WIDTH,
  DRAWN,
  LEAN,
  MOVED_HEIGHT,
  MOVED_WIDTH,
  TAPER_HEIGHT,
  TAPER_WIDTH,
} from "./draws.ts";
import type { Cutting, Line, Movement } from "./odds-line.ts";

export type GlassMm = { readonly width: Mm; readonly height: Mm };

/** How far an opening may be from true where nobody read it: one spread each; lean in mm a metre of height. */
export type Unread = { readonly leanMmPerM: number; readonly taperMm: Mm; readonly bowMm: Mm };

/** An opening as it is known: the figure its readings make, and how far each thing may be off. All in mm. */
export type Doubtful = {
  readonly readings: OpeningReadings;
  readonly quad: Quad;
  /** Middle distance as read less the figure's own; null where it was not read. */
  readonly bow: { readonly width: Mm | null; readonly height: Mm | null };
  readonly tape: number;
  readonly cutting: Cutting;
  readonly movement: { readonly width: Movement; readonly height: Movement };
  readonly depth: Readonly<Record<Side, number>> | null;
  readonly leastCover: number;
  readonly lies: Line["lies"];
  readonly unread: Unread;
};

/** Linear in a draw and in the size ordered: constant, seventeen of the draw, then mm of width and of height taken off. */
export type Form = Float64Array;
export const [OFF_WIDTH, OFF_HEIGHT] = [DRAWN + 1, DRAWN + 2] as const;
const FORM = DRAWN + 3;

/**
 * An opening about one size of glass: the gap of each of its eight corners at the turn and place in which it would be laid, how
 * each follows the draw and the size, and how each follows a turn. The two bows are those of the whole width and height.
 */
export type LayModel = {
  readonly base: GlassMm;
  /** Left two, right two, bottom two, top two: lower or left end first. */
  readonly corners: readonly Form[];
  /** mm a radian of turn, for each of the eight. */
  readonly turns: readonly number[];
  readonly bows: readonly [width: Form, height: Form];
  readonly depth: Doubtful["depth"];
  readonly leastCover: number;
  readonly lies: Line["lies"];
};

type Shift = Readonly<Record<keyof Quad, Point>>;
const STILL: Point = { x: 0, y: 0 };
const shift = (points: Partial<Record<keyof Quad, Point>>): Shift => ({
  bl: STILL,
  br: STILL,
  tr: STILL,
  tl: STILL,
  ...points,
});

/**
 * The model of an opening about a pane of this size. Against fitting and placing each draw anew it is out by some hundredths of
 * a millimetre: draws differ from the readings by a millimetre or two in hundreds. Undefined when the figure is broken.
 */
export function layModel(doubtful: Doubtful, base: GlassMm): LayModel | undefined {
  const middles = middlesOf(doubtful.bow);
  const turn = layTurn(doubtful.quad, base, middles);
  const placed = centred(doubtful.quad, { ...base, turn }, middles);
  if (!placed) return undefined;
  const moves = movesOf(doubtful);
  const corners = inOrder(cornerGaps(doubtful.quad, placed));
  const forms = corners.map((c): Form => {
    const form = new Float64Array(FORM);
    const follows = (d: Shift): number =>
      c.wall.atFrom.x * d[c.wall.from].x +
      c.wall.atFrom.y * d[c.wall.from].y +
      c.wall.atTo.x * d[c.wall.to].x +
      c.wall.atTo.y * d[c.wall.to].y;
    form[0] = c.gap + follows(moves.least) + (c.width + c.height) * (doubtful.cutting.off ?? 0);
    for (const [column, d] of moves.by) form[1 + column] = follows(d);
    form[1 + CUT_WIDTH] = c.width * doubtful.cutting.mm;
    form[1 + CUT_HEIGHT] = c.height * doubtful.cutting.mm;
    form[OFF_WIDTH] = -c.width;
    form[OFF_HEIGHT] = -c.height;
    return form;
  });
  return {
    base,
    corners: forms,
    turns: corners.map((c) => c.turn),
    bows: [bowForm(doubtful, "width", moves.by), bowForm(doubtful, "height", moves.by)],
    depth: doubtful.depth,
    leastCover: doubtful.leastCover,
    lies: doubtful.lies,
  };
}

/** How far out the middle of each side lies: half of a bow on both sides concerned. */
export const middlesOf = (bow: Doubtful["bow"]): Middles => ({
  left: (bow.width ?? 0) / 2,
  right: (bow.width ?? 0) / 2,
  bottom: (bow.height ?? 0) / 2,
  top: (bow.height ?? 0) / 2,
});

type Corner = ReturnType<typeof cornerGaps>[number];
const ORDER: readonly Side[] = ["left", "right", "bottom", "top"];
const inOrder = (corners: readonly Corner[]): readonly Corner[] =>
  ORDER.flatMap((side) => corners.filter((c) => c.side === side));

/** What of an opening moves its corners, by the column of the draw: errors of readings, movement, and what nobody read. */
function movesOf(doubtful: Doubtful): { readonly least: Shift; readonly by: readonly (readonly [number, Shift])[] } {
  const { quad, readings, unread } = doubtful;
  const by: (readonly [number, Shift])[] = [];
  const places = OUTER.filter((p) => readings[p] !== undefined);
  const exact = figureSlopes(quad, places);
  const rests: readonly OpeningPlace[] = exact
    ? places
    : [...places, ...(["width-middle", "height-middle"] as const).filter((p) => readings[p] !== undefined)];
  rests.forEach((p, k) => {
    const slope = exact?.[k] ?? slopeOf(doubtful, p);
    // A true size is its reading less the error.
    if (slope) by.push([columnOf(p), times(slope, -doubtful.tape)]);
  });
  const width = quad.br.x;
  const height = (quad.tl.y + quad.tr.y) / 2;
  if (readings["diagonal-up"] === undefined && readings["diagonal-down"] === undefined) {
    const lean = (unread.leanMmPerM * height) / 1000;
    by.push([LEAN, shift({ tl: { x: lean, y: 0 }, tr: { x: lean, y: 0 } })]);
  }
  const outer = (axis: readonly OpeningPlace[]) => [axis[0], axis[2]].filter((p) => p && readings[p] !== undefined);
  if (outer(WIDTHS).length < 2) {
    const half = unread.taperMm / 2;
    const [top, bottom] = [readings["width-top"] !== undefined, readings["width-bottom"] !== undefined];
    // Where one end was read, all of the taper is at the other.
    by.push([
      TAPER_WIDTH,
      shift({
        tr: { x: top ? 0 : bottom ? 2 * half : half, y: 0 },
        br: { x: bottom ? 0 : top ? -2 * half : -half, y: 0 },
      }),
    ]);
  }
  if (outer(HEIGHTS).length < 2) {
    const half = unread.taperMm / 2;
    const [left, right] = [readings["height-left"] !== undefined, readings["height-right"] !== undefined];
    by.push([
      TAPER_HEIGHT,
      shift({
        tr: { x: 0, y: right ? 0 : left ? 2 * half : half },
        tl: { x: 0, y: left ? 0 : right ? -2 * half : -half },
      }),
    ]);
  }
  // Read in the middle alone: a bow that nobody could tell apart makes the ends wider or narrower.
  if (readings["width-middle"] !== undefined && outer(WIDTHS).length === 0)
    by.push([BOW_WIDTH, shift({ tr: { x: -unread.bowMm, y: 0 }, br: { x: -unread.bowMm, y: 0 } })]);
  if (readings["height-middle"] !== undefined && outer(HEIGHTS).length === 0)
    by.push([BOW_HEIGHT, shift({ tr: { x: 0, y: -unread.bowMm }, tl: { x: 0, y: -unread.bowMm } })]);
  const grown = (dx: number, dy: number): Shift => {
    const at = (p: Point): Point => ({ x: (p.x / width) * dx, y: (p.y / height) * dy });
    return { bl: at(quad.bl), br: at(quad.br), tr: at(quad.tr), tl: at(quad.tl) };
  };
  by.push([MOVED_WIDTH, grown(doubtful.movement.width.hi - doubtful.movement.width.lo, 0)]);
  by.push([MOVED_HEIGHT, grown(0, doubtful.movement.height.hi - doubtful.movement.height.lo)]);
  return { least: grown(doubtful.movement.width.lo, doubtful.movement.height.lo), by };
}

const times = (shift: Shift, by: number): Shift => {
  const at = (p: Point): Point => ({ x: p.x * by, y: p.y * by });
  return { bl: at(shift.bl), br: at(shift.br), tr: at(shift.tr), tl: at(shift.tl) };
};

const columnOf = (place: OpeningPlace): number =>
  place === "width-middle" ? 6 : place === "height-middle" ? 7 : (OUTER as readonly OpeningPlace[]).indexOf(place);

/** A tenth of a millimetre: small enough that the figure follows it straight. */
const STEP_NM = 100_000;

/** How the figure follows one reading where it rests on assumptions: by reading a little more there. */
function slopeOf(doubtful: Doubtful, place: OpeningPlace): Shift | undefined {
  const there = doubtful.readings[place];
  if (there === undefined) return undefined;
  const more = figureOf({ ...doubtful.readings, [place]: nm(there + STEP_NM) });
  const less = figureOf({ ...doubtful.readings, [place]: nm(Math.max(1, there - STEP_NM)) });
  if (!more.ok || !less.ok) return undefined;
  const d = (c: keyof Quad): Point => ({
    x: ((more.value.quad[c].x - less.value.quad[c].x) * 1e6) / (2 * STEP_NM),
    y: ((more.value.quad[c].y - less.value.quad[c].y) * 1e6) / (2 * STEP_NM),
  });
  return { bl: d("bl"), br: d("br"), tr: d("tr"), tl: d("tl") };
}

/** Bow of one dimension: as read, less what the figure's own middle may be off; or its spread where nobody read it. */
function bowForm(doubtful: Doubtful, axis: "width" | "height", by: readonly (readonly [number, Shift])[]): Form {
  const form = new Float64Array(FORM);
  const middle = axis === "width" ? "width-middle" : "height-middle";
  const places = axis === "width" ? WIDTHS : HEIGHTS;
  const ends = [places[0], places[2]].some((p) => doubtful.readings[p] !== undefined);
  if (doubtful.readings[middle] === undefined || !ends) {
    form[1 + (axis === "width" ? BOW_WIDTH : BOW_HEIGHT)] = doubtful.unread.bowMm;
    return form;
  }
  form[0] = doubtful.bow[axis] ?? 0;
  form[1 + columnOf(middle)] = -doubtful.tape;
  for (const [column, d] of by) {
    if (column >= MOVED_WIDTH && column <= MOVED_HEIGHT) continue;
    const span = axis === "width" ? (d.br.x + d.tr.x - d.bl.x - d.tl.x) / 2 : (d.tl.y + d.tr.y - d.bl.y - d.br.y) / 2;
    form[1 + column] = (form[1 + column] ?? 0) - span;
  }
  return form;
}
