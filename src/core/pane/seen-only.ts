import type { PaneBook } from "./book.ts";
import { isSureEnough, sureOf } from "./readings-sure.ts";
import type { Reckoning } from "./reckoning.ts";
import { countSteps } from "./steps-at.ts";

/**
 * Whether the size still rests on what was seen with the old glass in, though that is out now: nobody orders from a guess
 * beside a bare rebate, unless somebody said that the risk is taken.
 * @example read through the standing glass, then taken out // true, until the rebate itself is read
 */
export function seenOnly(book: PaneBook, r: Reckoning): boolean {
  if (book.way !== "rebate" && book.way !== "through-glass") return false;
  const sure = sureOf(book);
  if (isSureEnough(book, sure) || book.risk?.state === sure) return false;
  const { done, of } = countSteps("takeout", book, r);
  return of > 0 && done === of;
}
