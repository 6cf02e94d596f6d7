import type { Mm } from "../units/length.ts";

/** Whole centimetres: nobody cuts a roll closer. */
const TO_MM = 10;

/**
 * Tape, gasket or masking round a pane so many times, waste on top, up to the next centimetre.
 * @example 480 × 1010 once, a tenth of waste // 2980 × 1.1 = 3278, so 3280 mm
 */
export const stripMm = (glass: { readonly widthMm: Mm; readonly heightMm: Mm }, times: number, waste: number): number =>
  Math.ceil((2 * (glass.widthMm + glass.heightMm) * times * (1 + waste)) / TO_MM - 1e-9) * TO_MM;
