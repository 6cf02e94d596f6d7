import type { WorkCalendar } from "../plan/calendar.ts";
import { addDays, type Day } from "../units/day.ts";
import { afterWorkingDays } from "./lead.ts";

/** How somebody asked after an order that did not come. */
export const CHASED_HOW = ["telephone", "writing", "counter"] as const;
export type ChasedHow = (typeof CHASED_HOW)[number];
export const CHASED_NAMES: Readonly<Record<ChasedHow, string>> = {
  telephone: "on the telephone",
  writing: "in writing",
  counter: "at the counter",
};

/** Once an order was asked after: when, by whom, what they said, and which day it is promised for since. */
export type Chase = {
  readonly day: string;
  readonly who: string;
  /** Null where only a new day was noted. */
  readonly how: ChasedHow | null;
  readonly says: string;
  /** The day that they gave; null where they gave none. */
  readonly due: string | null;
  /** The day it was promised for before. */
  readonly was: string | null;
};

/** Working days between two calls: nobody is rung twice a day, and nobody forgotten for a week. */
const CHASE_AGAIN_DAYS = 2;

/**
 * The day from which a late order is to be asked after: the day after it was due, or after the new day that they gave; without
 * a new day two working days after somebody last asked.
 * @example due Monday the 18th, asked on Wednesday the 20th without a new day // Friday the 22nd
 */
export function chaseFrom(due: Day, lastAsked: Day | null, calendar: WorkCalendar): Day {
  const late = addDays(due, 1);
  if (lastAsked === null) return late;
  const again = afterWorkingDays(lastAsked, CHASE_AGAIN_DAYS, calendar);
  return again > late ? again : late;
}
