import { createEvents, type EventAttributes } from "ics";
import { VISIT_PART_NAMES, type VisitPart } from "../../core/plan/visit-part.ts";
import { type Day, writeDay } from "../../core/units/day.ts";

/** A visit as somebody's calendar shows it. */
export type CalendarVisit = {
  readonly id: string;
  readonly part: VisitPart;
  readonly where: string;
  readonly day: Day;
  readonly from: number;
  readonly minutes: number;
  readonly helps: string | null;
  readonly says: string;
};

/**
 * Somebody's visits as a calendar. Times float: they are those of the place where the work is. The same visit keeps its name, so
 * that a calendar that asks again moves it and adds none.
 */
export function dayIcs(who: string, visits: readonly CalendarVisit[]): string {
  if (visits.length === 0)
    return ["BEGIN:VCALENDAR", "VERSION:2.0", "PRODID:plain-pane", `X-WR-CALNAME:${who}`, "END:VCALENDAR", ""].join(
      "\r\n",
    );
  const events = visits.map((v): EventAttributes => {
    const [year = 2000, month = 1, date = 1] = writeDay(v.day).split("-").map(Number);
    return {
      uid: `${v.id.replace("/", "-")}@plain-pane`,
      title: `${v.where}: ${v.helps ? `help ${v.helps}` : VISIT_PART_NAMES[v.part]}`,
      start: [year, month, date, Math.floor(v.from / 60), Math.round(v.from % 60)],
      startInputType: "local",
      startOutputType: "local",
      duration: { hours: Math.floor(v.minutes / 60), minutes: Math.round(v.minutes % 60) },
      location: v.where,
      description: v.says,
      productId: "plain-pane",
      calName: who,
    };
  });
  const { error, value } = createEvents(events);
  if (error) throw error;
  return value ?? "";
}
