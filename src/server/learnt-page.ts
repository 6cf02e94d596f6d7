import { composeLearnt, type LearntPageData } from "../core/page/learnt-page.ts";
import { ordersGone, seenRows } from "../db/seen-rows.ts";
import { loadFirm } from "./firm.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

/** What the firm's own past says, for whoever looks. */
export function learntPage(who: string): { readonly data: LearntPageData; readonly currency: string } {
  const db = theDatabase();
  const { firm } = loadFirm(db);
  return {
    data: composeLearnt({ rows: seenRows(db), gone: ordersGone(db), firm, who, today: today() }),
    currency: firm.house.currency,
  };
}
