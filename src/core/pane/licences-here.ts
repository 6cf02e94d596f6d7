import type { Licence } from "../plan/licence.ts";
import { VISIT_PART_FACTS, type VisitPart } from "../plan/visit-part.ts";
import type { PaneBook } from "./book.ts";
import { isFromLadder } from "./from-ladder.ts";
import type { Reckoning } from "./reckoning.ts";
import type { Work } from "./visit-work.ts";

/**
 * What whoever comes should be licensed for: lead where a step that is left disturbs old paint, height where it is done outside
 * above ground, and what the place or the glass is. Guidance: local rules decide whose work it is.
 * @example putty out on floor 1, lead found // ["lead", "height"]
 */
export function licencesFor(book: PaneBook, r: Reckoning, part: VisitPart, work: Work): readonly Licence[] {
  const rule = r.house.leadLicence;
  const lead = work.hazards.has("lead") && rule !== "never" && (r.lead === "found" || rule !== "where lead was found");
  return [
    ...(lead ? (["lead"] as const) : []),
    ...(isFromLadder(book, r, part) ? (["height"] as const) : []),
    ...(VISIT_PART_FACTS[part].handlesGlass ? book.before.special : []),
  ];
}
