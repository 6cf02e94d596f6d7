import { type InspectionItem, inspectionOf } from "../signoff/inspection.ts";
import type { Template } from "../text/template.ts";
import type { Day } from "../units/day.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { stillShut } from "./shut.ts";
import { readyFacts } from "./step-facts.ts";

const STAMPS: Readonly<Record<string, Template>> = { toughened: "{toughened}", laminated: "laminated" };

/** What is looked at before this pane is signed off: by its frame, its glass, and by what was said and seen of it. */
export const inspectionHere = (book: PaneBook, r: Reckoning, today?: Day): readonly InspectionItem[] =>
  inspectionOf({
    ...readyFacts(book, r),
    minds: book.before.wants?.minds ?? "",
    stamp: STAMPS[book.before.exam.stamp ?? "none"] ?? "",
    coated: (book.makeup?.coatings.length ?? 0) > 0,
    paints: r.compound.leastDays !== null,
    cures: r.compound.handsOffHours > 0,
    painted: book.painted !== null,
    staysShut: today !== undefined && stillShut(book, r, today) !== null,
  });
