import { solveRidge } from "../geometry/ridge.ts";
import { toMm } from "../units/length.ts";
import type { OpeningReadings } from "./figure.ts";
import { HEIGHTS, OPENING, type OpeningPlace, WIDTHS } from "./places.ts";

/**
 * How far openings stray from true, spread in mm: of one width from the next, of a middle from its ends, of the corners'
 * difference. Openings that lean a finger's breadth are not rare, so the curve has a long tail.
 */
const STRAY = { taper: 2.5, bow: 1.2, lean: 7 } as const;
/** What is left when an opening is taken as straight-sided, mm: a chip, a lump of paint. */
const ROUGH_MM = 0.35;

/** Unknowns: width, height, half the tapers, the two bows, and the lean. The first two are free. */
const UNKNOWNS = 7;
const PRIORS = [
  0,
  0,
  1 / (STRAY.taper / 2) ** 2,
  1 / (STRAY.taper / 2) ** 2,
  1 / STRAY.bow ** 2,
  1 / STRAY.bow ** 2,
  1 / STRAY.lean ** 2,
];
/** Keeps the sums solvable where nothing was read that tells an unknown. */
const HARDLY = 1e-9;

export type StrayFit = {
  /** Minus twice the logarithm of the readings' likelihood but for a constant. */
  readonly oddness: number;
  /** What the readings say a place should be, mm. */
  readonly at: (place: OpeningPlace) => number;
};

/**
 * The opening that readings are likeliest of, and how odd they are for it: width and height are free, tapers, bows and lean
 * are as they mostly are. Readings are linear in what the opening strays by. Undefined without a width and a height.
 * @param tape one reading's error, mm
 * @example widths 600, 600, 600 and heights 900, 900, 900: oddness 0, at("diagonal-up") 1081.7
 */
export function strayFit(readings: OpeningReadings, tape: number): StrayFit | undefined {
  const width = meanOf(WIDTHS, readings);
  const height = meanOf(HEIGHTS, readings);
  if (width === undefined || height === undefined) return undefined;
  const [w0, h0] = [middleOf(WIDTHS, readings) ?? width, middleOf(HEIGHTS, readings) ?? height];
  const weight = 1 / (tape * tape + ROUGH_MM ** 2);
  const normal = new Float64Array(UNKNOWNS * UNKNOWNS);
  const right = new Float64Array(UNKNOWNS);
  for (let i = 0; i < UNKNOWNS; i++) normal[i * UNKNOWNS + i] = (PRIORS[i] ?? 0) + HARDLY;
  const rows: { readonly by: readonly number[]; readonly off: number }[] = [];
  for (const place of OPENING) {
    const reading = readings[place];
    if (reading === undefined) continue;
    const by = slopes(place, w0, h0);
    const off = toMm(reading) - at0(place, w0, h0);
    rows.push({ by, off });
    for (let i = 0; i < UNKNOWNS; i++) {
      const wi = weight * (by[i] ?? 0);
      if (wi === 0) continue;
      right[i] = (right[i] ?? 0) + wi * off;
      for (let k = 0; k <= i; k++) normal[i * UNKNOWNS + k] = (normal[i * UNKNOWNS + k] ?? 0) + wi * (by[k] ?? 0);
    }
  }
  const x = solveRidge(normal, right);
  if (!x) return undefined;
  let oddness = 0;
  for (const r of rows) oddness += longTail(weight * (r.off - along(r.by, x)) ** 2);
  for (let i = 0; i < UNKNOWNS; i++) oddness += longTail((PRIORS[i] ?? 0) * (x[i] ?? 0) ** 2);
  return { oddness, at: (place) => at0(place, w0, h0) + along(slopes(place, w0, h0), x) };
}

function along(by: readonly number[], x: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < UNKNOWNS; i++) sum += (by[i] ?? 0) * (x[i] ?? 0);
  return sum;
}

/** Squares up to nine, then slower: three spreads are rare, six are not impossible. */
const longTail = (square: number): number => (square <= 9 ? square : 9 + 6 * (Math.sqrt(square) - 3));

const at0 = (place: OpeningPlace, w: number, h: number): number =>
  SIDE[place] === "width" ? w : SIDE[place] === "height" ? h : Math.hypot(w, h);

const SIDE: Readonly<Record<OpeningPlace, "width" | "height" | "diagonal">> = {
  "width-top": "width",
  "width-middle": "width",
  "width-bottom": "width",
  "height-left": "height",
  "height-middle": "height",
  "height-right": "height",
  "diagonal-up": "diagonal",
  "diagonal-down": "diagonal",
};

/** What a reading gains for each mm of the unknowns; a diagonal's by the opening it stands in. */
const FIXED: Readonly<Partial<Record<OpeningPlace, readonly number[]>>> = {
  "width-top": [1, 0, 1, 0, 0, 0, 0],
  "width-middle": [1, 0, 0, 0, 1, 0, 0],
  "width-bottom": [1, 0, -1, 0, 0, 0, 0],
  "height-left": [0, 1, 0, 1, 0, 0, 0],
  "height-middle": [0, 1, 0, 0, 0, 1, 0],
  "height-right": [0, 1, 0, -1, 0, 0, 0],
};

function slopes(place: OpeningPlace, w: number, h: number): readonly number[] {
  const fixed = FIXED[place];
  if (fixed) return fixed;
  const d = Math.hypot(w, h);
  return [w / d, h / d, 0, 0, 0, 0, place === "diagonal-up" ? w / d : -w / d];
}

/** The mean of those that were read, mm. */
export function meanOf(places: readonly OpeningPlace[], readings: OpeningReadings): number | undefined {
  let [sum, n] = [0, 0];
  for (const place of places) {
    const reading = readings[place];
    if (reading === undefined) continue;
    sum += toMm(reading);
    n++;
  }
  return n === 0 ? undefined : sum / n;
}

/** The middle one of three; of two, none is the odder, so their mean. */
function middleOf(places: readonly OpeningPlace[], readings: OpeningReadings): number | undefined {
  const known = places.flatMap((p) => readings[p] ?? []).sort((a, b) => a - b);
  return known.length === 3 && known[1] !== undefined ? toMm(known[1]) : undefined;
}
