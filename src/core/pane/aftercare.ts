import { type AftercareLine, aftercareOf } from "../signoff/aftercare.ts";
import { addDays, dayOf } from "../units/day.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { readyFacts } from "./step-facts.ts";

/** What the customer of this pane does and leaves alone. */
export function aftercareHere(book: PaneBook, r: Reckoning): readonly AftercareLine[] {
  const f = readyFacts(book, r);
  const set = book.set ? dayOf(book.set.day) : null;
  const window = r.paint?.kind === "window" ? r.paint : null;
  return aftercareOf({
    sealed: f.sealed,
    toughened: f.toughened,
    coated: (book.makeup?.coatings.length ?? 0) > 0,
    bed: f.bed,
    opens: f.hinge !== "fixed",
    shutUntil:
      set === null || r.compound.handsOffHours === 0 ? null : addDays(set, Math.ceil(r.compound.handsOffHours / 24)),
    paintFrom: window?.from ?? null,
    paintBy: window?.closes ?? null,
    painted: book.painted !== null,
    cause: book.cause,
    drains: f.system.startsWith("plastic"),
  });
}
