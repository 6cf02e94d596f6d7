import type { Firm } from "../firm/firm.ts";
import { leadOf } from "../order/lead.ts";
import type { MakesOf } from "../order/sources.ts";
import type { Day } from "../units/day.ts";
import { goneOf, type SupplierRecord } from "./source-facts.ts";

/**
 * The fewest working days of the suppliers who say that they make such a thing, by what their orders took; null where nobody
 * says so.
 * @example joiners of 25 and of 15 days, asked for sashes // 15
 */
export function quickestMaker(
  make: MakesOf,
  by: { readonly firm: Firm; readonly today: Day; readonly record: readonly SupplierRecord[] },
): number | null {
  const { firm, today, record } = by;
  const days = firm.suppliers
    .filter((s) => firm.terms.get(s.name)?.makes.includes(make))
    .map((s) => {
      const theirs = record.find((x) => x.name === s.name);
      return leadOf(s.leadDays, goneOf(theirs, make), firm.calendar, today).days;
    });
  return days.length === 0 ? null : Math.min(...days);
}
