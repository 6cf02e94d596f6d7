import type { LengthUnit } from "../units/length.ts";

/** 1 W/m²K in Btu/(h·ft²·°F). */
export const BTU_PER_WATT = 0.17611;

/** In what heat that is lost is told, by what the reader measures in. */
export const HEAT_UNIT: Readonly<Record<LengthUnit, string>> = { mm: "W/m²K", in: "Btu/h·ft²·°F" };

/** The same in words, for who does not know the signs. */
export const HEAT_WORDS: Readonly<Record<LengthUnit, string>> = {
  mm: "watts for each square metre and degree",
  in: "Btu an hour for each square foot and degree Fahrenheit",
};

/**
 * Heat lost through glass, W/m²K, as a figure in the reader's unit.
 * @example heatFigure(5.7, "mm") // "5.7"
 * @example heatFigure(5.7, "in") // "1.00"
 */
export const heatFigure = (wattsPerM2K: number, unit: LengthUnit): string =>
  unit === "mm" ? wattsPerM2K.toFixed(1) : (wattsPerM2K * BTU_PER_WATT).toFixed(2);
