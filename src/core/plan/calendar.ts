import { type Day, weekday } from "../units/day.ts";

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

export const isCold = (calendar: WorkCalendar, d: Day, below: number): boolean => {
  const low = calendar.lowC.get(d);
  return low !== undefined && low < below;
};
