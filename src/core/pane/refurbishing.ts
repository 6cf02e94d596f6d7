import { refurbishSteps } from "../refurbish/steps.ts";
import type { Step } from "../steps/step.ts";
import type { PaneBook } from "./book.ts";
import { openedUnit } from "./opened-unit.ts";
import { optionsFacts } from "./options-facts.ts";
import type { Reckoning } from "./reckoning.ts";

/** The unit is opened, dried and closed again. */
export const isRefurbished = (book: PaneBook): boolean =>
  book.before.option?.option === "refurbish" || book.before.refurbish.unit !== null;

/** The steps of opening and closing this unit; none where it is not refurbished. */
export function refurbishHere(book: PaneBook, r: Reckoning): readonly Step[] {
  if (!isRefurbished(book)) return [];
  const { size, needs } = openedUnit(book, r);
  return refurbishSteps({
    longestMm: size && Math.max(size.widthMm, size.heightMm),
    needs,
    coated: optionsFacts(book, r).coated === true,
    marks: book.before.refurbish.panes ?? { a: "", b: "" },
  });
}
