import { type LengthUnit, type Mm, mm, NM_PER_INCH, NM_PER_MM, type Nm, nm, toMm } from "../units/length.ts";
import type { OpeningReadings } from "./figure.ts";
import { HEIGHTS, OPENING, type OpeningPlace, WIDTHS } from "./places.ts";
import { meanOf, strayFit } from "./stray-fit.ts";
import type { Shape } from "./ways.ts";

/** What a person does to a reading between tape and paper. */
export type SlipKind =
  | "whole-inch"
  | "ten-mm"
  | "hundred-mm"
  | "digits-swapped"
  | "width-for-height"
  | "widths-for-heights"
  | "misread";

/** A reading that the others contradict, the likeliest slip, and what it would have been. */
export type Slip = {
  readonly place: OpeningPlace;
  readonly kind: SlipKind;
  readonly meant: Nm;
  /** Two readings in each other's place: the other one. */
  readonly with?: OpeningPlace;
  /** Logarithm of how many times likelier than an opening so odd. */
  readonly logOdds: number;
};

export type SlipInput = {
  readonly readings: OpeningReadings;
  /** The unit of the tape, for what a slip looks like. */
  readonly unit: LengthUnit;
  readonly tapeMm: Mm;
  readonly shape?: Shape | undefined;
  /** The pane that came out, where it was read: nothing else tells all widths from all heights. */
  readonly old?: { readonly width: Nm; readonly height: Nm } | undefined;
  /** Readings that somebody has stood by. */
  readonly trusted?: readonly OpeningPlace[];
};

/** One reading in so many is a slip of any kind. */
const ONE_IN = 60;
/** A slip is said when it is eight times likelier than an opening so odd. */
const SAID_ABOVE = Math.log(8);

/**
 * Readings that contradict the others, worst first. Every reading is a true width, height or corner distance of an opening
 * that strays from square, plus the tape's error: the likelihood of the readings as they stand is set against that of the
 * same with one of them put right for each kind of slip.
 * @example widths 612, 637.4, 613 with heights near 904 // middle width is an inch (25.4) too long
 */
export function slipsIn(input: SlipInput): readonly Slip[] {
  const places = OPENING.filter((p) => input.readings[p] !== undefined);
  if (places.length < 3) return wholeSwap(input);
  const swapped = wholeSwap(input);
  if (swapped.length > 0) return swapped;
  const found: Slip[] = [];
  let readings = input.readings;
  // A second slip shows only once the first is put right.
  for (let round = 0; round < MOST_SLIPS; round++) {
    const slip = likeliest({ ...input, readings }, found);
    if (!slip) break;
    found.push(slip);
    readings = { ...readings, [slip.place]: slip.meant };
    if (slip.with) readings = { ...readings, [slip.with]: input.readings[slip.place] };
  }
  return found;
}

const MOST_SLIPS = 2;

function likeliest(input: SlipInput, already: readonly Slip[]): Slip | undefined {
  const plain = oddness(input.readings, input.tapeMm);
  // Nothing put right can gain more than all the oddness there is.
  if (plain === undefined || logOddsOf(plain, 0, LIKELIEST_SHARE) < SAID_ABOVE) return undefined;
  let best: Slip | undefined;
  for (const t of slipsToTry(input)) {
    if (already.some((s) => s.place === t.place) || input.trusted?.includes(t.place)) continue;
    const put = { ...input.readings, [t.place]: t.meant, ...(t.with ? { [t.with]: input.readings[t.place] } : {}) };
    const mended = oddness(put, input.tapeMm);
    if (mended === undefined) continue;
    const logOdds = logOddsOf(plain, mended, t.share);
    if (logOdds > (best?.logOdds ?? SAID_ABOVE))
      best = { place: t.place, kind: t.kind, meant: t.meant, logOdds, ...(t.with ? { with: t.with } : {}) };
  }
  const other = misread(input, plain, already);
  return other && other.logOdds > (best?.logOdds ?? SAID_ABOVE) ? other : best;
}

const LIKELIEST_SHARE = 1 / 40;

type Try = {
  readonly place: OpeningPlace;
  readonly kind: SlipKind;
  readonly meant: Nm;
  readonly share: number;
  readonly with?: OpeningPlace;
};

/** Every slip worth trying, with its share of all slips: one of eight readings, and one of the ways it may have gone. */
function slipsToTry(input: SlipInput): readonly Try[] {
  const out: Try[] = [];
  for (const place of OPENING) {
    const reading = input.readings[place];
    if (reading === undefined) continue;
    const add = (kind: SlipKind, meant: number, share: number): void => {
      if (meant > 0) out.push({ place, kind, meant: nm(Math.round(meant)), share });
    };
    for (const sign of [-1, 1]) {
      if (input.unit === "in") add("whole-inch", reading + sign * NM_PER_INCH, 1 / 40);
      else add("ten-mm", reading + sign * 10 * NM_PER_MM, 1 / 40);
      add("hundred-mm", reading + sign * (input.unit === "in" ? 10 * NM_PER_INCH : 100 * NM_PER_MM), 1 / 200);
      // A tape with both scales, read on the wrong side of a mark.
      if (input.unit === "mm") add("whole-inch", reading + sign * NM_PER_INCH, 1 / 80);
    }
    for (const meant of swapsOf(reading, input.unit)) add("digits-swapped", meant, 1 / 40);
  }
  for (const w of WIDTHS)
    for (const h of HEIGHTS) {
      const [a, b] = [input.readings[w], input.readings[h]];
      if (a !== undefined && b !== undefined)
        out.push({ place: w, kind: "width-for-height", meant: b, share: 1 / 60, with: h });
    }
  return out;
}

/** The reading with two neighbouring digits of its whole mm or whole inches changed about. @example 1089 // 189 no; 1098, 1809 */
function swapsOf(reading: Nm, unit: LengthUnit): readonly number[] {
  const one = unit === "mm" ? NM_PER_MM : NM_PER_INCH;
  const whole = Math.floor(reading / one);
  const rest = reading - whole * one;
  const digits = String(whole);
  return Array.from({ length: digits.length - 1 }, (_, i) => {
    const swapped = digits.slice(0, i) + digits.charAt(i + 1) + digits.charAt(i) + digits.slice(i + 2);
    return swapped.startsWith("0") || swapped === digits ? 0 : Number(swapped) * one + rest;
  }).filter((v) => v > 0);
}

/** One reading that fits nothing, by no slip that is known: left out, the others agree. */
function misread(input: SlipInput, plain: number, already: readonly Slip[]): Slip | undefined {
  let best: Slip | undefined;
  for (const place of OPENING) {
    const reading = input.readings[place];
    if (reading === undefined || already.some((s) => s.place === place) || input.trusted?.includes(place)) continue;
    const { [place]: _, ...others } = input.readings;
    const without = oddness(others, input.tapeMm);
    const meant = expected(others, place, input.tapeMm);
    if (without === undefined || meant === undefined) continue;
    const off = Math.abs(toMm(reading) - meant);
    // Anything within half a metre might be typed: a thousand half millimetres, at one of eight places.
    const logOdds = logOddsOf(plain, without, 1 / 8000);
    if (off > MISREAD_MM && logOdds > (best?.logOdds ?? SAID_ABOVE))
      best = { place, kind: "misread", meant: mm(meant), logOdds };
  }
  return best;
}

const MISREAD_MM = 4;

/** How likely a slip of this share is, that leaves the readings so odd, against no slip. */
const logOddsOf = (plain: number, mended: number, share: number): number =>
  (plain - mended) / 2 + Math.log(share / ONE_IN);

/** All widths typed as heights: only the eye, or the old pane, can tell. */
function wholeSwap(input: SlipInput): readonly Slip[] {
  const width = meanOf(WIDTHS, input.readings);
  const height = meanOf(HEIGHTS, input.readings);
  if (width === undefined || height === undefined) return [];
  const place: OpeningPlace = WIDTHS.find((p) => input.readings[p] !== undefined) ?? "width-top";
  const other: OpeningPlace = HEIGHTS.find((p) => input.readings[p] !== undefined) ?? "height-left";
  if (input.trusted?.includes(place)) return [];
  const swapped: Slip = { place, kind: "widths-for-heights", meant: mm(height), with: other, logOdds: SURE };
  const clear = Math.abs(width - height) > NEAR_SQUARE * Math.max(width, height);
  if ((input.shape === "upright" || input.shape === "lying") && clear && (input.shape === "upright") !== height > width)
    return [swapped];
  if (input.old) {
    const [w, h] = [toMm(input.old.width), toMm(input.old.height)];
    const miss = (a: number, b: number): number => Math.max(Math.abs(a - w), Math.abs(b - h));
    if (miss(width, height) > OLD_PANE_MM && miss(height, width) < OLD_PANE_MM) return [swapped];
  }
  return [];
}

const SURE = 10;
/** By eye, an opening within a twentieth of square is called square. */
const NEAR_SQUARE = 0.05;
const OLD_PANE_MM = 25;

/** What the other readings say this one should be, mm. */
const expected = (readings: OpeningReadings, place: OpeningPlace, tape: number): number | undefined =>
  strayFit(readings, tape)?.at(place);

/** How odd the readings are: see `strayFit`. */
const oddness = (readings: OpeningReadings, tape: number): number | undefined => strayFit(readings, tape)?.oddness;

/** All places that a slip touches. */
export const touched = (s: Slip): readonly OpeningPlace[] => (s.with ? [s.place, s.with] : [s.place]);
