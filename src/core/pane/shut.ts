import { seals } from "../bed/compound.ts";
import { addDays, type Day, dayOf } from "../units/day.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";

/**
 * The day from which it may be opened or touched again; null where nothing waits: not set yet, nothing that cures, or done.
 * @example set on the 13th in what is left alone 48 hours // the 15th
 */
export const shutUntil = (book: PaneBook, r: Reckoning): Day | null =>
  book.set === null || r.compound.handsOffHours === 0
    ? null
    : addDays(dayOf(book.set.day), Math.ceil(r.compound.handsOffHours / 24));

/** A wet seal that still cures keeps the sash shut: until then the pane is not closed off. Null where it does not. */
export function stillShut(book: PaneBook, r: Reckoning, today: Day): Day | null {
  const until = shutUntil(book, r);
  return until !== null && until > today && seals(r.compound.bed) ? until : null;
}
