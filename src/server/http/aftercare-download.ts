import type { APIRoute } from "astro";
import { aftercareHere } from "../../core/pane/aftercare.ts";
import { foldPane } from "../../core/pane/book.ts";
import { labelOf } from "../../core/pane/order-line.ts";
import { reckon } from "../../core/pane/reckoning.ts";
import { withFirm } from "../../core/round/book.ts";
import { dayOf } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { say } from "../../core/words/dialect.ts";
import { fittedText } from "../../core/words/fitted.ts";
import { entriesOfPane } from "../../db/entry-log.ts";
import { aftercarePdf } from "../documents/aftercare-pdf.ts";
import { serverFindBest } from "../find-best.ts";
import { loadFirm } from "../firm.ts";
import { readPrefs } from "../prefs.ts";
import { theDatabase } from "../the-database.ts";
import { today } from "../today.ts";
import { problem } from "./answer.ts";

/** The customer's sheet for one pane. */
export const aftercareDownload: APIRoute = async ({ params, cookies }) => {
  const db = theDatabase();
  const id = params["id"] ?? "";
  const book = foldPane(id, entriesOfPane(db, id));
  if (!book) return problem(404, { code: "unknown-id", message: `There is no pane ${id}.` });
  const { dialect, unit } = readPrefs(cookies);
  const { firm } = loadFirm(db);
  const r = reckon(book, withFirm(firm, serverFindBest));
  const body = await aftercarePdf({
    firm: firm.details,
    customer: firm.customers.get(book.added.address) ?? null,
    where: labelOf(book),
    fitted: fittedText(book, r, { dialect, unit }),
    day: book.set ? `Set ${sayDay(dayOf(book.set.day))}` : "Not set yet",
    by: book.signed?.who ?? "",
    lines: aftercareHere(book, r, today()),
    materials: [
      say(r.compound.name, dialect),
      ...book.materials.map((m) =>
        [m.what, m.batch && `batch ${m.batch}`, m.expiry && `good until ${m.expiry}`].filter(Boolean).join(", "),
      ),
    ],
    snags: book.snags.filter((s) => !s.done).map((s) => (s.due ? `${s.says}, by ${sayDay(dayOf(s.due))}` : s.says)),
  });
  return new Response(new Uint8Array(body), {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": 'inline; filename="after-the-work.pdf"',
      "cache-control": "no-store",
    },
  });
};
