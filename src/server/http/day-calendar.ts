import type { APIRoute } from "astro";
import { changeKey, keyByHash } from "../../db/people.ts";
import { dayIcs } from "../documents/day-ics.ts";
import { hashOf } from "../people/secret.ts";
import { visitsFor } from "../plan-page.ts";
import { theDatabase } from "../the-database.ts";
import { problem } from "./answer.ts";

const calendar = async (who: string, name: string): Promise<Response> =>
  new Response(dayIcs(who, await visitsFor(who)), {
    headers: {
      "content-type": "text/calendar; charset=utf-8",
      "content-disposition": `attachment; filename="${name}"`,
      "cache-control": "no-store",
    },
  });

/** Somebody's visits as a file. */
export const dayCalendar: APIRoute = ({ url }) => calendar(url.searchParams.get("who") ?? "", "visits.ics");

/** The same at a secret address that a calendar asks again and again; one that was withdrawn, or never was, is not there. */
export const secretCalendar: APIRoute = ({ params }) => {
  const db = theDatabase();
  const key = keyByHash(db, hashOf(params["key"] ?? ""));
  if (key?.what !== "calendar" || key.endedAt !== null)
    return problem(404, {
      code: "no-calendar",
      message: "This address holds no calendar. It may have been withdrawn: ask the office for a new one.",
    });
  changeKey(db, key.id, { usedAt: new Date().toISOString() });
  return calendar(key.of, "visits.ics");
};
