import type { LengthUnit } from "./length.ts";

/** An avoirdupois pound, exactly. */
export const KG_PER_LB = 0.45359237;

/** In what a reader weighs, by what they measure in. */
export const MASS_UNIT: Readonly<Record<LengthUnit, "kg" | "lb">> = { mm: "kg", in: "lb" };

/** A mass in the reader's unit, to a tenth. @example massShown(5.47, "in") // 12.1 */
export const massShown = (kg: number, unit: LengthUnit): number =>
  Math.round((unit === "mm" ? kg : kg / KG_PER_LB) * 10) / 10;

/** What was typed in the reader's unit, kg. @example massTyped(30, "in") // 13.6077711 */
export const massTyped = (typed: number, unit: LengthUnit): number => (unit === "mm" ? typed : typed * KG_PER_LB);
