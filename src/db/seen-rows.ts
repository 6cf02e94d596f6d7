import { isNotNull, sql } from "drizzle-orm";
import type { PaneSeen } from "../core/learn/seen.ts";
import type { MakesOf } from "../core/order/sources.ts";
import type { Running } from "./database.ts";
import { orders, panes } from "./schema.ts";
import { KINDS_ON_ORDER, slowestOf } from "./supplier-records.ts";

/** A pane that tells something of the firm's own errors. */
export type SeenRow = {
  readonly pane: string;
  readonly round: string;
  readonly address: string;
  readonly opening: string;
  readonly light: string;
  readonly seen: PaneSeen;
};

export const seenRows = (db: Running): readonly SeenRow[] =>
  db
    .select({
      pane: panes.id,
      round: panes.round,
      address: panes.address,
      opening: panes.opening,
      light: panes.light,
      seen: panes.seen,
    })
    .from(panes)
    .where(sql`${panes.seen} <> 'null'`)
    .all()
    .map((r) => ({ ...r, seen: r.seen as PaneSeen }));

/** Orders that were sent and came, with the day that was promised. Days are `yyyy-mm-dd`. */
export const ordersGone = (
  db: Running,
): readonly {
  readonly supplier: string;
  readonly sent: string;
  readonly due: string;
  readonly arrived: string;
  readonly of: MakesOf;
}[] =>
  db
    .select({
      supplier: orders.supplier,
      sent: orders.sentDay,
      due: orders.dueDay,
      arrived: orders.arrivedDay,
      kinds: KINDS_ON_ORDER,
    })
    .from(orders)
    .where(isNotNull(orders.arrivedDay))
    .all()
    .flatMap(({ supplier, sent, due, arrived, kinds }) =>
      sent && due && arrived ? [{ supplier, sent, due, arrived, of: slowestOf(kinds) }] : [],
    );
