import type { SupplierRecord } from "../core/pane/source-facts.ts";
import { dayOf } from "../core/units/day.ts";
import type { Database } from "../db/database.ts";
import { supplierRecords } from "../db/lists.ts";

/** What became of each supplier's orders so far. */
export const recordsOf = (db: Database): readonly SupplierRecord[] =>
  supplierRecords(db).map((s) => ({
    ...s,
    gone: s.gone.map((g) => ({ sent: dayOf(g.sent), arrived: dayOf(g.arrived) })),
  }));
