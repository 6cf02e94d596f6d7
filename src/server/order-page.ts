import type { Entry } from "../core/log/kinds.ts";
import { readLog } from "../core/log/standing-entries.ts";
import { foldOrder, type OrderBook, orderStage } from "../core/pane/order-book.ts";
import type { Firm } from "../core/round/book.ts";
import { entriesOfOrder, logEnd } from "../db/entry-log.ts";
import { listOrders, type OrderRow } from "../db/lists.ts";
import { loadFirm } from "./firm.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

export type OrderPageData = {
  readonly id: string;
  readonly entries: readonly Entry[];
  readonly firmEntries: readonly Entry[];
  readonly through: number;
  readonly today: number;
};

export function orderPage(id: string): OrderPageData | null {
  const db = theDatabase();
  const entries = entriesOfOrder(db, id);
  if (!foldOrder(id, readLog(entries))) return null;
  return { id, entries, firmEntries: loadFirm(db).entries, through: logEnd(db).through, today: today() };
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

export const ordersPage = (): { readonly orders: readonly OrderRow[]; readonly today: number } => ({
  orders: listOrders(theDatabase()),
  today: today(),
});
