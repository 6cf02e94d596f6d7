import { VISIT_PART_FACTS, type VisitPart } from "../plan/visit-part.ts";
import { toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { isFromLadder } from "./from-ladder.ts";
import { licencesFor } from "./licences-here.ts";
import { labelOf } from "./order-line.ts";
import type { Reckoning } from "./reckoning.ts";
import type { Work } from "./visit-work.ts";

export const visitId = (pane: string, part: VisitPart): string => `${pane}/${part}`;

/** What every visit of a pane has, whatever it is for. */
export const common = (book: PaneBook, r: Reckoning, part: VisitPart, work: Work) => {
  const glass = r.stands.size ?? (r.cut.ok ? r.cut.value.glass : null);
  const m2 = glass ? (toMm(glass.width) * toMm(glass.height)) / 1e6 : 0;
  const fromLadder = isFromLadder(book, r, part);
  const winds = [
    // A large pane is a sail.
    ...(VISIT_PART_FACTS[part].handlesGlass && m2 >= r.house.sailM2 ? [r.house.sailWindMs] : []),
    ...(fromLadder ? [r.house.ladderWindMs] : []),
  ];
  return {
    id: visitId(book.id, part),
    pane: book.id,
    part,
    where: labelOf(book),
    place: book.added.address,
    skills: licencesFor(book, r, part, { hazards: work.hazards, fromLadder }),
    fromLadder,
    outside: VISIT_PART_FACTS[part].atTheFrame,
    mostWindMs: winds.length > 0 ? Math.min(...winds) : null,
    between: null,
    noDate: false,
  };
};
