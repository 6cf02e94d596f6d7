import { fractionText } from "../units/inch-make.ts";
import { type LengthUnit, NM_PER_64TH, type Nm, toMm } from "../units/length.ts";
import type { Written } from "./written.ts";

const HALF_MM = 500_000;

/**
 * A length as it is kept where nobody typed it, so that reading it gives the same whoever looks: in inches where it is whole
 * sixty-fourths and no half millimetres, else in millimetres.
 * @example writtenExactly(mm(6.4)) // "6.4" mm, and not 1/4 in
 * @example writtenExactly(inches(20, 3, 8)) // "20 3/8" in
 */
export const writtenExactly = (length: Nm): Written =>
  length % NM_PER_64TH === 0 && length % HALF_MM !== 0
    ? { text: fractionText(length / NM_PER_64TH, 64), unit: "in" }
    : { text: String(toMm(length)), unit: "mm" };

/** The same in a field whose figures are in the reader's unit: with its own where that is another. @example "6.4 mm" in inches */
export const typedExactly = (length: Nm, unit: LengthUnit): string => {
  const written = writtenExactly(length);
  return written.unit === unit ? written.text : `${written.text} ${written.unit}`;
};
