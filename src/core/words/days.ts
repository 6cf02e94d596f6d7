import { type Day, dayOfMonth, monthOf, weekday, writeDay } from "../units/day.ts";

const WEEKDAYS = ["Sun", "Mon", "Tue", "Wed", "Thu", "Fri", "Sat"] as const;
const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"] as const;

export const weekdayName = (d: Day): string => WEEKDAYS[weekday(d)];
export const monthName = (d: Day): string => MONTHS[monthOf(d)] ?? "";

/** @example sayDay(dayOf("2026-05-20")) // "Wed 20 May" */
export const sayDay = (d: Day): string => `${weekdayName(d)} ${dayOfMonth(d)} ${monthName(d)}`;

/** As papers say it, that are read in another year. @example sayDate(dayOf("2026-05-20")) // "Wed 20 May 2026" */
export const sayDate = (d: Day): string => `${sayDay(d)} ${writeDay(d).slice(0, 4)}`;

/** With its year where that is not the reader's. @example sayDayFrom(dayOf("2025-05-20"), dayOf("2026-01-02")) // "Tue 20 May 2025" */
export const sayDayFrom = (d: Day, today: Day): string =>
  writeDay(d).slice(0, 4) === writeDay(today).slice(0, 4) ? sayDay(d) : sayDate(d);
