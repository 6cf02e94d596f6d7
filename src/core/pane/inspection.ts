import { type InspectionItem, inspectionOf } from "../signoff/inspection.ts";
import type { PaneBook } from "./book.ts";

const STAMPS: Readonly<Record<string, string>> = { toughened: "{toughened}", laminated: "laminated" };

/** What is looked at before this pane is signed off: by its system, and by what was said and seen of it. */
export const inspectionHere = (book: PaneBook): readonly InspectionItem[] =>
  inspectionOf(book.added.system, {
    minds: book.before.wants?.minds ?? "",
    stamp: STAMPS[book.before.exam.stamp ?? "none"] ?? "",
  });
