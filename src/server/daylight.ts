import { getTimes } from "suncalc";
import type { Where } from "../core/plan/roads.ts";
import type { Span } from "../core/plan/week.ts";
import { type Day, writeDay } from "../core/units/day.ts";

const minuteOf = (at: Date): number => at.getHours() * 60 + at.getMinutes();

/**
 * From when till when it is light enough to work outside: from the sun's rising to its setting, by the clock where the server
 * stands; null where nobody said where the firm is, or where the sun neither rises nor sets that day.
 */
export function daylight(day: Day, yard: Where | null): Span | null {
  if (!yard) return null;
  const [year = 2000, month = 1, date = 1] = writeDay(day).split("-").map(Number);
  const { sunrise, sunset } = getTimes(new Date(year, month - 1, date, 12), yard.latitude, yard.longitude);
  if (!sunrise || !sunset || Number.isNaN(sunrise.getTime()) || Number.isNaN(sunset.getTime())) return null;
  const [from, to] = [minuteOf(sunrise), minuteOf(sunset)];
  return from < to ? [from, to] : null;
}
