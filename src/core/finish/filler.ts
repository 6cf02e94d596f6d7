import type { Mm } from "../units/length.ts";
/** What fills timber that came away, by how wide it gapes. */
export type Filler = {
  readonly with: "caulk" | "two-part" | "let-in";
  readonly ml: number;
  readonly sandsAfterHours: number | null;
  /** May it be pressed or hold a pin once it is hard. */
  readonly holds: boolean;
};

/** Up to this it is caulked; past the other a piece of timber is let in, mm. Source: trade practice; the label wins. */
const CAULK_TO_MM = 3;
const FILL_TO_MM = 12;
const SANDS_AFTER_H = 4;

/**
 * Volume of the gap with a fifth more for pressing in and sanding off, ml.
 * @example 2 mm wide, 300 long, 8 deep // caulk, 2 × 300 × 8 = 4800 mm³: 5.8 ml
 */
export function fillerFor(gap: { readonly wideMm: Mm; readonly longMm: Mm; readonly deepMm: Mm }): Filler {
  const ml = ((gap.wideMm * gap.longMm * gap.deepMm) / 1000) * 1.2;
  if (gap.wideMm <= CAULK_TO_MM) return { with: "caulk", ml, sandsAfterHours: null, holds: false };
  return gap.wideMm <= FILL_TO_MM
    ? { with: "two-part", ml, sandsAfterHours: SANDS_AFTER_H, holds: true }
    : { with: "let-in", ml: 0, sandsAfterHours: null, holds: true };
}

export const FILLER_WORDS: Readonly<Record<Filler["with"], string>> = {
  caulk: "Flexible caulk: it follows the timber, and is painted, not sanded.",
  "two-part": "Two-part filler: it is hard, sands, and holds a pin.",
  "let-in": "Too wide to fill: let a piece of timber in and glue it.",
};
