import type { PaintWindow } from "../finish/paint-window.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";

type Told = Pick<PaneBook, "set" | "painted" | "paintLeft">;

/** The days between which it is still to be painted; null where nothing is owed. */
export const owedPaint = (book: Told, r: Pick<Reckoning, "paint">): Extract<PaintWindow, { kind: "window" }> | null =>
  book.set !== null && book.painted === null && book.paintLeft === null && r.paint?.kind === "window" ? r.paint : null;

/**
 * Set in something that is painted, and neither painted nor left to somebody else: the pane is not finished, whatever else is.
 * @example set in linseed {putty} yesterday // true
 * @example set in silicone // false
 */
export const paintOwed = (book: Told, r: Pick<Reckoning, "paint">): boolean => owedPaint(book, r) !== null;
