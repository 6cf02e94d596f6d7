import type { Mm } from "../units/length.ts";

/** Putty pressed in past the pane's edge at each corner, ml; twice as much where the rebate was chewed. Source: trade practice. */
const CORNER_ML = 3;
/** The head is worked from below and loses so much of what it takes. */
const HEAD_SHARE = 0.1;

/**
 * What corners and head take on top of the section's volume, ml.
 * @example face of 137 ml round 540 × 780, sound corners // 12 + a tenth of 137 × 540 ÷ 2640 = 14.8
 */
export const puttyExtra = (bed: {
  readonly faceMl: number;
  readonly widthMm: Mm;
  readonly heightMm: Mm;
  readonly chewed: boolean;
}): number =>
  4 * CORNER_ML * (bed.chewed ? 2 : 1) + HEAD_SHARE * bed.faceMl * (bed.widthMm / (2 * (bed.widthMm + bed.heightMm)));
