import { afterWorkingDays } from "../order/lead.ts";
import { LINE_STATE_FACTS } from "../order/line-state.ts";
import { MONDAY_TO_FRIDAY, type WorkCalendar } from "../plan/calendar.ts";
import type { VisitPart } from "../plan/visit-part.ts";
import { type Day, dayOf } from "../units/day.ts";
import type { PaneBook } from "./book.ts";
import { oldGlassBack } from "./old-glass.ts";
import type { Because } from "./pane-visit.ts";
import type { Reckoning } from "./reckoning.ts";
import { isHere } from "./stands.ts";
import { isToBeCut } from "./to-be-cut.ts";
import { isUnit } from "./unit.ts";
import { usualLeadDays } from "./usual-lead.ts";
import { wholeHere } from "./whole-here.ts";

/** Where no supplier has promised, nobody said which days the glazier works and when: Monday to Friday. */
export const WEEK: WorkCalendar = {
  workingWeekdays: MONDAY_TO_FRIDAY,
  daysOff: new Set(),
  wet: new Set(),
  lowC: new Map(),
};

/** From when there is glass to fit. */
export function glassFrom(
  book: PaneBook,
  r: Reckoning,
  today: Day,
  first: VisitPart | null,
): { readonly earliest: Day; readonly lagDays: number; readonly because: Because } {
  // What has come and was not looked at yet lies here all the same.
  if (oldGlassBack(book) || isHere(book) || book.line?.line.state === "arrived")
    return { earliest: today, lagDays: 0, because: { kind: "ready" } };
  if (book.line && book.line.line.due !== null && LINE_STATE_FACTS[book.line.line.state].coming) {
    const due = dayOf(book.line.line.due);
    const supplier = book.line.order.supplier;
    return due < today
      ? { earliest: today, lagDays: 0, because: { kind: "glass-late", supplier, day: due } }
      : { earliest: due, lagDays: 0, because: { kind: "glass-promised", supplier, day: due } };
  }
  if (isToBeCut(book, r)) return { earliest: today, lagDays: 0, because: { kind: "follows", part: "cut" } };
  const days = leadHere(book, r);
  const because: Because = { kind: "not-ordered", days };
  return first === null
    ? { earliest: afterWorkingDays(today, days, WEEK), lagDays: 0, because }
    : { earliest: today, lagDays: days, because };
}

/** How many working days what this pane needs usually takes, by the house's own figures. */
const leadHere = (book: PaneBook, r: Reckoning): number =>
  usualLeadDays(
    [
      {
        glass: r.chosen.kind,
        makeup: isUnit(book) ? {} : undefined,
        whole: wholeHere(book, r) ?? undefined,
      },
    ],
    r.house,
  );
