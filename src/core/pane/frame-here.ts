import type { Detail } from "../frame/detail.ts";
import type { System } from "../frame/systems.ts";
import { detailOf } from "../frame/told-detail.ts";
import type { PaneBook } from "./book.ts";

/** The frame of this pane, as its predicates ask it: its system, and its details as said or usual. */
export const likeOf = (
  book: Pick<PaneBook, "added" | "before">,
): { readonly system: System; readonly detail: Detail } => ({
  system: book.added.system,
  detail: detailOf(book.added.system, book.before.detail),
});
