import { writeNumber } from "../../core/tape/write.ts";
import type { LengthUnit } from "../../core/units/length.ts";

/** Half a millimetre, or a thirty-second. */
const STEPS: Readonly<Record<LengthUnit, number>> = { mm: 500_000, in: 793_750 };

/**
 * A length as it is laid out by hand, in half millimetres or thirty-seconds: rounded down, so that no pane grows by it.
 * @example layText(596_940_000, "mm") // "596.5"
 */
export const layText = (length: number, unit: LengthUnit): string => markText(laidAt(length, unit), unit);

/**
 * Where the straightedge lies for a score laid out so: to the nearest mark, for the score itself is rounded down already.
 * @param off from the straightedge to the score, less than nothing where it lies on the far side
 * @example a score at 608, a cutter 2.4 off, on the datum side // "605.5"; on the far side // "610.5"
 */
export function guideText(score: number, off: number, unit: LengthUnit): string {
  const step = STEPS[unit];
  return markText(Math.round((laidAt(score, unit) - off) / step) * step, unit);
}

const laidAt = (length: number, unit: LengthUnit): number => Math.floor(length / STEPS[unit] + 1e-6) * STEPS[unit];
const markText = (length: number, unit: LengthUnit): string => writeNumber(length, unit, { ticks: 32 });
