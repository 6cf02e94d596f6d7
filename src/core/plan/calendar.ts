import { addDays, type Day, weekday } from "../units/day.ts";

/** What is known of the days ahead. A day that is not listed is dry and mild. */
export type WorkCalendar = {
  /** 0 is Sunday. */
  readonly workingWeekdays: readonly number[];
  readonly daysOff: ReadonlySet<Day>;
  readonly wet: ReadonlySet<Day>;
  /** Lowest temperature of the day, °C. */
  readonly lowC: ReadonlyMap<Day, number>;
};

export const MONDAY_TO_FRIDAY: readonly number[] = [1, 2, 3, 4, 5];

export const isWorking = (calendar: WorkCalendar, d: Day): boolean =>
  calendar.workingWeekdays.includes(weekday(d)) && !calendar.daysOff.has(d);

/** The first working day after this one. @example nextWorking(calendar, Friday) // Monday, or later where that is off */
export function nextWorking(calendar: WorkCalendar, after: Day): Day {
  let d = addDays(after, 1);
  // A year without a working day is no calendar.
  for (let k = 0; k < 366 && !isWorking(calendar, d); k++) d = addDays(d, 1);
  return d;
}

export const isCold = (calendar: WorkCalendar, d: Day, below: number): boolean => {
  const low = calendar.lowC.get(d);
  return low !== undefined && low < below;
};
