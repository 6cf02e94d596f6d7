import type { SpecifyRules } from "../house/specify-rules.ts";

/** How a window stands to the wind. */
export const EXPOSURES = ["sheltered", "town", "open", "coast"] as const;
export type Exposure = (typeof EXPOSURES)[number];
export const EXPOSURE_NAMES: Readonly<Record<Exposure, string>> = {
  sheltered: "sheltered",
  town: "town",
  open: "open country",
  coast: "coast or hilltop",
};

/** Pressure by the firm's table, kPa. @example windKpa("town", 2, { windTown: 0.7, windPerFloor: 0.08, … }) // 0.86 */
export function windKpa(exposure: Exposure, storey: number, rules: SpecifyRules): number {
  const base = {
    sheltered: rules.windSheltered,
    town: rules.windTown,
    open: rules.windOpen,
    coast: rules.windCoast,
  }[exposure];
  return base + Math.max(0, storey) * rules.windPerFloor;
}
