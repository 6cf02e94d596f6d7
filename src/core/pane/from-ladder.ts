import type { VisitPart } from "../plan/visit-part.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { stepFacts } from "./step-facts.ts";
import { worksOutside } from "./works-outside.ts";

/** At which visits somebody stands at the side that the frame is worked from. */
const AT_THE_FRAME: { readonly [P in VisitPart]: boolean } = {
  read: false,
  "take-out": true,
  ready: true,
  cut: false,
  fit: true,
  paint: true,
  open: false,
};

/**
 * Whether whoever comes stands on a ladder or a tower: the pane is above ground, and worked on from outside.
 * @example face putty on floor 1, fitted in place // true
 * @example gaskets and beads in the room, floor 1 // false
 */
export function isFromLadder(book: PaneBook, r: Reckoning, part: VisitPart): boolean {
  if ((book.building.storey ?? 0) <= 0 || !AT_THE_FRAME[part]) return false;
  return worksOutside(stepFacts(book, r));
}
