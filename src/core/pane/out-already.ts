import type { Step } from "../steps/step.ts";
import { type PaneBook, stepKey } from "./book.ts";
import { mayStay, oldGlassBack, staysIn } from "./old-glass.ts";

/** Why the steps of taking out are left out, where nobody ticked them while it was done. */
export const OUT_ALREADY = "out before its steps were ticked";

/**
 * Readings said to be from the cleared rebate, and not one step of taking out ticked: whoever read it has it out already. The
 * steps that may be left out by one word; none where the glass stands or may stay, or some of them were ticked.
 * @example read from the cleared rebate, nothing ticked // every step of Take out
 */
export function outAlready(book: PaneBook, takeout: readonly Step[]): readonly Step[] {
  if (book.circumstance !== "cleared" || book.way !== "rebate" || oldGlassBack(book) || mayStay(book)) return [];
  return takeout.some((s) => book.steps.has(stepKey("takeout", s.id))) ? [] : takeout;
}

/**
 * Taking out was begun and is not done, and somebody stands at a later station: the steps that are open. None where nobody ticks
 * them at all, where the glass stays in, or once the new one is set.
 * @example six of twelve ticked, the old unit still standing in its frame // the other six
 */
export function stillIn(book: PaneBook, takeout: readonly Step[]): readonly Step[] {
  if (book.set !== null || staysIn(book) || mayStay(book)) return [];
  const open = takeout.filter((s) => !book.steps.has(stepKey("takeout", s.id)));
  return open.length < takeout.length ? open : [];
}
