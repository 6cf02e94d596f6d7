import { readsWhole } from "../measure/ways.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";

/**
 * Whether only a template tells what is cut: a curve that is no part of a circle, by eye or by its readings; a raking side or an
 * arch of which the old pane alone was read, edge to edge. What is made whole is told by its maker.
 */
export const needsTemplate = (
  book: Pick<PaneBook, "shape" | "way">,
  r: Pick<Reckoning, "opening" | "shaped" | "arch">,
): boolean =>
  !readsWhole(book.way) &&
  (book.shape === "odd" ||
    (r.shaped === null &&
      (((book.shape === "raked" || book.shape === "arched") && r.opening.copied !== null) ||
        (r.arch !== null && !r.arch.ok && r.arch.error.kind !== "not-read"))));
