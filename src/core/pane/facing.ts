import type { FacingFacts } from "../set/facing.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { readyFacts } from "./step-facts.ts";
import { isUnit } from "./unit.ts";

/** What of this pane tells one face from the other. */
export function facingFacts(book: PaneBook, r: Reckoning): FacingFacts {
  const stamp = book.before.exam.stamp;
  return {
    sealed: isUnit(book),
    coatedFace: book.makeup?.coatings[0]?.face ?? null,
    patterned:
      r.glass.kind === "patterned" ||
      (r.glass.pattern ?? "") !== "" ||
      (isUnit(book) && (book.looks?.pattern ?? "") !== ""),
    texture: book.looks?.texture ?? "not-said",
    runs: book.looks?.runs ?? "not-said",
    stamped:
      r.glass.kind === "toughened" || r.glass.kind === "laminated" || stamp === "toughened" || stamp === "laminated",
    oldGlassBack: readyFacts(book, r).oldGlassBack,
  };
}
