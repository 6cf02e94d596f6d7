import { aftercareCalendar } from "../../../server/http/aftercare-calendar.ts";

export const GET = aftercareCalendar;
