import type { SupplierRecord } from "../core/pane/source-facts.ts";
import { dayOf } from "../core/units/day.ts";
import type { Database } from "../db/database.ts";
import { recordOfSuppliers } from "../db/supplier-records.ts";

/** What became of each supplier's newest orders. */
export const recordsOf = (db: Database): readonly SupplierRecord[] =>
  recordOfSuppliers(db).map((s) => ({
    ...s,
    gone: s.gone.map((g) => ({ ...g, sent: dayOf(g.sent), arrived: dayOf(g.arrived) })),
  }));
