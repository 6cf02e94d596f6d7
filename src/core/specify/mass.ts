import type { Mm } from "../units/length.ts";
import { GLASS_DENSITY_KG_M3 } from "./glass.ts";

export type Lift = 1 | 2 | "machine";

/** Mass of glass of these sheets, kg; spacers and seals are left out. @example paneMass(608, 900, [4]) // 5.472 */
export const paneMass = (widthMm: Mm, heightMm: Mm, panesMm: readonly Mm[]): number =>
  (widthMm * heightMm * panesMm.reduce((s, p) => s + p, 0) * GLASS_DENSITY_KG_M3) / 1e9;

/**
 * Who lifts it: one up to the house's mass and area, two with cups up to theirs, else a machine. Limits are within.
 * @example liftOf(20, 1, { oneLiftsKg: 20, oneLiftsM2: 1, twoLiftKg: 50 }) // 1
 */
export function liftOf(
  kg: number,
  areaM2: number,
  limits: { readonly oneLiftsKg: number; readonly oneLiftsM2: number; readonly twoLiftKg: number },
): Lift {
  if (kg <= limits.oneLiftsKg && areaM2 <= limits.oneLiftsM2) return 1;
  return kg <= limits.twoLiftKg ? 2 : "machine";
}

/** Suction cups for two people, by what one cup carries, rated and tested; never fewer than two. @example cupsFor(31, 25) // 2 */
export const cupsFor = (kg: number, cupKg: number): number => Math.max(2, Math.ceil(kg / cupKg - 1e-9));
