import type { VisitPart } from "../plan/visit-part.ts";
import { toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { labelOf } from "./order-line.ts";
import type { Reckoning } from "./reckoning.ts";

/** Larger glass than this is not carried in wind. Trade practice: a large pane is a sail from a fresh breeze on. */
const SAIL_M2 = 1;
const SAIL_WIND_MS = 8;

export const visitId = (pane: string, part: VisitPart): string => `${pane}/${part}`;

/** What every visit of a pane has, whatever it is for. */
export const common = (book: PaneBook, r: Reckoning, part: VisitPart) => {
  const glass = r.stands.size ?? (r.cut.ok ? r.cut.value.glass : null);
  const m2 = glass ? (toMm(glass.width) * toMm(glass.height)) / 1e6 : 0;
  return {
    id: visitId(book.id, part),
    pane: book.id,
    part,
    where: labelOf(book),
    place: book.added.address,
    skill: null,
    outside: part !== "open" && part !== "read" && part !== "cut",
    mostWindMs: (part === "fit" || part === "take-out" || part === "ready") && m2 >= SAIL_M2 ? SAIL_WIND_MS : null,
    between: null,
    noDate: false,
  };
};
