import { normalBelow, normalInverse } from "../chance/normal.ts";
import { weightOf } from "../learn/forget.ts";
import { isWorking, type WorkCalendar } from "../plan/calendar.ts";
import { addDays, type Day } from "../units/day.ts";

/** An order as it went: sent, and come. */
export type Gone = { readonly sent: Day; readonly arrived: Day };

export type Lead = {
  /** Working days that a promise should allow. */
  readonly days: number;
  /** The middle one, and what nine in ten keep to: what it really is. Null with fewer than three orders on record. */
  readonly usual: number | null;
  readonly slow: number | null;
  readonly orders: number;
  /** What they say themselves. */
  readonly says: number;
  /** What it was, and how much each still counts. */
  readonly took: readonly { readonly days: number; readonly weight: number }[];
};

const ENOUGH = 3;
const NINE_IN_TEN = 0.9;
/** Before anything came: kept in eight of ten, a quarter longer or shorter, and that word is worth one order. */
const WORD = { kept: normalInverse(0.8), spread: 0.25, worth: 1 };

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

/** How long a supplier takes who has said so many working days and of whom nothing more is known. @example leadSaid(8) // promise 8 */
export const leadSaid = (says: number): Lead => ({ days: says, usual: null, slow: null, orders: 0, says, took: [] });

/**
 * How long a supplier takes, learned from what they say and what it really was, older orders counting less: with three or
 * more on record, what nine in ten will keep to is promised, never less than they say themselves.
 * @example says 8; took 8, 9, 8, 12, 10 // usual 9, nine in ten within 12: promise 12
 */
export function leadOf(says: number, gone: readonly Gone[], calendar: WorkCalendar, today: Day): Lead {
  const took = gone.map((g) => ({
    days: workingDaysBetween(g.sent, g.arrived, calendar),
    weight: weightOf(g.arrived, today),
  }));
  const lead: Lead = { ...leadSaid(says), orders: gone.length, took };
  if (gone.length < ENOUGH) return lead;
  const slow = daysFor(lead, NINE_IN_TEN);
  return { ...lead, days: Math.max(says, slow), usual: daysFor(lead, 0.5), slow };
}

/**
 * The chance that it comes within so many working days; null while too few came to say.
 * @example says 8; took 8, 9, 8, 12, 10; within 9 // (1 × 0.90 + 3) of 6: 0.65
 */
export const chanceWithin = (lead: Lead, days: number): number | null =>
  lead.orders < ENOUGH ? null : days < 0 ? 0 : within(lead, days);

/** Less than this is left of all the lengths that anybody would reckon with: nobody can say. */
const NOTHING_LEFT = 1e-4;

/**
 * The chance that it comes within so many working days of being sent, where so many have gone by without it; by their word
 * alone while nothing came from them yet. Null where it is later than anything that could be reckoned with.
 * @example said 8, nothing on record, within 8, none gone by // 0.80
 * @example the same, 8 gone by without it, within 9 // of the two in ten that are late, what comes on the ninth day: 0.48
 */
export function chanceLeft(lead: Lead, waited: number, days: number): number | null {
  if (days <= waited) return 0;
  const gone = waited <= 0 ? 0 : within(lead, waited);
  return 1 - gone < NOTHING_LEFT ? null : (within(lead, days) - gone) / (1 - gone);
}

/**
 * Shares of all lengths, with a Dirichlet process before anything came: the conjugate prior of shares whose shape nobody
 * knows, so that a maker who is on the day, or three days late one time in five, is learned as that.
 */
function within(lead: Lead, days: number): number {
  const word = normalBelow(Math.log((days + 1) / (lead.says + 1)) / WORD.spread + WORD.kept);
  const all = lead.took.reduce((sum, t) => sum + t.weight, WORD.worth);
  return lead.took.reduce((sum, t) => sum + (t.days <= days ? t.weight : 0), WORD.worth * word) / all;
}

/** The fewest days that it comes within with this chance; a year at most. */
function daysFor(lead: Lead, chance: number): number {
  let days = 0;
  while (days < MOST_DAYS && within(lead, days) < chance) days++;
  return days;
}
const MOST_DAYS = 365;

/**
 * The last day to order for a pane to be done with by a day: what it is set in must have set, and before that come the lead
 * and a working day to check it in.
 * @example needed Friday 29 May, lead 8, no days off // Monday 18 May
 */
export const orderBy = (needed: Day, leadDays: number, calendar: WorkCalendar, cureHours = 0): Day =>
  beforeWorkingDays(addDays(needed, -Math.ceil(cureHours / 24)), leadDays + 1, calendar);
