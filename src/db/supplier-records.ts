import { and, count, desc, eq, isNotNull, or, sql, sum } from "drizzle-orm";
import type { LineState } from "../core/order/line-state.ts";
import { MAKES_OF, type MakesOf } from "../core/order/sources.ts";
import type { Running } from "./database.ts";
import { orderLines, orders, supplierRecords } from "./schema.ts";

/** What became of one supplier's orders. Days are `yyyy-mm-dd`; sizes mm. */
export type KeptRecord = {
  readonly name: string;
  /** The newest orders that were sent and came. */
  readonly gone: readonly { readonly sent: string; readonly arrived: string; readonly of: MakesOf }[];
  /** Panes that were checked in, and how many of them went back. */
  readonly panes: number;
  readonly sentBack: number;
  /** Sides of the newest panes as measured less what was ordered. */
  readonly offMm: readonly number[];
};

/** Older orders say little about a supplier's ways today, and a page must carry them. */
const MOST_ORDERS = 60;
const MOST_PANES = 100;
/** States of a line whose pane came and was looked at. */
const CAME: ReadonlySet<string> = new Set<LineState>(["accepted", "accepted-with-note", "sent-back", "broke"]);

/* Named with its tables: in a query of one table a column would stand without. */
export const KINDS_ON_ORDER = sql<
  string | null
>`(select group_concat(distinct order_lines.needs) from order_lines where order_lines.order_id = orders.id and order_lines.state <> 'dropped')`;

/** An order comes when the slowest of what is on it is made. */
export const slowestOf = (kinds: string | null): MakesOf =>
  MAKES_OF.findLast((make) => (kinds ?? "").split(",").includes(make)) ?? "single";

/** Makes one supplier's record anew from the tables of orders. */
export function keepRecord(db: Running, name: string): void {
  const any = db.select({ id: orders.id }).from(orders).where(eq(orders.supplier, name)).limit(1).get();
  if (!any) {
    db.delete(supplierRecords).where(eq(supplierRecords.name, name)).run();
    return;
  }
  const gone = db
    .select({ sent: orders.sentDay, arrived: orders.arrivedDay, of: KINDS_ON_ORDER })
    .from(orders)
    .where(and(eq(orders.supplier, name), isNotNull(orders.sentDay), isNotNull(orders.arrivedDay)))
    .orderBy(desc(orders.openedAt), desc(orders.id))
    .limit(MOST_ORDERS)
    .all();
  const checked = db
    .select({ state: orderLines.state, n: count(), back: sum(orderLines.wentBack).mapWith(Number) })
    .from(orderLines)
    .innerJoin(orders, eq(orders.id, orderLines.order))
    .where(eq(orders.supplier, name))
    .groupBy(orderLines.state)
    .all();
  const measured = db
    .select({ width: orderLines.offWidthMm, height: orderLines.offHeightMm })
    .from(orderLines)
    .innerJoin(orders, eq(orders.id, orderLines.order))
    .where(and(eq(orders.supplier, name), or(isNotNull(orderLines.offWidthMm), isNotNull(orderLines.offHeightMm))))
    .orderBy(desc(orders.openedAt), desc(orders.id), desc(orderLines.entry))
    .limit(MOST_PANES)
    .all();
  const record: KeptRecord = {
    name,
    gone: gone
      .toReversed()
      .flatMap((g) => (g.sent && g.arrived ? [{ sent: g.sent, arrived: g.arrived, of: slowestOf(g.of) }] : [])),
    // What was made again came twice, and the first of the two went back.
    panes: checked.reduce((n, c) => n + (CAME.has(c.state) ? c.n : 0) + c.back, 0),
    sentBack: checked.reduce((n, c) => n + (c.state === "sent-back" ? c.n : 0) + c.back, 0),
    offMm: measured.toReversed().flatMap((m) => [m.width, m.height].flatMap((off) => off ?? [])),
  };
  db.insert(supplierRecords)
    .values({ name, record })
    .onConflictDoUpdate({ target: supplierRecords.name, set: { record } })
    .run();
}

export const recordOfSuppliers = (db: Running): readonly KeptRecord[] =>
  db
    .select()
    .from(supplierRecords)
    .orderBy(supplierRecords.name)
    .all()
    .map((r) => r.record as KeptRecord);
