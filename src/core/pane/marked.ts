import { isSafetyGlass } from "../specify/glass.ts";
import { makeupIsSafe } from "../specify/makeup.ts";
import type { PaneBook } from "./book.ts";
import { insertIsSafe } from "./insert-safe.ts";
import { oldGlassBack } from "./old-glass.ts";
import type { Reckoning } from "./reckoning.ts";
import { isUnit } from "./unit.ts";
import { wholeOf } from "./whole-here.ts";

/** The glass that is there is stamped toughened: nobody taps at it. */
export const oldBursts = (book: PaneBook): boolean => book.before.exam.stamp === "toughened";

/** The glass that goes in is toughened: whole, or a sheet of it. */
export const newBursts = (book: PaneBook, r: Reckoning): boolean =>
  oldGlassBack(book)
    ? oldBursts(book)
    : isUnit(book)
      ? (book.makeup?.panes.some((p) => p.kind === "toughened") ?? false)
      : r.glass.kind === "toughened";

/**
 * Whether the glass that goes in carries a mark that says it is safety glass: what is toughened always does, what is laminated
 * where safety glass is called for, or a mark was asked for; the glass that goes back as it was found.
 * @example laminated against noise, high up // false: it is cut off a sheet, and nobody stamps it
 */
export function newIsMarked(book: PaneBook, r: Reckoning): boolean {
  if (oldGlassBack(book)) return oldBursts(book) || book.before.exam.stamp === "laminated";
  if (wholeOf(book)) return insertIsSafe(book, r.stands);
  const isSafe = isUnit(book) ? book.makeup !== null && makeupIsSafe(book.makeup) : isSafetyGlass(r.glass.kind);
  const isAsked = (book.looks?.mark ?? "") !== "";
  return isSafe ? isAsked || newBursts(book, r) || r.safety?.kind !== "not-needed" : isAsked;
}
