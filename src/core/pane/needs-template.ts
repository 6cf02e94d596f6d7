import { readsWhole } from "../measure/ways.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";

/**
 * Whether only a template tells what is cut: an arch or a curve; a raking side of which the old pane alone was read, edge to
 * edge. What is made whole is told by its maker.
 */
export const needsTemplate = (
  book: Pick<PaneBook, "shape" | "way">,
  r: Pick<Reckoning, "opening" | "shaped">,
): boolean =>
  !readsWhole(book.way) &&
  (book.shape === "odd" || (book.shape === "raked" && r.shaped === null && r.opening.copied !== null));
