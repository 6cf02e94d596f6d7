import { secretCalendar } from "../../server/http/day-calendar.ts";
import { notAllowed } from "../../server/http/endpoint.ts";

export const GET = secretCalendar;
export const ALL = notAllowed("GET");
