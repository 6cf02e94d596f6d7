import type { Entry } from "../core/log/kinds.ts";
import { type Firm, foldFirm } from "../core/round/book.ts";
import type { Database } from "../db/database.ts";
import { entriesOfFirm } from "../db/entry-log.ts";

/** The firm's entries and what they come to. */
export function loadFirm(db: Database): { readonly entries: readonly Entry[]; readonly firm: Firm } {
  const entries = entriesOfFirm(db);
  return { entries, firm: foldFirm(entries) };
}
