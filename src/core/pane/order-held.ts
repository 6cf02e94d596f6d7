import { WAY_FACTS } from "../measure/ways.ts";
import { heldBy, type OtherPane } from "./before-order.ts";
import type { PaneBook } from "./book.ts";
import { isSureEnough, sureOf } from "./readings-sure.ts";
import type { Reckoning } from "./reckoning.ts";
import { isUnitOpen } from "./unit.ts";

/** What may hold a pane off its order. */
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
