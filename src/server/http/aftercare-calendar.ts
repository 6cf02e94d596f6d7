import type { APIRoute } from "astro";
import { VISIT_NAMES } from "../../core/finish/visit.ts";
import { withFirm } from "../../core/firm/firm.ts";
import { aftercareHere } from "../../core/pane/aftercare.ts";
import { foldPane } from "../../core/pane/book.ts";
import { labelOf } from "../../core/pane/order-line.ts";
import { reckon } from "../../core/pane/reckoning.ts";
import { sharedFindBest } from "../../core/size/shared-best.ts";
import { dayOf } from "../../core/units/day.ts";
import { entriesOfPane } from "../../db/entry-log.ts";
import { aftercareIcs, type Reminder } from "../documents/aftercare-ics.ts";
import { loadFirm } from "../firm.ts";
import { theDatabase } from "../the-database.ts";
import { today } from "../today.ts";
import { problem } from "./answer.ts";

/** The customer's days as a calendar file: until when it stays shut, when it is painted, when somebody comes. */
export const aftercareCalendar: APIRoute = ({ params }) => {
  const db = theDatabase();
  const id = params["id"] ?? "";
  const book = foldPane(id, entriesOfPane(db, id));
  if (!book) return problem(404, { code: "unknown-id", message: `There is no pane ${id}.` });
  const r = reckon(book, withFirm(loadFirm(db).firm, sharedFindBest));
  const reminders: Reminder[] = aftercareHere(book, r, today()).flatMap((l) =>
    l.day === undefined ? [] : [{ id: l.id, says: `${l.says} this day.`, day: l.day }],
  );
  if (book.visit)
    reminders.push({
      id: "visit",
      says: `We come to ${VISIT_NAMES[book.visit.visit]}.`,
      day: dayOf(book.visit.day),
    });
  const text = aftercareIcs({ pane: id, where: labelOf(book), reminders });
  if (text === "")
    return problem(404, { code: "no-days", message: "No day follows from this pane yet: say first when it was set." });
  return new Response(text, {
    headers: {
      "content-type": "text/calendar; charset=utf-8",
      "content-disposition": 'attachment; filename="after-the-work.ics"',
      "cache-control": "no-store",
    },
  });
};
