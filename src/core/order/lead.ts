import { isWorking, type WorkCalendar } from "../plan/calendar.ts";
import { addDays, type Day } from "../units/day.ts";

/** An order as it went: sent, and come. */
export type Gone = { readonly sent: Day; readonly arrived: Day };

export type Lead = {
  /** Working days that a promise should allow. */
  readonly days: number;
  /** The middle one, and what nine in ten kept to: what it really was. Null with fewer than three orders on record. */
  readonly usual: number | null;
  readonly slow: number | null;
  readonly orders: number;
};

const ENOUGH = 3;
const NINE_IN_TEN = 0.9;

/** Working days after one day up to another, that day included. @example Friday to Monday // 1 */
export function workingDaysBetween(from: Day, to: Day, calendar: WorkCalendar): number {
  let n = 0;
  for (let d = addDays(from, 1); d <= to; d = addDays(d, 1)) if (isWorking(calendar, d)) n++;
  return n;
}

/** The day so many working days after another. None: that day itself. */
export function afterWorkingDays(from: Day, days: number, calendar: WorkCalendar): Day {
  let d = from;
  for (let n = 0; n < days; ) {
    d = addDays(d, 1);
    if (isWorking(calendar, d)) n++;
  }
  return d;
}

/** The day so many working days before another. */
export function beforeWorkingDays(by: Day, days: number, calendar: WorkCalendar): Day {
  let d = by;
  for (let n = 0; n < days; ) {
    if (isWorking(calendar, d)) n++;
    d = addDays(d, -1);
  }
  // A day off is no day to begin on.
  while (days > 0 && !isWorking(calendar, d)) d = addDays(d, -1);
  return d;
}

/**
 * How long a supplier takes, from what they say and what it really was: with three orders or more on record, what nine in
 * ten kept to is promised, never less than they say themselves.
 * @example says 8; took 8, 9, 8, 12, 10 // usual 9, slow 12: promise 12
 */
export function leadOf(says: number, gone: readonly Gone[], calendar: WorkCalendar): Lead {
  const took = gone.map((g) => workingDaysBetween(g.sent, g.arrived, calendar)).sort((a, b) => a - b);
  if (took.length < ENOUGH) return { days: says, usual: null, slow: null, orders: took.length };
  const usual = took[Math.floor((took.length - 1) / 2)] ?? says;
  const slow = took[Math.ceil(took.length * NINE_IN_TEN) - 1] ?? says;
  return { days: Math.max(says, slow), usual, slow, orders: took.length };
}

/**
 * The last day to order for a pane to be done with by a day: what it is set in must have set, and before that come the lead
 * and a working day to check it in.
 * @example needed Friday 29 May, lead 8, no days off // Monday 18 May
 */
export const orderBy = (needed: Day, leadDays: number, calendar: WorkCalendar, cureHours = 0): Day =>
  beforeWorkingDays(addDays(needed, -Math.ceil(cureHours / 24)), leadDays + 1, calendar);
