import { type Day, dayOfMonth, monthOf, weekday } from "../units/day.ts";

const WEEKDAYS = ["Sun", "Mon", "Tue", "Wed", "Thu", "Fri", "Sat"] as const;
const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"] as const;

export const weekdayName = (d: Day): string => WEEKDAYS[weekday(d)];
export const monthName = (d: Day): string => MONTHS[monthOf(d)] ?? "";

/** @example sayDay(dayOf("2026-05-20")) // "Wed 20 May" */
export const sayDay = (d: Day): string => `${weekdayName(d)} ${dayOfMonth(d)} ${monthName(d)}`;
