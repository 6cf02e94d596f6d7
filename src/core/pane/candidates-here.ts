import type { Firm } from "../firm/firm.ts";
import { proposedSource } from "../order/sources.ts";
import { type Candidate, candidatesFor } from "../specify/candidates.ts";
import type { Day } from "../units/day.ts";
import type { PaneBook } from "./book.ts";
import { candidateFacts } from "./candidates.ts";
import { glassPence } from "./glass-price.ts";
import type { Reckoning } from "./reckoning.ts";
import { type SupplierRecord, sourceFacts } from "./source-facts.ts";

type By = { readonly firm: Firm; readonly today: Day; readonly record: readonly SupplierRecord[] };

/**
 * The units to choose from, each at the price and in the days of whoever would be proposed to make it: what Specify says is
 * what Order and the quote say. Null where it is single glass, or nothing is sized.
 * @example 512 × 874, and the unit maker's list has it coated with argon at 50.69 // that column says 50.69
 */
export function candidatesHere(
  book: PaneBook,
  r: Reckoning,
  by: By,
  safetyKind: "toughened" | "laminated",
): readonly Candidate[] | null {
  const facts = candidateFacts(book, r, safetyKind);
  return (
    facts &&
    candidatesFor(facts).map((c) => {
      const chosen = { ...book, makeup: c.makeup };
      const asked = sourceFacts(chosen, r, by);
      const best = asked ? proposedSource(asked) : undefined;
      return { ...c, pence: glassPence(chosen, r, best), days: best?.supplier ? best.leadDays : c.days };
    })
  );
}
