import type { Template } from "../text/template.ts";
import type { Mm } from "../units/length.ts";

/** How thick old sheet is taken to be until somebody reads it, mm. */
export const OLD_GLASS_MM = 3;

/** Less than this no cord and no spring notices, kg. */
const LEAST_KG = 0.3;

/** What was in a sash, as far as anybody knows. */
export type OldGlass = {
  readonly kg: number;
  readonly sheetsMm: readonly Mm[];
  /** How thick its sheets are follows from what was read; else it is what is mostly found. */
  readonly isRead: boolean;
};

/** What a sash weighs more with its new glass, less than nothing where that is lighter; and what the old glass was. */
export type SashGain = { readonly kg: number; readonly old: OldGlass };

/**
 * What is to be hung on, or taken off, where that is enough to be noticed.
 * @example 8.1 kg where 3.7 hung // 4.4
 * @example 5.5 kg where 5.4 hung // null
 */
export function sashGain(newKg: number, old: OldGlass): SashGain | null {
  const kg = newKg - old.kg;
  return Math.abs(kg) < LEAST_KG ? null : { kg, old };
}

/** What it rests on where nobody read it; "" where somebody did. @example "The old {pane} is taken as 3 mm of glass: nobody read it." */
export const takenText = ({ isRead, sheetsMm }: OldGlass): Template =>
  isRead ? "" : `The old {pane} is taken as ${sheetsMm.map((s) => `${s} mm`).join(" and ")} of glass: nobody read it.`;
