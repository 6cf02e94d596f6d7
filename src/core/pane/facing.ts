import type { FacingFacts } from "../set/facing.ts";
import type { PaneBook } from "./book.ts";
import { newIsMarked } from "./marked.ts";
import type { Reckoning } from "./reckoning.ts";
import { readyFacts } from "./step-facts.ts";
import { isUnit } from "./unit.ts";

/** What of this pane tells one face from the other. */
export function facingFacts(book: PaneBook, r: Reckoning): FacingFacts {
  return {
    sealed: isUnit(book),
    coatedFace: book.makeup?.coatings[0]?.face ?? null,
    patterned:
      r.glass.kind === "patterned" ||
      (r.glass.pattern ?? "") !== "" ||
      (isUnit(book) && (book.looks?.pattern ?? "") !== ""),
    texture: book.looks?.texture ?? "not-said",
    runs: book.looks?.runs ?? "not-said",
    stamped: newIsMarked(book, r),
    oldGlassBack: readyFacts(book, r).oldGlassBack,
  };
}
