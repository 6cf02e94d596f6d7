import { afterWorkingDays } from "../order/lead.ts";
import type { WorkCalendar } from "../plan/calendar.ts";
import { addDays, type Day, dayOf } from "../units/day.ts";
import type { PaneBook } from "./book.ts";
import { oldGlassBack } from "./old-glass.ts";
import type { Because } from "./pane-visit.ts";
import type { Reckoning } from "./reckoning.ts";
import { visitsOf } from "./visits.ts";

/** A day that follows from what is known, and why it is that one. */
export type Until = { readonly day: Day; readonly because: Because | { readonly kind: "planned" } };

/**
 * Until when a hole that is closed today stays closed: the day that its fitting is planned for, else the first on which its
 * glass can be here, tomorrow at the soonest. Null where nothing says: the glass is late and nobody gave a new day, or the old
 * one lies opened on the bench. Whoever closes it says a day then.
 * @example fitting planned for 27 May // 27 May, planned
 * @example not ordered, 8 working days from Wednesday 20 May // Monday 1 June, not ordered
 */
export function closedUntil(book: PaneBook, r: Reckoning, today: Day, calendar: WorkCalendar): Until | null {
  const planned = book.visits.get("fit")?.day;
  if (planned !== undefined && dayOf(planned) >= today) return { day: dayOf(planned), because: { kind: "planned" } };
  const fit = visitsOf(book, r, today).find((v) => v.part === "fit");
  if (!fit || fit.because.kind === "glass-late" || oldGlassBack(book)) return null;
  const { because } = fit;
  const day = because.kind === "not-ordered" ? afterWorkingDays(today, because.days, calendar) : fit.earliest;
  const tomorrow = addDays(today, 1);
  return { day: day > tomorrow ? day : tomorrow, because };
}
