import type { LengthUnit } from "./length.ts";

/** An avoirdupois pound, exactly. */
export const KG_PER_LB = 0.45359237;

/** An avoirdupois ounce, exactly. */
export const G_PER_OZ = 28.349523125;

/** In what a reader weighs what is light, by what they measure in. */
export const LIGHT_UNIT: Readonly<Record<LengthUnit, "g" | "oz">> = { mm: "g", in: "oz" };

/** What a small scale showed in the reader's unit, g. @example lightTyped(5.5, "in") // 155.92 */
export const lightTyped = (typed: number, unit: LengthUnit): number =>
  unit === "mm" ? typed : Math.round(typed * G_PER_OZ * 100) / 100;

/** In what a reader weighs, by what they measure in. */
export const MASS_UNIT: Readonly<Record<LengthUnit, "kg" | "lb">> = { mm: "kg", in: "lb" };

/** A mass in the reader's unit, to a tenth. @example massShown(5.47, "in") // 12.1 */
export const massShown = (kg: number, unit: LengthUnit): number =>
  Math.round((unit === "mm" ? kg : kg / KG_PER_LB) * 10) / 10;

/** What was typed in the reader's unit, kg. @example massTyped(30, "in") // 13.6077711 */
export const massTyped = (typed: number, unit: LengthUnit): number => (unit === "mm" ? typed : typed * KG_PER_LB);
