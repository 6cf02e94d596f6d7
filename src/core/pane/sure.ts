import { HOLE, OPENING, type Place } from "../measure/places.ts";
import { leastSure, type Sureness } from "../measure/sureness.ts";
import { readsWhole, WAY_FACTS, type Way } from "../measure/ways.ts";
import { heldBy, type OtherPane } from "./before-order.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { isUnitOpen } from "./unit.ts";

/**
 * How sure the readings are that the size rests on. Sight size and what was told of its edges are never better than a guess; of
 * a copy only the pane itself counts.
 */
export function sureOf(book: PaneBook): Sureness {
  const of = (places: readonly Place[]) => places.flatMap((p) => (book.readings[p] ? [book.readings[p].sure] : []));
  const own = of(OPENING);
  if (isCopied(book.way)) return leastSure(of(COPIED_PLACES[book.way]));
  if (own.length > 0) return leastSure(own);
  return book.way === "through-glass" ? "guess" : leastSure(of(WAY_FACTS[book.way].places));
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

export type OrderHold = "coating" | "door" | "makeup" | "risk" | "ask";
export type OrderHeld = OrderHold | null;

/**
 * All that holds a pane off its order, together: a coating nobody is sure of; a door whose thickness nobody read; a unit that
 * nobody said what it is made of; readings that are not the surest and want an explicit yes; blanks and contradictions that
 * nobody stood by. Empty: it may go.
 */
export function orderHolds(book: PaneBook, r: Reckoning, others: readonly OtherPane[] = []): readonly OrderHold[] {
  const sure = sureOf(book);
  const holds: readonly (readonly [OrderHold, boolean])[] = [
    ["coating", book.coating?.coated === "unsure"],
    ["door", WAY_FACTS[book.way].whole === "insert" && !book.readings["door-thickness"]?.read.ok],
    ["makeup", isUnitOpen(book)],
    ["risk", !isSureEnough(book, sure) && book.risk?.state !== sure],
    ["ask", heldBy(book, r, others).length > 0],
  ];
  return holds.flatMap(([hold, is]) => (is ? [hold] : []));
}

/** The first of what holds it; null where nothing does. */
export const orderHeld = (book: PaneBook, r: Reckoning, others: readonly OtherPane[] = []): OrderHeld =>
  orderHolds(book, r, others)[0] ?? null;
