declare const nanometres: unique symbol;

/** A length as a whole number of nanometres. 1/64 in is exactly 396 875 nm and 0.5 mm exactly 500 000 nm. */
export type Nm = number & { readonly [nanometres]: true };

/**
 * A length that is worked out or ruled, in millimetres: any real number. What is read, ordered and cut is in whole nanometres,
 * and neither passes for the other where a type is asked for.
 */
export type Mm = number & { readonly [nanometres]?: never };

export const NM_PER_MM = 1_000_000;
/** 1 in = 25.4 mm exactly (international inch, 1959). */
export const NM_PER_INCH = 25_400_000;
export const NM_PER_FOOT = 304_800_000;
export const NM_PER_64TH = 396_875;

/** Marks a whole number as nanometres. Throws on anything else: that would be our own mistake, not the user's. */
export function nm(value: number): Nm {
  if (!Number.isSafeInteger(value)) throw new RangeError(`not a whole number of nanometres: ${value}`);
  return value as Nm;
}

/** Nearest nanometre to a number of millimetres. @example mm(601.5) // 601_500_000 */
export const mm = (value: Mm): Nm => nm(Math.round(value * NM_PER_MM));

/** @example toMm(nm(601_500_000)) // 601.5 */
export const toMm = (length: Nm): Mm => length / NM_PER_MM;

/** Whole inches and a fraction, exactly. @example inches(23, 11, 16) // 601_662_500 */
export const inches = (whole: number, numerator = 0, denominator = 64): Nm =>
  nm(whole * NM_PER_INCH + (numerator * NM_PER_INCH) / denominator);

export const addNm = (a: Nm, b: Nm): Nm => nm(a + b);
export const takeNm = (a: Nm, b: Nm): Nm => nm(a - b);

/** The reader's unit: what a plain number means, and what answers are written in. */
export type LengthUnit = "mm" | "in";

/** What the cutter cuts to. */
export type Grid = "1 mm" | "0.5 mm" | "1/16 in" | "1/32 in";
export const GRIDS: readonly Grid[] = ["1 mm", "0.5 mm", "1/16 in", "1/32 in"];

const GRID_STEP: Readonly<Record<Grid, Nm>> = {
  "1 mm": mm(1),
  "0.5 mm": mm(0.5),
  "1/16 in": inches(0, 1, 16),
  "1/32 in": inches(0, 1, 32),
};

export const gridStep = (grid: Grid): Nm => GRID_STEP[grid];
export const gridUnit = (grid: Grid): LengthUnit => (grid.endsWith("mm") ? "mm" : "in");

/** Cut sizes are only ever rounded down. @example floorTo(mm(608.9), "1 mm") // mm(608) */
export function floorTo(length: Nm, grid: Grid): Nm {
  const step = GRID_STEP[grid];
  return nm(Math.floor(length / step) * step);
}
