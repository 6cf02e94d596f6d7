import { VISIT_PART_FACTS, type VisitPart } from "../plan/visit-part.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { stepFacts } from "./step-facts.ts";
import { worksOutside } from "./works-outside.ts";

/**
 * Whether whoever comes stands on a ladder or a tower: the pane is above ground, and worked on from outside.
 * @example face putty on floor 1, fitted in place // true
 * @example gaskets and beads in the room, floor 1 // false
 */
export function isFromLadder(book: PaneBook, r: Reckoning, part: VisitPart): boolean {
  if ((book.building.storey ?? 0) <= 0 || !VISIT_PART_FACTS[part].atTheFrame) return false;
  return worksOutside(stepFacts(book, r));
}
