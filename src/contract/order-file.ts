import { z } from "zod";
import { MORE_OF_LINE } from "./line-parts.ts";
import { Id, Name, Nanometres, Short } from "./payload-parts.ts";
import { route } from "./route.ts";

/** One line of an order as a file: all that a cutter needs, sizes exact. */
export const FileLine = z
  .object({
    line: Id,
    pane: Id,
    label: Short,
    widthNm: Nanometres,
    heightNm: Nanometres,
    thicknessNm: Nanometres,
    ...MORE_OF_LINE,
  })
  .meta({ id: "OrderFileLine", description: "Sizes are the glass's own, width by height, in nanometres." });

/** An order as a file. What else stands in it is for people and is not read back. */
export const OrderFile = z
  .object({ supplier: Name, reference: Short, lines: z.array(FileLine).min(1).max(500) })
  .meta({ id: "OrderFile" });
export type OrderFile = z.output<typeof OrderFile>;

/** A delivery note as a file. */
export const NoteFile = z
  .object({
    theirs: Short.default(""),
    lines: z
      .array(
        z.object({
          line: Id,
          widthNm: Nanometres,
          heightNm: Nanometres,
          thicknessNm: Nanometres,
          says: Short.default(""),
        }),
      )
      .min(1)
      .max(500),
  })
  .meta({ id: "NoteFile" });
export type NoteFile = z.output<typeof NoteFile>;

const RowError = z.strictObject({ row: z.int(), says: z.string() });

export const PostReadOrder = route({
  method: "post",
  path: "/api/orders/read",
  says: "Reads an order or a delivery note from a file's text, CSV or JSON, with what is wrong row by row.",
  more: "Rows of CSV are counted as a spreadsheet does, the heading being row 1; lines of JSON from 1. Nothing is stored.",
  input: z.strictObject({
    what: z.enum(["order", "note"]),
    format: z.enum(["csv", "json"]),
    text: z.string().max(500_000),
  }),
  output: z.strictObject({
    order: OrderFile.nullable(),
    note: NoteFile.nullable(),
    errors: z.array(RowError),
  }),
});
