import type { Licence } from "../plan/licence.ts";
import { VISIT_PART_FACTS, type VisitPart } from "../plan/visit-part.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import type { Work } from "./visit-work.ts";

/** What the steps that are left raise, and whether somebody stands on a ladder for them. */
type VisitHere = Pick<Work, "hazards"> & { readonly fromLadder: boolean };

/**
 * What whoever comes should be licensed for: lead where a step that is left disturbs old paint, height where it is done outside
 * above ground, and what the place or the glass is. Guidance: local rules decide whose work it is.
 * @example putty out on floor 1, lead found // ["lead", "height"]
 */
export function licencesFor(book: PaneBook, r: Reckoning, part: VisitPart, visit: VisitHere): readonly Licence[] {
  const rule = r.house.leadLicence;
  const lead = visit.hazards.has("lead") && rule !== "never" && (r.lead === "found" || rule !== "where lead was found");
  return [
    ...(lead ? (["lead"] as const) : []),
    ...(visit.fromLadder ? (["height"] as const) : []),
    ...(VISIT_PART_FACTS[part].handlesGlass ? book.before.special : []),
  ];
}
