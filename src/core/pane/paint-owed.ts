import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";

/**
 * Set in something that is painted, and neither painted nor left to somebody else: the pane is not finished, whatever else is.
 * @example set in linseed {putty} yesterday // true
 * @example set in silicone // false
 */
export const paintOwed = (
  book: Pick<PaneBook, "set" | "painted" | "paintLeft">,
  r: Pick<Reckoning, "paint">,
): boolean => book.set !== null && book.painted === null && book.paintLeft === null && r.paint?.kind === "window";
