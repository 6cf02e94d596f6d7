import { MONDAY_TO_FRIDAY, type WorkCalendar } from "../../src/core/plan/calendar.ts";

/** Monday to Friday, dry and mild, with no day off. */
export const PLAIN_DAYS: WorkCalendar = {
  workingWeekdays: MONDAY_TO_FRIDAY,
  daysOff: new Set(),
  wet: new Set(),
  lowC: new Map(),
};
