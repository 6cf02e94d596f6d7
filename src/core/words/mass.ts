import type { LengthUnit } from "../units/length.ts";
import { KG_PER_LB } from "../units/mass.ts";

/** @example massText(5.47, "mm") // "5.5 kg"; inch readers get "12.1 lb" */
export const massText = (kg: number, unit: LengthUnit, places = 1): string =>
  unit === "mm" ? `${kg.toFixed(places)} kg` : `${(kg / KG_PER_LB).toFixed(places)} lb`;
