import type { StockInsert } from "../house/stock.ts";
import type { Hinge } from "../measure/found.ts";
import { WAY_FACTS, type Way } from "../measure/ways.ts";
import type { LineWhole, Whole, WholeSize } from "../specify/whole.ts";
import type { PaneBook } from "./book.ts";
import { hingeOf } from "./hangs.ts";

/** What is made whole here, with its glass in it, in the place of a pane; null where it is a pane. */
export const wholeOf = (book: Pick<PaneBook, "way">): Whole | null => WAY_FACTS[book.way].whole;

const SIZE_OF: Readonly<Partial<Record<Way, WholeSize>>> = { "insert-inside": "inside", "window-hole": "hole" };

/** Left and right of what is seen from the other side. */
const FROM_THE_OTHER_SIDE: Readonly<Partial<Record<Hinge, Hinge>>> = { left: "right", right: "left" };

/**
 * What is ordered whole, as it would stand on its order now; null where a pane is ordered. It hangs as it is seen from outside,
 * from whichever side the pane of it goes in.
 * @example a pane set from the room, hinges at the left there // hangs "right"
 */
export function wholeHere(book: PaneBook, r: { readonly insert: StockInsert | null }): LineWhole | null {
  const what = wholeOf(book);
  if (what === null) return null;
  const hinge = hingeOf(book);
  const hangs = book.added.side === "inside" ? (FROM_THE_OTHER_SIDE[hinge] ?? hinge) : hinge;
  return {
    what,
    family: r.insert?.family ?? "",
    over: SIZE_OF[book.way] ?? "outside",
    safety: book.insertSafe,
    ...(what !== "insert" && hangs !== "not-said" ? { hangs } : {}),
  };
}
