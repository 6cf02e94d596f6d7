import type { PaintWindow } from "../finish/paint-window.ts";
import { LINE_STATE_FACTS } from "../order/line-state.ts";
import { addDays, type Day, dayOf } from "../units/day.ts";
import type { PaneBook } from "./book.ts";
import { owedPaint, paintOwed } from "./paint-owed.ts";
import type { Reckoning } from "./reckoning.ts";

/** What a pane waits for, in whole days, both ends included. */
export type Wait = {
  readonly kind: "glass" | "late" | "cure" | "paint" | "closed";
  readonly from: Day;
  readonly to: Day;
};

/** Every wait of a pane, in the order in which they are drawn: the hole first, so that what follows lies over it. */
export function waitsOf(book: PaneBook, r: Reckoning, today: Day): readonly Wait[] {
  if (book.signed && !paintOwed(book, r)) return [];
  return [...closed(book, today), ...glass(book, today), ...cure(book, r)];
}

function closed(book: PaneBook, today: Day): readonly Wait[] {
  if (!book.closed || book.set) return [];
  const until = dayOf(book.closed.until);
  return [{ kind: "closed", from: dayOf(book.closed.since), to: until < today ? today : until }];
}

function glass(book: PaneBook, today: Day): readonly Wait[] {
  const sent = book.line?.order.sent;
  const line = book.line?.line;
  if (!sent || !line || !LINE_STATE_FACTS[line.state].coming || line.due === null) return [];
  const due = dayOf(line.due);
  const wait: Wait = { kind: "glass", from: dayOf(sent.day), to: due };
  return due < today ? [wait, { kind: "late", from: addDays(due, 1), to: today }] : [wait];
}

function cure(book: PaneBook, r: Reckoning): readonly Wait[] {
  const paint = owedPaint(book, r);
  return book.set && paint ? cureWaits(dayOf(book.set.day), paint) : [];
}

/**
 * What is waited for between the setting and the last day to paint; the drying first.
 * @example set on day 0, to be painted from day 7 on by day 28 // cure 0 to 6, paint 7 to 28
 */
export function cureWaits(set: Day, paint: Extract<PaintWindow, { kind: "window" }>): readonly Wait[] {
  const from = paint.from ?? paint.opens;
  const to = paint.closes ?? addDays(from, 6);
  const drying: readonly Wait[] = from > set ? [{ kind: "cure", from: set, to: addDays(from, -1) }] : [];
  return to >= from ? [...drying, { kind: "paint", from, to }] : drying;
}
