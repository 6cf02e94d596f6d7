import type { Entry } from "../core/log/kinds.ts";
import type { SupplierRecord } from "../core/pane/source-facts.ts";
import { logThrough } from "../db/entry-log.ts";
import { loadFirm } from "./firm.ts";
import { recordsOf } from "./supplier-records.ts";
import { theDatabase } from "./the-database.ts";

export type HousePageData = {
  readonly entries: readonly Entry[];
  readonly through: number;
  readonly records: readonly SupplierRecord[];
};

export function housePage(): HousePageData {
  const db = theDatabase();
  return { entries: loadFirm(db).entries, through: logThrough(db), records: recordsOf(db) };
}
