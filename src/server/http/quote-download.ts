import type { APIRoute } from "astro";
import { quotesOf } from "../../core/round/quotes.ts";
import { entriesOfRound } from "../../db/entry-log.ts";
import { placesOfRound, roundById } from "../../db/lists.ts";
import { quotePdf } from "../documents/quote-pdf.ts";
import { loadFirm } from "../firm.ts";
import { theDatabase } from "../the-database.ts";
import { problem } from "./answer.ts";

/** A quote as the customer gets it. */
export const quoteDownload: APIRoute = async ({ params }) => {
  const db = theDatabase();
  const round = roundById(db, params["id"] ?? "");
  const quote = round && quotesOf(round.id, entriesOfRound(db, round.id)).find((q) => q.quote === params["quote"]);
  if (!quote) return problem(404, { code: "unknown-id", message: `There is no quote ${params["quote"]}.` });
  const { firm } = loadFirm(db);
  const panes = new Set(quote.lines.map((l) => l.pane));
  const addresses = new Set(placesOfRound(db, round.id).flatMap((p) => (panes.has(p.id) ? [p.address] : [])));
  const body = await quotePdf(quote, round, {
    currency: firm.house.currency,
    details: firm.details,
    customers: [...addresses].flatMap((a) => firm.customers.get(a) ?? []),
  });
  return new Response(new Uint8Array(body), {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": 'inline; filename="quote.pdf"',
      "cache-control": "no-store",
    },
  });
};
