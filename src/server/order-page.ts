import type { Firm } from "../core/firm/firm.ts";
import type { Entry } from "../core/log/kinds.ts";
import { readLog } from "../core/log/standing-entries.ts";
import { type OrderPart, orderPartOf } from "../core/order/order-part.ts";
import { foldBefore } from "../core/pane/before-book.ts";
import { foldOrder, type OrderBook, orderStage } from "../core/pane/order-book.ts";
import { day, writeDay } from "../core/units/day.ts";
import type { Database } from "../db/database.ts";
import { entriesOfOrder, entriesOfPane, logThrough } from "../db/entry-log.ts";
import { countOrders, listOrders, type OrderRow, orderedFrom } from "../db/order-lists.ts";
import { loadFirm } from "./firm.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

export type OrderPageData = {
  readonly id: string;
  readonly entries: readonly Entry[];
  readonly firmEntries: readonly Entry[];
  readonly through: number;
  readonly today: number;
  /** Photos of neighbours to match, by pane. */
  readonly photos: Readonly<Record<string, readonly string[]>>;
};

export function orderPage(id: string): OrderPageData | null {
  const db = theDatabase();
  const entries = entriesOfOrder(db, id);
  const order = foldOrder(id, readLog(entries));
  if (!order) return null;
  return {
    id,
    entries,
    firmEntries: loadFirm(db).entries,
    through: logThrough(db),
    today: today(),
    photos: photosFor(db, order),
  };
}

/** Photos that a pane's glass must match, taken when it was specified. */
function photosFor(db: Database, order: OrderBook): Readonly<Record<string, readonly string[]>> {
  return Object.fromEntries(
    order.lines.map((l) => [
      l.pane,
      foldBefore(readLog(entriesOfPane(db, l.pane)).standing.filter((e) => e.about.pane === l.pane))
        .photos.filter((p) => p.of === "neighbour")
        .map((p) => p.photo),
    ]),
  );
}

export type OrderSheet = {
  readonly order: OrderBook;
  readonly stage: ReturnType<typeof orderStage>;
  readonly firm: Firm;
};

/** One order as it stands, for the printed sheet and for the files. */
export function orderSheet(id: string): OrderSheet | null {
  const db = theDatabase();
  const order = foldOrder(id, readLog(entriesOfOrder(db, id)));
  return order ? { order, stage: orderStage(order), firm: loadFirm(db).firm } : null;
}

/** Orders that a page of them shows. */
const ORDERS_AT_ONCE = 60;

export type OrdersPage = {
  readonly orders: readonly OrderRow[];
  readonly part: OrderPart;
  readonly counts: Readonly<Record<OrderPart, number>>;
  /** Whose orders are shown; null for everybody's. */
  readonly supplier: string | null;
  readonly suppliers: readonly string[];
  readonly count: number;
  /** Pages are counted from 1. */
  readonly page: number;
  readonly pages: number;
  readonly today: number;
};

export function ordersPage(asked: URLSearchParams): OrdersPage {
  const db = theDatabase();
  const suppliers = orderedFrom(db);
  const supplier = suppliers.find((s) => s === asked.get("supplier")) ?? null;
  const part = orderPartOf(asked.get("part"));
  const now = writeDay(day(today()));
  const counts = countOrders(db, supplier, now);
  const count = counts[part];
  const pages = Math.max(1, Math.ceil(count / ORDERS_AT_ONCE));
  const page = Math.min(pages, Math.max(1, Math.floor(Number(asked.get("page"))) || 1));
  return {
    orders: listOrders(db, { most: ORDERS_AT_ONCE, from: (page - 1) * ORDERS_AT_ONCE }, { part, supplier, today: now }),
    part,
    counts,
    supplier,
    suppliers,
    count,
    page,
    pages,
    today: today(),
  };
}
