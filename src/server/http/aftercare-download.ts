import type { APIRoute } from "astro";
import { withFirm } from "../../core/firm/firm.ts";
import { barPlaces } from "../../core/measure/bar-places.ts";
import { aftercareHere } from "../../core/pane/aftercare.ts";
import type { PaneBook } from "../../core/pane/book.ts";
import { foldPane } from "../../core/pane/book.ts";
import { labelOf } from "../../core/pane/order-line.ts";
import type { Reckoning } from "../../core/pane/reckoning.ts";
import { reckon } from "../../core/pane/reckoning.ts";
import { shutUntil } from "../../core/pane/shut.ts";
import { sharedFindBest } from "../../core/size/shared-best.ts";
import type { Day } from "../../core/units/day.ts";
import { dayOf } from "../../core/units/day.ts";
import { toMm } from "../../core/units/length.ts";
import { sayDate } from "../../core/words/days.ts";
import { say } from "../../core/words/dialect.ts";
import { fittedText } from "../../core/words/fitted.ts";
import { entriesOfPane } from "../../db/entry-log.ts";
import type { DateMark } from "../../drawing/date-line.ts";
import { lineDrawing, lineDrawingSvg } from "../../drawing/line-drawing.ts";
import { aftercarePdf } from "../documents/aftercare-pdf.ts";
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
  const r = reckon(book, withFirm(firm, sharedFindBest));
  const body = await aftercarePdf({
    firm: firm.details,
    customer: firm.customers.get(book.added.address) ?? null,
    where: labelOf(book),
    fitted: fittedText(book, r, { dialect, unit }),
    day: book.set ? `Set ${sayDate(dayOf(book.set.day))}` : "Not set yet",
    by: book.signed?.who ?? "",
    lines: aftercareHere(book, r, today()),
    materials: [
      say(r.compound.name, dialect),
      ...book.materials.map((m) =>
        [m.what, m.batch && `batch ${m.batch}`, m.expiry && `good until ${m.expiry}`].filter(Boolean).join(", "),
      ),
    ],
    drawing: drawingOf(book, r),
    dates: datesOf(book, r, today()),
    snags: book.snags.filter((s) => !s.done).map((s) => (s.due ? `${s.says}, by ${sayDate(dayOf(s.due))}` : s.says)),
  });
  return new Response(new Uint8Array(body), {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": 'inline; filename="after-the-work.pdf"',
      "cache-control": "no-store",
    },
  });
};

/** The pane that was fitted, without figures: the customer knows the window. */
function drawingOf(book: PaneBook, r: Reckoning): string | null {
  const size = r.stands.size;
  if (!size) return null;
  const mm = { widthMm: toMm(size.width), heightMm: toMm(size.height) };
  const bars = book.bars && barPlaces(book.bars, mm);
  return lineDrawingSvg(
    lineDrawing({
      ...mm,
      uprights: bars?.ok ? bars.value.uprights : [],
      crosses: bars?.ok ? bars.value.crosses : [],
      runs: "not-said",
      mark: null,
      widthSays: "",
      heightSays: "",
      says: [],
      box: 110,
    }),
  );
}

/** What the customer waits for, in order. */
function datesOf(book: PaneBook, r: Reckoning, now: Day): readonly DateMark[] {
  const set = book.set ? dayOf(book.set.day) : null;
  const shut = shutUntil(book, r);
  const window = r.paint?.kind === "window" && book.painted === null ? r.paint : null;
  const visit = book.visit ? dayOf(book.visit.day) : null;
  return [
    ...(set === null ? [] : [{ from: set, to: null, says: `set ${sayDate(set)}` }]),
    ...(shut !== null && shut >= now && set !== null
      ? [{ from: set, to: shut, says: `leave it shut until ${sayDate(shut)}` }]
      : []),
    ...(window && window.from !== null
      ? [
          {
            from: window.from,
            to: window.closes,
            says: `painted from ${sayDate(window.from)}${window.closes === null ? "" : ` to ${sayDate(window.closes)}`}`,
          },
        ]
      : []),
    ...(visit !== null && visit >= now ? [{ from: visit, to: null, says: `we come back ${sayDate(visit)}` }] : []),
  ];
}
