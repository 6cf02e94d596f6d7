import type { Entry } from "../core/log/kinds.ts";
import { type Firm, foldFirm } from "../core/round/book.ts";
import { essentialOf } from "../core/round/essential.ts";
import type { Database } from "../db/database.ts";
import { entriesOfFirm, firmThrough } from "../db/entry-log.ts";

export type LoadedFirm = {
  /** The entries that what is true of the firm follows from: what a page carries. */
  readonly entries: readonly Entry[];
  readonly firm: Firm;
  /** Changes whenever something changes that a pane's line on the round follows from. */
  readonly key: string;
};

type Kept = LoadedFirm & { readonly through: number };
const kept = new WeakMap<Database, Kept>();

/** The firm as it stands: folded anew only where an entry about it was stored since, by this server or another. */
export function loadFirm(db: Database): LoadedFirm {
  const through = firmThrough(db);
  const before = kept.get(db);
  if (before?.through === through) return before;
  const all = entriesOfFirm(db);
  const firm = foldFirm(all);
  const loaded: Kept = { entries: essentialOf(all), firm, key: keyOf(firm), through };
  kept.set(db, loaded);
  return loaded;
}

/** The firm's own minutes, lessons, shelf and prices change no pane's line. */
function keyOf({ house, calendar, stock, leadTests, profiles, compounds }: Firm): string {
  const of = (value: unknown): unknown => (value instanceof Map || value instanceof Set ? [...value] : value);
  return JSON.stringify([house, calendar, stock, leadTests, profiles, compounds], (_, value: unknown) => of(value));
}
