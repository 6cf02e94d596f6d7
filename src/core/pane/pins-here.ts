import { pinned } from "../frame/held.ts";
import { beadAcross } from "../measure/bead.ts";
import { PIN_ANGLE_DEG, type PinPlan, pinPlan, TO_GLASS_MM, USUAL_BEAD_MM } from "../set/pin-plan.ts";
import { type Mm, toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { likeOf } from "./frame-here.ts";
import type { Reckoning } from "./reckoning.ts";
import { sidesHere } from "./sides-here.ts";

/** Across the bead that is pinned, and whether it was read. @example never read // 12, not read */
export function pinnedThrough(r: Pick<Reckoning, "readings">): { readonly stopMm: Mm; readonly isRead: boolean } {
  const read = beadAcross(r.readings);
  return read === undefined ? { stopMm: USUAL_BEAD_MM, isRead: false } : { stopMm: toMm(read), isRead: true };
}

/**
 * Pins of this pane's beads, along its own sides where it is cut to shape; null where its frame has none, or it has no size.
 * @example 600 × 900 in pinned beads of 12 mm // pins of 25 mm
 */
export function pinsHere(book: PaneBook, r: Reckoning, angleDeg: number = PIN_ANGLE_DEG): PinPlan | null {
  const sides = sidesHere(r);
  if (!pinned(likeOf(book)) || !sides) return null;
  return pinPlan({ sides, stopMm: pinnedThrough(r).stopMm, angleDeg, toGlassMm: TO_GLASS_MM });
}
