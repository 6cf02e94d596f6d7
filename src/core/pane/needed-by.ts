import { isWorking, type WorkCalendar } from "../plan/calendar.ts";
import { addDays, type Day, dayOf } from "../units/day.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";

/** Why somebody counts on a day: they were told of a visit, they asked for it, or the hole is closed up until it. */
export type CountedOn = "told" | "wanted" | "closed";

export type NeededBy = {
  /** The day that somebody counts on. */
  readonly day: Day;
  readonly asked: CountedOn;
  /** The last working day on which it can be fitted: what is wanted for use has cured until then. */
  readonly fitBy: Day;
};

/**
 * The day on which somebody counts on a pane, and by when it must be fitted for that; null where nobody does. What they were told
 * stands before what they asked for, and that before how long the hole is closed up.
 * @example wanted by Friday the 29th, set in what cures for two days // fit by Wednesday the 27th
 * @example boarded until Friday the 29th // fit by that Friday
 */
export function neededBy(
  book: Pick<PaneBook, "log" | "before" | "closed" | "set">,
  r: Pick<Reckoning, "compound">,
  calendar: WorkCalendar,
): NeededBy | null {
  const counted = countedOn(book);
  if (counted === null) return null;
  const cures = counted.asked === "wanted" ? Math.ceil(r.compound.handsOffHours / 24) : 0;
  return { ...counted, fitBy: workedOnOrBefore(addDays(counted.day, -cures), calendar) };
}

function countedOn(book: Pick<PaneBook, "log" | "before" | "closed" | "set">): Pick<NeededBy, "day" | "asked"> | null {
  const told = book.log.standing.findLast((e) => e.kind === "plan.told" && e.payload.part === "fit");
  if (told?.kind === "plan.told") return { day: dayOf(told.payload.day), asked: "told" };
  if (book.before.wants?.by) return { day: dayOf(book.before.wants.by), asked: "wanted" };
  return book.closed && !book.set ? { day: dayOf(book.closed.until), asked: "closed" } : null;
}

/** That day, or the last before it on which anybody works. */
function workedOnOrBefore(day: Day, calendar: WorkCalendar): Day {
  for (let d = day; d > addDays(day, -14); d = addDays(d, -1)) if (isWorking(calendar, d)) return d;
  return day;
}
