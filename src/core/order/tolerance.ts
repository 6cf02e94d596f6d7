import type { Mm } from "../units/length.ts";
/** What a supplier's cutting really was: sizes as they were measured at check-in, less what was ordered, mm. */
export type RealTolerance = {
  readonly sides: number;
  readonly meanMm: Mm;
  /** Spread of one side about that, mm; null with fewer than three. */
  readonly spreadMm: Mm | null;
  readonly worstMm: Mm;
};

/** A side that is off by more than this was made wrong, and says nothing of the cutter. */
const MADE_WRONG_MM = 6;
const ENOUGH = 3;

/**
 * The record of a supplier's sides; what was made wrong is left out. Null where nothing was measured.
 * @example +0.5, −0.5, +0.3, +0.1 // mean +0.1, spread 0.43, worst 0.5
 */
export function realTolerance(offMm: readonly Mm[]): RealTolerance | null {
  const sides = offMm.filter((o) => Math.abs(o) <= MADE_WRONG_MM);
  if (sides.length === 0) return null;
  const mean = sides.reduce((s, o) => s + o, 0) / sides.length;
  const squares = sides.reduce((s, o) => s + (o - mean) ** 2, 0);
  return {
    sides: sides.length,
    meanMm: mean,
    spreadMm: sides.length < ENOUGH ? null : Math.sqrt(squares / (sides.length - 1)),
    worstMm: sides.reduce((w, o) => (Math.abs(o) > Math.abs(w) ? o : w), 0),
  };
}
