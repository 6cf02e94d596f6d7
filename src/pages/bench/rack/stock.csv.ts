import type { APIRoute } from "astro";
import { loadFirm } from "../../../server/firm.ts";
import { stockCsv } from "../../../server/stock-file.ts";
import { theDatabase } from "../../../server/the-database.ts";

/** All sheets and off-cuts, what is bought as needed too, as a CSV file that can be read back. */
export const GET: APIRoute = () =>
  new Response(`\ufeff${stockCsv(loadFirm(theDatabase()).firm.stock)}`, {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": 'attachment; filename="stock.csv"',
      "cache-control": "no-store",
    },
  });
