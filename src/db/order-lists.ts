import { and, asc, desc, eq, getTableColumns, ne, type SQL, sql } from "drizzle-orm";
import type { OrderPart } from "../core/order/order-part.ts";
import type { Database } from "./database.ts";
import { oncePer } from "./once-per.ts";
import { orders } from "./schema.ts";

/* Named with its tables: in a query of one table a column would stand without. */
const LINES = sql<number>`(select count(*) from order_lines where order_lines.order_id = orders.id and order_lines.state <> 'dropped')`;

export type OrderRow = typeof orders.$inferSelect & { readonly lines: number };

const STAGE_RANK = sql`case ${orders.stage} when 'open' then 0 when 'sent' then 1 when 'arrived' then 2 else 3 end`;

/** Of which part, on a day; and whose, null for everybody's. */
export type OrdersAsked = { readonly part: OrderPart; readonly supplier: string | null; readonly today: string };
const ALL_ORDERS: OrdersAsked = { part: "all", supplier: null, today: "" };

/** What was made again is waited for until its own day. */
const isLate = (today: string) =>
  sql`(${orders.stage} = 'sent' and coalesce(${orders.againDay}, ${orders.dueDay}) < ${today})`;

const inPart = (part: OrderPart, today: string): SQL | undefined => {
  switch (part) {
    case "all":
      return undefined;
    case "in-hand":
      return ne(orders.stage, "checked");
    case "late":
      return isLate(today);
    default:
      return eq(orders.stage, part);
  }
};

/** Open orders first, then by the newest; a page of them. Dropped lines do not count. */
export const listOrders = (
  db: Database,
  page: { readonly most: number; readonly from: number } = { most: 1000, from: 0 },
  asked: OrdersAsked = ALL_ORDERS,
): readonly OrderRow[] =>
  db
    .select({ ...getTableColumns(orders), lines: LINES })
    .from(orders)
    .where(
      and(inPart(asked.part, asked.today), asked.supplier === null ? undefined : eq(orders.supplier, asked.supplier)),
    )
    .orderBy(STAGE_RANK, desc(orders.openedAt), asc(orders.id))
    .limit(page.most)
    .offset(page.from)
    .all();

/** Orders that were not sent yet: what a pane can still be put on. */
export const openOrders = (db: Database): readonly OrderRow[] => stillOpen(db).all();

const stillOpen = oncePer((db) =>
  db
    .select({ ...getTableColumns(orders), lines: LINES })
    .from(orders)
    .where(eq(orders.stage, "open"))
    .orderBy(desc(orders.openedAt), asc(orders.id))
    .limit(200)
    .prepare(),
);

/** How many orders are in each part, of one supplier or of all. */
export function countOrders(db: Database, supplier: string | null, today: string): Readonly<Record<OrderPart, number>> {
  const rows = db
    .select({ stage: orders.stage, n: sql<number>`count(*)`, late: sql<number>`sum(${isLate(today)})` })
    .from(orders)
    .where(supplier === null ? undefined : eq(orders.supplier, supplier))
    .groupBy(orders.stage)
    .all();
  const at = (stage: string): number => rows.find((r) => r.stage === stage)?.n ?? 0;
  const all = rows.reduce((sum, r) => sum + r.n, 0);
  return {
    open: at("open"),
    sent: at("sent"),
    arrived: at("arrived"),
    checked: at("checked"),
    late: rows.reduce((sum, r) => sum + (r.late ?? 0), 0),
    "in-hand": all - at("checked"),
    all,
  };
}

/** Who was ever ordered from, by name. */
export const orderedFrom = (db: Database): readonly string[] =>
  db
    .selectDistinct({ supplier: orders.supplier })
    .from(orders)
    .orderBy(asc(orders.supplier))
    .all()
    .map((r) => r.supplier);
