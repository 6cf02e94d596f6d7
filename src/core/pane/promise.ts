import type { Firm } from "../firm/firm.ts";
import { chanceLeft, leadOf, workingDaysBetween } from "../order/lead.ts";
import { LINE_STATE_FACTS } from "../order/line-state.ts";
import { type MakesOf, makesOfLine, proposedSource } from "../order/sources.ts";
import { addDays, type Day, dayOf } from "../units/day.ts";
import type { PaneBook } from "./book.ts";
import { type CountedOn, neededBy } from "./needed-by.ts";
import { oldGlassBack } from "./old-glass.ts";
import { labelOf } from "./order-line.ts";
import type { Reckoning } from "./reckoning.ts";
import { shutUntil } from "./shut.ts";
import { goneOf, needsOf, type SupplierRecord, sourceFacts } from "./source-facts.ts";
import { isHere } from "./stands.ts";
import { isToBeCut } from "./to-be-cut.ts";

/** What a promise rests on, as it stands today. */
export type RestsOn =
  /** It is in; what it is set in keeps it shut until a day, or nothing does. */
  | { readonly kind: "set"; readonly until: Day | null }
  | { readonly kind: "here" }
  /** Not cut yet; the firm's own rack has what it is cut from. */
  | { readonly kind: "rack" }
  | { readonly kind: "glass"; readonly supplier: string; readonly orders: number; readonly due: Day }
  | { readonly kind: "not-ordered"; readonly supplier: string; readonly orders: number }
  /** Nobody is known to make it, or nothing is sized. */
  | { readonly kind: "nobody" };

/** A day that somebody counts on, and the chance that it is kept. */
export type CountedPromise = {
  readonly pane: string;
  readonly where: string;
  readonly day: Day;
  readonly asked: CountedOn;
  /** The last day on which it can be fitted, what it is set in reckoned with. */
  readonly fitBy: Day;
  /** When the plan has it fitted. */
  readonly planned: Day | null;
  readonly restsOn: RestsOn;
  /** That glass which is not here yet is right when it comes; 1 where it is here. */
  readonly right: number;
  /** That it is kept as the plan stands; null where nobody can say. */
  readonly chance: number | null;
};

export type PromiseFrom = {
  readonly firm: Firm;
  readonly today: Day;
  readonly record: readonly SupplierRecord[];
};

/** Of twenty panes one goes back, as a rule; that word is worth twenty panes of whoever sends them. */
const GOES_BACK = { one: 1, of: 20 };

/**
 * The day promised for a pane and the chance that it is kept: by what its supplier's orders took, how much of theirs went
 * back, what cures before it may be used, and where the plan has it. Null where nobody counts on a day.
 * @example glass on a word of 8 days sent today, wanted in 8 working days, nothing on record // 0.80 × 0.95 = 0.76
 */
export function promiseOf(book: PaneBook, r: Reckoning, from: PromiseFrom): CountedPromise | null {
  const needed = neededBy(book, r, from.firm.calendar);
  if (needed === null) return null;
  const { day, asked, fitBy } = needed;
  const placed = book.visits.get("fit");
  const planned = placed && dayOf(placed.day) >= from.today ? dayOf(placed.day) : null;
  const common = { pane: book.id, where: labelOf(book), day, asked, fitBy, planned };
  if (book.set) {
    const until = shutUntil(book, r);
    const kept = (asked === "wanted" ? (until ?? dayOf(book.set.day)) : dayOf(book.set.day)) <= day;
    return { ...common, restsOn: { kind: "set", until }, right: 1, chance: kept ? 1 : 0 };
  }
  const { restsOn, right, comes } = glassBy(book, r, from, planned ?? fitBy);
  const tooLate = fitBy < from.today || (planned !== null && planned > fitBy);
  return { ...common, restsOn, right, chance: tooLate ? 0 : comes === null ? null : comes * right };
}

type Glass = { readonly restsOn: RestsOn; readonly right: number; readonly comes: number | null };

/** The chance that there is glass to fit by a day, and that it is right. */
function glassBy(book: PaneBook, r: Reckoning, from: PromiseFrom, by: Day): Glass {
  const { firm, today, record } = from;
  if (isHere(book) || oldGlassBack(book)) return { restsOn: { kind: "here" }, right: 1, comes: 1 };
  const recordOf = (supplier: string) => record.find((x) => x.name === supplier);
  const right = (supplier: string): number => {
    const { panes = 0, sentBack = 0 } = recordOf(supplier) ?? {};
    return 1 - (sentBack + GOES_BACK.one) / (panes + GOES_BACK.of);
  };
  const lead = (supplier: string, says: number, make: MakesOf) =>
    leadOf(says, goneOf(recordOf(supplier), make), firm.calendar, today);
  const working = (a: Day, b: Day): number => workingDaysBetween(a, b, firm.calendar);
  const line = book.line?.line;
  const sent = book.line?.order.sent;
  if (book.line && line?.state === "arrived")
    return { restsOn: { kind: "here" }, right: right(book.line.order.supplier), comes: 1 };
  if (book.line && line?.due && sent && LINE_STATE_FACTS[line.state].coming) {
    const { supplier } = book.line.order;
    const due = dayOf(line.due);
    const start = dayOf(sent.day);
    const l = lead(supplier, working(start, due), makesOfLine(line));
    return {
      restsOn: { kind: "glass", supplier, orders: l.orders, due },
      right: right(supplier),
      comes: chanceLeft(l, working(start, addDays(today, -1)), working(start, by)),
    };
  }
  if (isToBeCut(book, r)) return { restsOn: { kind: "rack" }, right: 1, comes: 1 };
  const facts = sourceFacts(book, r, from);
  const best = facts ? proposedSource(facts) : undefined;
  if (!best) return { restsOn: { kind: "nobody" }, right: 1, comes: null };
  if (best.supplier === null) return { restsOn: { kind: "rack" }, right: 1, comes: 1 };
  const says = firm.suppliers.find((s) => s.name === best.supplier)?.leadDays ?? best.leadDays;
  const l = lead(best.supplier, says, needsOf(book, r));
  return {
    restsOn: { kind: "not-ordered", supplier: best.supplier, orders: l.orders },
    right: right(best.supplier),
    comes: chanceLeft(l, 0, working(today, by)),
  };
}
