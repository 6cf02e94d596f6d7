import { OPENING, type Place } from "../measure/places.ts";
import { isSurest, leastSure, type Sureness } from "../measure/sureness.ts";
import { WAY_FACTS } from "../measure/ways.ts";
import { heldBy, type OtherPane } from "./before-order.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { isUnitOpen } from "./unit.ts";

/**
 * How sure the readings are that the size rests on. Sight size and a guessed cover are never better than a guess; the
 * pane itself, edge to edge, is as sure as a cleared rebate.
 */
export function sureOf(book: PaneBook): Sureness {
  const of = (places: readonly Place[]) => places.flatMap((p) => (book.readings[p] ? [book.readings[p].sure] : []));
  const own = of(OPENING);
  if (own.length > 0) return leastSure(own);
  const other = of(WAY_FACTS[book.way].places);
  if (book.way === "through-glass") return "guess";
  return leastSure(other);
}

export type OrderHeld = "risk" | "coating" | "door" | "makeup" | "ask" | null;

/** What holds a pane off its order: readings that are not the surest want an explicit yes; a coating nobody is sure of; a door whose thickness nobody read; a unit
 * that nobody said what it is made of; last, blanks and contradictions that nobody stood by. */
export function orderHeld(book: PaneBook, r: Reckoning, others: readonly OtherPane[] = []): OrderHeld {
  if (book.coating?.coated === "unsure") return "coating";
  if (book.way.startsWith("insert-") && !book.readings["door-thickness"]?.read.ok) return "door";
  if (isUnitOpen(book)) return "makeup";
  const sure = sureOf(book);
  if (!isSurest(sure) && book.risk?.state !== sure) return "risk";
  return heldBy(book, r, others).length > 0 ? "ask" : null;
}
