import { SQUARE_WITHIN_MM } from "../set/simulate.ts";
import { addFor, dropFromHeads } from "../set/toe-heel.ts";
import { type Mm, toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { settingOf } from "./setting.ts";

/** What lifts a sash that hangs down at its handle. */
export type Brace = {
  /** How far the handle hangs down by its head gaps. */
  readonly dropMm: Mm;
  /** By how much thicker the packers over the handle's head must be than they were, nothing else changed. */
  readonly moreMm: Mm;
};

/**
 * By the gaps that were read over its head, and where its packers stand; null where they were not read, where it hangs square, or
 * where no packer braces it.
 * @example 600 wide, gaps of 3 over the hinge and 8 over the handle, packers 300 apart // down by 5: 2.5 more
 */
export function braceHere(book: PaneBook, r: Reckoning): Brace | null {
  const { "head-gap-hinge": hinge, "head-gap-handle": handle } = r.readings;
  const setting = settingOf(book, r);
  if (hinge === undefined || handle === undefined || !setting || !r.cut.ok) return null;
  const dropMm = dropFromHeads({ hingeMm: toMm(hinge), handleMm: toMm(handle) });
  const foot = setting.spots.find((s) => s.edge === "bottom" && s.job === "carries");
  const head = setting.spots.find((s) => s.edge === "top" && s.job === "braces");
  if (dropMm <= SQUARE_WITHIN_MM || !foot || !head) return null;
  const { governs } = r.cut.value;
  const sash = { widthMm: toMm(governs.width.length), heightMm: toMm(governs.height.length) };
  const apart = { dxMm: Math.abs(head.atMm - foot.atMm), dyMm: sash.heightMm };
  return { dropMm, moreMm: addFor(sash, dropMm, apart).uprightMm };
}
