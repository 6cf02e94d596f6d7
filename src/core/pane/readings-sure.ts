import { HOLE, OPENING, type Place } from "../measure/places.ts";
import { leastSure, type Sureness } from "../measure/sureness.ts";
import { readsWhole, WAY_FACTS, type Way } from "../measure/ways.ts";
import type { PaneBook } from "./book.ts";

/**
 * How sure the readings are that the size rests on. Sight size and what was told of its edges are never better than a guess; of
 * a copy only the pane itself counts.
 */
export function sureOf(book: PaneBook): Sureness {
  const sureAt = (places: readonly Place[]) => places.flatMap((p) => (book.readings[p] ? [book.readings[p].sure] : []));
  const own = sureAt(OPENING);
  if (isCopied(book.way)) return leastSure(sureAt(COPIED_PLACES[book.way]));
  if (own.length > 0) return leastSure(own);
  return book.way === "through-glass" ? "guess" : leastSure(sureAt(WAY_FACTS[book.way].places));
}

const COPIED_PLACES = {
  "old-unit": ["old-width", "old-height"],
  "insert-outside": ["insert-outside-width", "insert-outside-height"],
  "insert-inside": ["insert-inside-width", "insert-inside-height"],
  "sash-outside": ["sash-outside-width", "sash-outside-height"],
  "window-hole": HOLE,
} as const;
const isCopied = (way: Way): way is keyof typeof COPIED_PLACES => way in COPIED_PLACES;

/**
 * Whether a size may be ordered from readings of this state without a word: a cleared rebate; for a copy the pane with its
 * beads off; what is made whole shows all of itself on any visit.
 */
export function isSureEnough(book: Pick<PaneBook, "way">, sure: Sureness): boolean {
  if (sure === "cleared") return true;
  if (book.way === "old-unit") return sure === "beads-off";
  return readsWhole(book.way) && sure !== "guess";
}
