import { z } from "zod";
import { BatchTaken, batchBroughtUp, EntryBatch, ReadEntrySchema } from "./entry.ts";
import { route } from "./route.ts";

export const PostEntries = route({
  method: "post",
  path: "/api/entries",
  says: "Adds entries to the log: all or none, and safe to send again.",
  more: "An entry that is already there is passed over. An entry about a pane, order or round that nobody has added is refused, and the whole batch with it.",
  before: batchBroughtUp,
  input: EntryBatch,
  output: BatchTaken,
});

export const EntriesAfter = z.strictObject({
  after: z.coerce.number().int().min(0).default(0),
  pane: z.uuid().optional(),
  order: z.uuid().optional(),
  firm: z.literal("too").optional(),
});
export type EntriesAfter = z.output<typeof EntriesAfter>;

export const EntriesPage = z
  .strictObject({ entries: z.array(ReadEntrySchema), through: z.int(), more: z.boolean() })
  .meta({ id: "EntriesPage" });
export type EntriesPage = z.output<typeof EntriesPage>;

export const GetEntries = route({
  method: "get",
  path: "/api/entries",
  says: "Entries stored after a place in the log, at most 1 000; of one pane (with its orders) or one order where asked.",
  more: "Query: `after` (0 to begin with), `pane`, `order`; `firm=too` with a pane, for the firm's own entries as well: its rules, people, stock and rounds. `through` is where to go on from.",
  input: EntriesAfter,
  output: EntriesPage,
});
