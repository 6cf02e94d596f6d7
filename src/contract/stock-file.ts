import { z } from "zod";
import { FIRM_SCHEMAS } from "./kinds/firm.ts";
import { route } from "./route.ts";

/** One sheet or off-cut as the rack keeps it. */
export const StockPiece = FIRM_SCHEMAS["stock.pane"].omit({ gone: true }).meta({ id: "StockPiece" });

export const PostReadStock = route({
  method: "post",
  path: "/api/stock/read",
  says: "Reads a list of sheets and off-cuts from a file's text, CSV, with what is wrong row by row.",
  more: "The columns are those of /bench/rack/stock.csv; name, width mm, height mm, thickness mm and glass are needed, what else is missing is not said. Rows are counted as a spreadsheet does, the heading being row 1. Nothing is stored.",
  input: z.strictObject({ text: z.string().max(500_000) }),
  output: z.strictObject({
    pieces: z.array(StockPiece),
    errors: z.array(z.strictObject({ row: z.int(), says: z.string() })),
  }),
});
