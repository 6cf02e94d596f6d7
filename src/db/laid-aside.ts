import { eq, sql } from "drizzle-orm";
import type { Running } from "./database.ts";
import { panes, panesAside } from "./schema.ts";

/* A round that is struck may be brought back, and a thousand panes folded again would hold everybody up: their rows are laid aside as they are. */

/** Lays a round's rows aside; they are still in the list of panes after it. */
export function layAside(db: Running, round: string): void {
  db.delete(panesAside).where(eq(panesAside.round, round)).run();
  db.insert(panesAside)
    .select(db.select().from(panes).where(eq(panes.round, round)))
    .run();
}

/** The newest place in the log that has to do with a pane laid aside, as `paneLog` says it. */
const THROUGH = sql`max(
  coalesce((SELECT max(seq) FROM entries WHERE pane = panes_aside.id), 0),
  coalesce((
    SELECT max((SELECT max(seq) FROM entries WHERE order_id = on_order.order_id))
    FROM (SELECT DISTINCT order_id FROM entries WHERE pane = panes_aside.id AND order_id IS NOT NULL) AS on_order
  ), 0)
)`;

/**
 * Brings back the rows of a round that nothing was written about since they were laid aside, and answers with their panes.
 * The others are forgotten here, and must be folded again.
 */
export function takeBack(db: Running, round: string): readonly string[] {
  const asTheyWere = sql`${panesAside.round} = ${round} AND ${panesAside.through} = ${THROUGH}`;
  const back = db
    .insert(panes)
    .select(db.select().from(panesAside).where(asTheyWere))
    .returning({ id: panes.id })
    .all()
    .map((p) => p.id);
  db.delete(panesAside).where(eq(panesAside.round, round)).run();
  return back;
}

/** Forgets what is laid aside, of every round: whatever it says was made from entries that may read otherwise now. */
export const forgetAside = (db: Running): void => void db.delete(panesAside).run();
