import { z } from "zod";
import { MAKES_OF } from "../core/order/sources.ts";
import { ReadEntrySchema } from "./entry.ts";
import { route } from "./route.ts";

export const KeptQuery = z.strictObject({ id: z.uuid(), after: z.coerce.number().int().min(0).default(0) });
export type KeptQuery = z.output<typeof KeptQuery>;

const SupplierRecord = z.strictObject({
  name: z.string(),
  gone: z.array(z.strictObject({ sent: z.int(), arrived: z.int(), of: z.enum(MAKES_OF) })),
  panes: z.int(),
  sentBack: z.int(),
  offMm: z.array(z.number()),
});

export const KeptPage = z
  .strictObject({
    entries: z.array(ReadEntrySchema),
    through: z.int(),
    more: z.boolean(),
    today: z.int().meta({ description: "The server's day, days since 1970" }),
    records: z.array(SupplierRecord).meta({ description: "What became of each supplier's newest orders" }),
    openings: z.array(ReadEntrySchema).meta({ description: "What opened the orders that were not sent yet" }),
    people: z.array(z.string()),
  })
  .meta({ id: "KeptPage" });
export type KeptPage = z.output<typeof KeptPage>;

export const GetKept = route({
  method: "get",
  path: "/api/rounds/{id}/kept",
  says: "What a device keeps to work on a round without a signal: entries of the firm, of the round's panes, and of the orders they are on.",
  more: "Query: `after` (0 to begin with). At most 2 000 entries at once; `through` is where to go on from, while `more`. An order that something was stored of since comes whole.",
  input: KeptQuery,
  output: KeptPage,
});
