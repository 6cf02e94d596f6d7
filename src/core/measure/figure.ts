import { leastSquares, type Slopes } from "../geometry/least-squares.ts";
import { solveLinear } from "../geometry/linear.ts";
import { cosineAt, distance, middle, type Point } from "../geometry/point.ts";
import { isSound, type Quad } from "../geometry/quad.ts";
import { fail, ok, type Result } from "../result.ts";
import { type Mm, type Nm, toMm } from "../units/length.ts";
import { HEIGHTS, type OpeningPlace, WIDTHS } from "./places.ts";

export type OpeningReadings = Readonly<Partial<Record<OpeningPlace, Nm>>>;

/** What was taken for granted because nobody read it. */
export type Assumption = "no-lean" | "sides-parallel-widths" | "sides-parallel-heights";

/** The opening as it really is, in mm. `bow` is reading minus the figure's own middle: negative bulges inward. */
export type Figure = {
  readonly quad: Quad;
  readonly bow: { readonly width: Mm | null; readonly height: Mm | null };
  /** Difference of the two diagonals as read; null until both are. */
  readonly outOfSquare: number | null;
  /** Jamb length times |cos| of the corner angle, the largest of the four. */
  readonly lean: number;
  /** Reading minus what the figure gives, for the outer readings. */
  readonly residuals: Readonly<Partial<Record<OpeningPlace, number>>>;
  readonly assumptions: readonly Assumption[];
};

export type FigureError =
  | { readonly kind: "needs-width" | "needs-height" }
  | { readonly kind: "no-such-figure"; readonly worst: OpeningPlace };

/**
 * Root of the squares of what the outer readings leave over, mm: no single reading can be out by less. Six readings
 * have one more than a figure needs, so honest tapes (0.5 mm) leave about half a millimetre.
 * @example a square whose one diagonal is read 10 mm long // about 5
 */
export const disagreement = (f: Pick<Figure, "residuals">): number =>
  Math.hypot(...Object.values(f.residuals).filter((v) => v !== undefined));

/** Past this, four times what honest tapes leave, the readings are said to disagree. */
export const DISAGREE_MM = 2;

/** The six readings that make the figure. */
export const OUTER = [
  "width-top",
  "width-bottom",
  "height-left",
  "height-right",
  "diagonal-up",
  "diagonal-down",
] as const;
export type Outer = (typeof OUTER)[number];

/** No opening is read smaller, mm. */
const LEAST_MM = 1;

/** Pull toward right angles and equal opposite sides where readings leave the figure free: too weak to move a reading. */
const PULL = 1e-3;

/**
 * The four-sided figure with the least sum of squared differences to the outer readings, unweighted; then bow from the
 * middle ones. With fewer than five outer readings, right angles and parallels fill what is free, and are named.
 * @example figureOf(612, 613 wide, 904, 903 high, corners 1091.5 and 1089) // leans about 1.6 mm
 */
export function figureOf(readings: OpeningReadings): Result<Figure, FigureError> {
  const given = spread(readings);
  const width = meanOf([given["width-top"], given["width-bottom"]]);
  const height = meanOf([given["height-left"], given["height-right"]]);
  if (width === undefined) return fail({ kind: "needs-width" });
  if (height === undefined) return fail({ kind: "needs-height" });
  const nil = OUTER.find((p) => (given[p] ?? LEAST_MM) < LEAST_MM);
  if (nil) return fail({ kind: "no-such-figure", worst: nil });

  const known = OUTER.filter((p) => given[p] !== undefined);
  const residualsAt = (x: readonly number[]): number[] => {
    const q = quadFrom(x);
    const out = known.map((p) => (given[p] ?? 0) - spanOf(q, p));
    return known.length >= 5 ? out : [...out, ...pulls(q).map((v) => v * PULL)];
  };
  const skew = skewFrom(given, width);
  const fit = leastSquares(
    residualsAt,
    [width, width + skew, height, skew, height],
    known.length >= 5 ? (x) => spanSlopes(quadFrom(x), known) : undefined,
  );
  const quad = quadFrom(fit.x);
  const residuals = Object.fromEntries(known.map((p) => [p, (given[p] ?? 0) - spanOf(quad, p)])) as Partial<
    Record<Outer, number>
  >;
  if (!isSound(quad) || !fit.x.every(Number.isFinite))
    return fail({ kind: "no-such-figure", worst: worstOf(residuals) });

  const up = readings["diagonal-up"];
  const down = readings["diagonal-down"];
  return ok({
    quad,
    bow: {
      width: bowOf(readings["width-middle"], quad, "width"),
      height: bowOf(readings["height-middle"], quad, "height"),
    },
    outOfSquare: up === undefined || down === undefined ? null : Math.abs(toMm(up) - toMm(down)),
    lean: leanOf(quad),
    residuals,
    assumptions: assumptionsFor(readings),
  });
}

/** Outer readings in mm; a lone middle reading stands for both sides it lies between. */
function spread(r: OpeningReadings): Partial<Record<Outer, number>> {
  const given: Partial<Record<Outer, number>> = {};
  for (const p of OUTER) if (r[p] !== undefined) given[p] = toMm(r[p]);
  const middleWidth = r["width-middle"];
  const middleHeight = r["height-middle"];
  if (middleWidth !== undefined && given["width-top"] === undefined && given["width-bottom"] === undefined)
    given["width-top"] = given["width-bottom"] = toMm(middleWidth);
  if (middleHeight !== undefined && given["height-left"] === undefined && given["height-right"] === undefined)
    given["height-left"] = given["height-right"] = toMm(middleHeight);
  return given;
}

const quadFrom = (x: readonly number[]): Quad => ({
  bl: { x: 0, y: 0 },
  br: { x: x[0] ?? 0, y: 0 },
  tr: { x: x[1] ?? 0, y: x[2] ?? 0 },
  tl: { x: x[3] ?? 0, y: x[4] ?? 0 },
});

const ENDS: Readonly<Record<Outer, readonly [keyof Quad, keyof Quad]>> = {
  "width-top": ["tl", "tr"],
  "width-bottom": ["bl", "br"],
  "height-left": ["bl", "tl"],
  "height-right": ["br", "tr"],
  "diagonal-up": ["bl", "tr"],
  "diagonal-down": ["tl", "br"],
};

const spanOf = (q: Quad, place: Outer): number => distance(q[ENDS[place][0]], q[ENDS[place][1]]);

/** Which unknowns move a corner: x, and y where it is free. */
const MOVES: Readonly<Record<keyof Quad, readonly number[]>> = { bl: [], br: [0], tr: [1, 2], tl: [3, 4] };

/** How what a reading leaves over changes with each unknown: less by the cosine of the span at the corner that moves. */
function spanSlopes(q: Quad, places: readonly Outer[]): Slopes {
  const rows = Array.from({ length: 5 }, () => new Array<number>(places.length).fill(0));
  places.forEach((place, k) => {
    const [from, to] = ENDS[place];
    const length = spanOf(q, place);
    const along = [(q[to].x - q[from].x) / length, (q[to].y - q[from].y) / length];
    for (const [corner, sign] of [
      [from, 1],
      [to, -1],
    ] as const)
      MOVES[corner].forEach((unknown, axis) => {
        const row = rows[unknown];
        if (row) row[k] = (row[k] ?? 0) + sign * (along[axis] ?? 0);
      });
  });
  return rows;
}

/**
 * How the figure follows a change of one outer reading, to first order: x and y of each corner, mm a mm. Undefined with
 * fewer than five, where the figure rests on assumptions.
 */
export function figureSlopes(
  quad: Quad,
  places: readonly Outer[],
): readonly Readonly<Record<keyof Quad, Point>>[] | undefined {
  if (places.length < 5) return undefined;
  const by = spanSlopes(quad, places);
  const normal = by.map((row) => by.map((other) => row.reduce((s, v, k) => s + v * (other[k] ?? 0), 0)));
  const slopes = places.map((_, k) => {
    // The rows are slopes of reading less span; a longer reading lengthens the span.
    const x = solveLinear(
      normal,
      by.map((row) => -(row[k] ?? 0)),
    );
    return x && quadFrom(x);
  });
  return slopes.every((s) => s !== undefined) ? slopes : undefined;
}

/** The distance that a tape across the middle would read if nothing bowed: between midpoints of opposite sides. */
export const middleSpan = (q: Quad, dimension: "width" | "height"): number =>
  dimension === "width"
    ? distance(middle(q.bl, q.tl), middle(q.br, q.tr))
    : distance(middle(q.bl, q.br), middle(q.tl, q.tr));

function pulls(q: Quad): number[] {
  const size = (distance(q.bl, q.br) + distance(q.bl, q.tl)) / 2;
  return [
    distance(q.tl, q.tr) - distance(q.bl, q.br),
    distance(q.bl, q.tl) - distance(q.br, q.tr),
    ...cornerCosines(q).map((c) => c.cosine * size),
  ];
}

function cornerCosines(q: Quad): readonly { readonly cosine: number; readonly jamb: number }[] {
  const left = distance(q.bl, q.tl);
  const right = distance(q.br, q.tr);
  return [
    { cosine: cosineAt(q.bl, q.br, q.tl), jamb: left },
    { cosine: cosineAt(q.tl, q.bl, q.tr), jamb: left },
    { cosine: cosineAt(q.br, q.bl, q.tr), jamb: right },
    { cosine: cosineAt(q.tr, q.br, q.tl), jamb: right },
  ];
}

const leanOf = (q: Quad): number => Math.max(...cornerCosines(q).map((c) => c.jamb * Math.abs(c.cosine)));

const bowOf = (reading: Nm | undefined, q: Quad, dimension: "width" | "height"): number | null =>
  reading === undefined ? null : toMm(reading) - middleSpan(q, dimension);

/** First guess of the sideways shift of the head: up² − down² = 4 × width × shift for a parallelogram. */
function skewFrom(given: Partial<Record<Outer, number>>, width: Mm): number {
  const up = given["diagonal-up"];
  const down = given["diagonal-down"];
  return up === undefined || down === undefined
    ? 0
    : Math.max(-width / 2, Math.min(width / 2, (up * up - down * down) / (4 * width)));
}

function assumptionsFor(r: OpeningReadings): readonly Assumption[] {
  const out: Assumption[] = [];
  if (r["diagonal-up"] === undefined && r["diagonal-down"] === undefined) out.push("no-lean");
  if (r["width-top"] === undefined || r["width-bottom"] === undefined) out.push("sides-parallel-widths");
  if (r["height-left"] === undefined || r["height-right"] === undefined) out.push("sides-parallel-heights");
  return out;
}

const meanOf = (values: readonly (number | undefined)[]): number | undefined => {
  const known = values.filter((v) => v !== undefined);
  return known.length === 0 ? undefined : known.reduce((a, b) => a + b, 0) / known.length;
};

function worstOf(residuals: Partial<Record<Outer, number>>): OpeningPlace {
  let worst: Outer = "diagonal-up";
  for (const p of OUTER) if (Math.abs(residuals[p] ?? 0) > Math.abs(residuals[worst] ?? 0)) worst = p;
  return worst;
}

/** The smallest of the readings on one axis, and which it is: the governing reading. */
export function governing(
  readings: OpeningReadings,
  axis: "width" | "height",
): { readonly place: OpeningPlace; readonly length: Nm } | undefined {
  let least: { place: OpeningPlace; length: Nm } | undefined;
  for (const place of axis === "width" ? WIDTHS : HEIGHTS) {
    const length = readings[place];
    if (length !== undefined && (least === undefined || length < least.length)) least = { place, length };
  }
  return least;
}
