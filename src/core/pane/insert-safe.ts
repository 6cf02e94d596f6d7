import type { PaneBook } from "./book.ts";
import type { Stands } from "./stands.ts";

/** Safety glass is in a door's insert: by the line it stands on, or while it stands on none by what was chosen. */
export const insertIsSafe = (book: Pick<PaneBook, "insertSafe">, stands: Pick<Stands, "line">): boolean =>
  (stands.line ? stands.line.whole?.safety : book.insertSafe) === true;
