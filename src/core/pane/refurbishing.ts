import { refurbishSteps } from "../refurbish/steps.ts";
import type { Step } from "../steps/step.ts";
import { toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { optionsFacts } from "./options-facts.ts";
import type { Reckoning } from "./reckoning.ts";

/** The unit is opened, dried and closed again. */
export const isRefurbished = (book: PaneBook): boolean =>
  book.before.option?.option === "refurbish" || book.before.refurbish.unit !== null;

/** The steps of opening and closing this unit; none where it is not refurbished. */
export function refurbishHere(book: PaneBook, r: Reckoning): readonly Step[] {
  if (!isRefurbished(book)) return [];
  const glass = r.cut.ok ? r.cut.value.glass : null;
  return refurbishSteps({
    longestMm: glass && Math.max(toMm(glass.width), toMm(glass.height)),
    coated: optionsFacts(book, r).coated === true,
    marks: book.before.refurbish.panes ?? { a: "", b: "" },
  });
}
