import { addDays, type Day } from "../units/day.ts";
import type { Counts } from "./critical-path.ts";

/**
 * The day on which what follows may begin: the day after, or after a lag that counts from the day after. Working days are those
 * that are listed; beyond the last of them every day counts.
 * @example readyDay(Monday, { lagDays: 2, lagCounts: "all" }, days) // Thursday
 */
export function readyDay(
  done: Day,
  lag: { readonly lagDays: number; readonly lagCounts: Counts },
  days: readonly Day[],
): Day {
  if (lag.lagCounts === "all") return addDays(done, lag.lagDays + 1);
  const listed = new Set(days);
  const last = days.at(-1) ?? done;
  let day = done;
  for (let left = lag.lagDays; left > 0; ) {
    day = addDays(day, 1);
    if (listed.has(day) || day > last) left--;
  }
  return addDays(day, 1);
}
