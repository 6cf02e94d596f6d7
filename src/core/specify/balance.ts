import type { Mm } from "../units/length.ts";
/** kg/m³ of what weights are cast or turned from. Source: common data of the metals. */
export const DENSITY = { lead: 11_340, steel: 7_850 } as const;

/** An upper sash hangs a little heavy, a lower a little light, each weight by so much, kg. Source: trade practice. */
export const OFF_BALANCE_KG = 0.25;

export type Balance = {
  /** Each of the two weights, kg, before and after. */
  readonly before: number;
  readonly after: number;
  /** To add to each; less than nothing is taken off. */
  readonly change: number;
};

/**
 * Each of two weights is half of the sash, an upper sash's a quarter of a kilo more, a lower's a quarter less. A change of
 * glass changes each by half of it.
 * @example lower sash of 9 kg, glass from 4.1 to 5.47 kg // 4.25 before, 4.935 after
 */
export function balanceFor(sash: {
  readonly sash: "upper" | "lower";
  /** Whole sash with the old glass, kg. */
  readonly sashKg: number;
  readonly oldGlassKg: number;
  readonly newGlassKg: number;
  readonly offKg?: number;
}): Balance {
  const off = (sash.sash === "upper" ? 1 : -1) * (sash.offKg ?? OFF_BALANCE_KG);
  const before = sash.sashKg / 2 + off;
  const change = (sash.newGlassKg - sash.oldGlassKg) / 2;
  return { before, after: before + change, change };
}

/** Length of a round bar of a metal for a mass, mm. @example weightLength(0.685, "lead", 40) // 48.1 */
export const weightLength = (kg: number, metal: "lead" | "steel", diameterMm: Mm): number =>
  (kg / DENSITY[metal] / ((Math.PI / 4) * (diameterMm / 1000) ** 2)) * 1000;
