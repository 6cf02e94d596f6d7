import type { System } from "../../src/core/frame/systems.ts";
import { foldPane, type PaneBook } from "../../src/core/pane/book.ts";
import { PANE, Teller } from "./told.ts";

/** The book of one pane, after what was told of it. @example toldPane((t) => t.read({ "width-top": "600" })) // with one reading */
export function toldPane(tell: (t: Teller) => unknown, system: System = "timber-putty"): PaneBook {
  const t = new Teller().added(PANE, system);
  tell(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return book;
}
