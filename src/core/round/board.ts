import { orderBy } from "../order/lead.ts";
import type { PaneBook } from "../pane/book.ts";
import { oldGlassBack } from "../pane/old-glass.ts";
import type { Reckoning } from "../pane/reckoning.ts";
import { type Day, dayOf } from "../units/day.ts";
import type { Firm } from "./book.ts";

/** Where a pane's glass is. */
export type BoardPlace = "to-order" | "on-its-way" | "to-check" | "here" | "went-back";

export type BoardRow = {
  readonly pane: string;
  readonly where: string;
  readonly place: BoardPlace;
  readonly supplier: string | null;
  readonly order: string | null;
  /** Promised, or the last day to order. */
  readonly day: Day | null;
  readonly late: boolean;
};

export type ClosedRow = {
  readonly pane: string;
  readonly where: string;
  readonly how: string;
  readonly until: Day;
  readonly days: number;
  readonly over: boolean;
  readonly told: string;
};

/** One pane on the waiting board; null where nothing of it waits. */
export function boardRow(
  book: PaneBook,
  r: Reckoning,
  by: { readonly firm: Firm; readonly today: Day; readonly leadDays: number },
): BoardRow | null {
  if (book.set || book.signed) return null;
  const where = [book.added.address, book.added.opening, book.added.light].filter(Boolean).join(", ");
  const base = { pane: book.id, where, supplier: null, order: null };
  const line = book.line;
  if (!line) {
    if (!r.cut.ok || oldGlassBack(book)) return null;
    const needed = book.before.wants?.by;
    const day = needed ? orderBy(dayOf(needed), by.leadDays, by.firm.calendar, r.compound.handsOffHours) : null;
    return { ...base, place: "to-order", day, late: day !== null && day < by.today };
  }
  const on = { ...base, supplier: line.order.supplier, order: line.order.id };
  const due = line.order.sent ? dayOf(line.order.sent.due) : null;
  switch (line.line.state) {
    case "open":
      return { ...on, place: "to-order", day: null, late: false };
    case "sent":
      return { ...on, place: "on-its-way", day: due, late: due !== null && due < by.today };
    case "arrived":
      return { ...on, place: "to-check", day: line.order.arrived ? dayOf(line.order.arrived) : null, late: false };
    case "sent-back": {
      const again = line.line.outcome?.due;
      const day = again ? dayOf(again) : null;
      return { ...on, place: "went-back", day, late: day !== null && day < by.today };
    }
    case "accepted":
    case "accepted-with-note":
      return { ...on, place: "here", day: null, late: false };
    case "dropped":
      return null;
  }
}

/** What closes this pane's hole for now; null where nothing does. */
export function closedRow(book: PaneBook, today: Day): ClosedRow | null {
  if (!book.closed || book.set) return null;
  const until = dayOf(book.closed.until);
  return {
    pane: book.id,
    where: [book.added.address, book.added.opening, book.added.light].filter(Boolean).join(", "),
    how: book.closed.how,
    until,
    days: today - dayOf(book.closed.since),
    over: until < today,
    told: book.closed.told,
  };
}

/** Late and soonest first; what has no day stands last. */
export const byDay = (a: { readonly day: Day | null }, b: { readonly day: Day | null }): number =>
  (a.day ?? Number.MAX_SAFE_INTEGER) - (b.day ?? Number.MAX_SAFE_INTEGER);
