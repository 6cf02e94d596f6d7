import { essentialOf } from "../core/firm/essential.ts";
import type { Firm } from "../core/firm/firm.ts";
import { foldFirm } from "../core/firm/fold-firm.ts";
import type { Entry } from "../core/log/kinds.ts";
import { addDays, writeDay } from "../core/units/day.ts";
import type { Database } from "../db/database.ts";
import { entriesOfFirm, firmThrough } from "../db/entry-log.ts";
import { today } from "./today.ts";

export type LoadedFirm = {
  /** The entries that what is true of the firm follows from: what a page carries. */
  readonly entries: readonly Entry[];
  readonly firm: Firm;
  /** Changes whenever something changes that a pane's line on the round follows from. */
  readonly key: string;
};

/** Weather of before a winter and a summer ago dries nothing any more. */
const HISTORY_DAYS = 400;

type Kept = LoadedFirm & { readonly through: number; readonly since: string };
const kept = new WeakMap<Database, Kept>();

/** The firm as it stands: folded anew only where an entry about it was stored since, by this server or another. */
export function loadFirm(db: Database): LoadedFirm {
  const since = writeDay(addDays(today(), -HISTORY_DAYS));
  const through = firmThrough(db);
  const before = kept.get(db);
  if (before?.through === through && before.since === since) return before;
  const all = entriesOfFirm(db);
  const firm = foldFirm(all);
  const loaded: Kept = { entries: essentialOf(all, since), firm, key: keyOf(firm), through, since };
  kept.set(db, loaded);
  return loaded;
}

/** The firm's own minutes, lessons, shelf and prices change no pane's line. */
function keyOf({ house, ofPeople, calendar, stock, leadTests, profiles, compounds }: Firm): string {
  const plain = (value: unknown): unknown => (value instanceof Map || value instanceof Set ? [...value] : value);
  return JSON.stringify([house, ofPeople, calendar, stock, leadTests, profiles, compounds], (_, value: unknown) =>
    plain(value),
  );
}
