import { CAN_BE_CUT } from "../specify/glass.ts";
import { type Nm, nm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { oldGlassBack } from "./old-glass.ts";
import type { Reckoning } from "./reckoning.ts";
import { isUnit } from "./unit.ts";

/** What is cut off glass that is here, so that it goes in. */
export type CutHere = { readonly width: Nm; readonly height: Nm; readonly edges: 1 | 2 };

/**
 * How glass that is here and too big is cut down to the size that was worked out; null where nothing is to come off, where it is
 * smaller one way already, where no size stands, or where this glass cannot be cut at all.
 * @example 760 × 1150 for 748 × 1136 // both edges
 */
export function cutHere(book: PaneBook, r: Reckoning): CutHere | null {
  const { size } = r.stands;
  if (!book.had || book.had.cuts || book.set || !size || r.tooBigBy <= 0 || r.poor || !r.worked.ok) return null;
  if (isUnit(book) || oldGlassBack(book) || !CAN_BE_CUT[r.glass.kind]) return null;
  const { width, height } = r.worked.value.glass;
  const over = [size.width > width, size.height > height].filter(Boolean).length;
  if (over === 0 || size.width < width || size.height < height) return null;
  return {
    width: nm(Math.min(width, size.width)),
    height: nm(Math.min(height, size.height)),
    edges: over === 2 ? 2 : 1,
  };
}
