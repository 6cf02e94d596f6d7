import { frameOf } from "../frame/systems.ts";
import { type AftercareLine, aftercareOf } from "../signoff/aftercare.ts";
import type { StepId } from "../steps/step-id.ts";
import type { Day } from "../units/day.ts";
import { type PaneBook, stepKey } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { shutUntil } from "./shut.ts";
import { readyFacts } from "./step-facts.ts";

/** With this step film and stickers come off. */
const CLEANED: StepId = "clean";

/** What the customer of this pane does and leaves alone, from today on. */
export function aftercareHere(book: PaneBook, r: Reckoning, today?: Day): readonly AftercareLine[] {
  const f = readyFacts(book, r);
  const shut = shutUntil(book, r);
  const window = r.paint?.kind === "window" ? r.paint : null;
  return aftercareOf({
    sealed: f.sealed,
    toughened: f.toughened,
    coated: (book.makeup?.coatings.length ?? 0) > 0,
    bed: f.bed,
    opens: f.hinge !== "fixed",
    // Once the day is past there is nothing left to keep shut.
    shutUntil: shut !== null && today !== undefined && shut < today ? null : shut,
    paintFrom: window?.from ?? null,
    paintBy: window?.closes ?? null,
    painted: book.painted !== null,
    cause: book.cause,
    drains: frameOf(f.system).drains(f.detail),
    stickers:
      !f.oldGlassBack &&
      f.bed !== "putty" &&
      !book.signed &&
      book.steps.get(stepKey("finish", CLEANED))?.state !== "done",
  });
}
