import { dayCalendar } from "../../server/http/day-calendar.ts";
import { notAllowed } from "../../server/http/endpoint.ts";

export const GET = dayCalendar;
export const ALL = notAllowed("GET");
