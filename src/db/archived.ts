import { and, asc, eq, gt, inArray, isNull, or } from "drizzle-orm";
import type { Database } from "./database.ts";
import { ordersOfPanes, panesAddedTo } from "./entry-log.ts";
import { entries } from "./schema.ts";

/** An entry as it goes into an archive: as it is stored, whatever this version makes of it. */
export type ArchivedEntry = {
  readonly id: string;
  readonly at: string;
  readonly who: string;
  readonly about: { readonly round?: string; readonly pane?: string; readonly order?: string };
  readonly kind: string;
  readonly payload: unknown;
  readonly clock?: string;
  readonly seen?: unknown;
  readonly v?: number;
};

const AT_ONCE = 2000;

/**
 * Entries in the order in which they were stored, some at a time: all of them, or those of one round with its panes and what
 * its orders say of these panes. Of a round by itself nothing of the firm's own goes along, nor any other round's pane.
 */
export function* archivedEntries(db: Database, round: string | null): Generator<readonly ArchivedEntry[]> {
  const panes = round === null ? [] : [...panesAddedTo(db, round)];
  const orders = round === null ? [] : [...ordersOfPanes(db, panes)];
  const own =
    round === null
      ? undefined
      : or(
          and(eq(entries.round, round), isNull(entries.pane)),
          inArray(entries.pane, panes),
          and(inArray(entries.order, orders), isNull(entries.pane)),
        );
  let after = 0;
  for (;;) {
    const rows = db
      .select()
      .from(entries)
      .where(and(gt(entries.seq, after), own))
      .orderBy(asc(entries.seq))
      .limit(AT_ONCE)
      .all();
    if (rows.length === 0) return;
    after = rows.at(-1)?.seq ?? after;
    yield rows.map(archived);
  }
}

const archived = (row: typeof entries.$inferSelect): ArchivedEntry => ({
  id: row.id,
  at: row.at,
  who: row.who,
  about: {
    ...(row.round !== null && { round: row.round }),
    ...(row.pane !== null && { pane: row.pane }),
    ...(row.order !== null && { order: row.order }),
  },
  kind: row.kind,
  payload: parsed(row.payload),
  ...(row.clock !== null && { clock: row.clock }),
  ...(row.seen !== null && { seen: parsed(row.seen) }),
  ...(row.v !== null && { v: row.v }),
});

/** What is damaged goes along as it stands. */
function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return text;
  }
}
