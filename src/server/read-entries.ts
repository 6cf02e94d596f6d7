import type { EntriesAfter, EntriesPage } from "../contract/entries.ts";
import { ok } from "../core/result.ts";
import { entriesAfter } from "../db/log-after.ts";
import type { Outcome } from "./http/endpoint.ts";
import { theDatabase } from "./the-database.ts";

const MOST_ENTRIES = 1000;

export function readEntries(q: EntriesAfter): Outcome<EntriesPage> {
  const page = entriesAfter(theDatabase(), q, MOST_ENTRIES);
  return ok({ entries: [...page.entries], through: page.through, more: page.more });
}
