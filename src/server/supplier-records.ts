import type { SupplierRecord } from "../core/pane/source-facts.ts";
import { readTape } from "../core/tape/read.ts";
import type { Written } from "../core/tape/written.ts";
import { dayOf } from "../core/units/day.ts";
import type { Database } from "../db/database.ts";
import { supplierRecords } from "../db/lists.ts";

/** What became of each supplier's orders so far. */
export const recordsOf = (db: Database): readonly SupplierRecord[] =>
  supplierRecords(db).map(({ measured, ...s }) => ({
    ...s,
    offMm: measured.flatMap((m) => [offOf(m.came.width, m.widthNm), offOf(m.came.height, m.heightNm)].flat()),
    gone: s.gone.map((g) => ({ sent: dayOf(g.sent), arrived: dayOf(g.arrived) })),
  }));

/** A side as it was measured less what was ordered, mm; nothing where it cannot be read. */
function offOf(came: Written, orderedNm: number): readonly number[] {
  const read = readTape(came.text, came.unit);
  return read.ok ? [(read.value.adjusted - orderedNm) / 1e6] : [];
}
