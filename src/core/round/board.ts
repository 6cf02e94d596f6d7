import { orderBy } from "../order/lead.ts";
import type { MakesOf } from "../order/sources.ts";
import type { WorkCalendar } from "../plan/calendar.ts";
import { type Day, dayOf } from "../units/day.ts";
import type { BoardFacts } from "./board-facts.ts";

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
  pane: string,
  f: BoardFacts,
  by: {
    readonly calendar: WorkCalendar;
    readonly today: Day;
    /** Working days that whoever would make such a thing takes. */
    readonly leadDays: (needs: MakesOf) => number;
  },
): BoardRow | null {
  if (f.done) return null;
  const base = { pane, where: f.where, supplier: null, order: null };
  const line = f.line;
  if (f.had) return { ...base, place: "here", day: null, late: false };
  if (!line) {
    if (!f.sized || f.oldBack) return null;
    const day = f.wantsBy ? orderBy(dayOf(f.wantsBy), by.leadDays(f.needs), by.calendar, f.handsOffHours) : null;
    return { ...base, place: "to-order", day, late: day !== null && day < by.today };
  }
  const on = { ...base, supplier: line.supplier, order: line.order };
  const dayIf = (text: string | null): Day | null => (text === null ? null : dayOf(text));
  switch (line.state) {
    case "open":
      return { ...on, place: "to-order", day: null, late: false };
    case "sent":
    case "made-again": {
      const day = dayIf(line.due);
      return { ...on, place: "on-its-way", day, late: day !== null && day < by.today };
    }
    case "arrived":
      return { ...on, place: "to-check", day: dayIf(line.arrived), late: false };
    case "broke":
      return { ...on, place: "to-order", day: null, late: false };
    case "sent-back":
      return { ...on, place: "went-back", day: null, late: false };
    case "accepted":
    case "accepted-with-note":
      return { ...on, place: "here", day: null, late: false };
    case "dropped":
      return null;
  }
}

/** What closes this pane's hole for now; null where nothing does. */
export function closedRow(pane: string, f: BoardFacts, today: Day): ClosedRow | null {
  if (!f.closed) return null;
  const until = dayOf(f.closed.until);
  return {
    pane,
    where: f.where,
    how: f.closed.how,
    until,
    days: today - dayOf(f.closed.since),
    over: until < today,
    told: f.closed.told,
  };
}

/** Late and soonest first; what has no day stands last. */
export const byDay = (a: { readonly day: Day | null }, b: { readonly day: Day | null }): number =>
  (a.day ?? Number.MAX_SAFE_INTEGER) - (b.day ?? Number.MAX_SAFE_INTEGER);
