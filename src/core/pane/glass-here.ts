import type { HouseRules } from "../house/rules.ts";
import { type Glass, thicknessAs } from "../specify/glass.ts";
import { makeupIsSafe, makeupOverall } from "../specify/makeup.ts";
import { panelThickness } from "../specify/panel.ts";
import { exactOf } from "../tape/exact-of.ts";
import { type LengthUnit, mm, type Nm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { tapeUnit } from "./size-grid.ts";

/** In which makes single glass is spoken of: those of what was chosen, else those of the tape that read the opening. */
export const glassMakes = (book: Pick<PaneBook, "readings" | "way" | "glass">): LengthUnit =>
  book.glass ? book.glass.thickness.unit : tapeUnit(book);

/**
 * In which makes single glass is offered: those it is spoken of in, and those of the tape where that is another.
 * @example 4 mm chosen, then read in inches // ["mm", "in"]
 */
export const makesOffered = (book: Pick<PaneBook, "readings" | "way" | "glass">): readonly LengthUnit[] => [
  ...new Set([glassMakes(book), tapeUnit(book)]),
];

/** What the house takes until somebody says, as it is made where it is read. @example 4 mm, read in inches // 5/32 in */
export function usualSheet(book: Pick<PaneBook, "readings" | "way">, house: HouseRules): Nm {
  const usual = mm(house.glassMm);
  return tapeUnit(book) === "in" ? thicknessAs("float", usual, "in") : usual;
}

/** The glass as it was chosen: a unit, a single pane, or what the house takes until somebody says. */
export function glassOf(book: PaneBook, house: HouseRules): Glass {
  const chosen = book.glass;
  if (book.makeup)
    return {
      kind: makeupIsSafe(book.makeup) ? (book.makeup.panes[0]?.kind ?? "float") : "float",
      thickness: mm(makeupOverall(book.makeup)),
      edges: chosen?.edges ?? "arrissed",
      pattern: chosen?.pattern || undefined,
    };
  if (!chosen)
    return {
      kind: "float",
      thickness: book.panel ? mm(panelThickness(book.panel)) : usualSheet(book, house),
      edges: "arrissed",
    };
  return {
    kind: chosen.kind,
    thickness: book.panel ? mm(panelThickness(book.panel)) : (exactOf(chosen.thickness) ?? usualSheet(book, house)),
    edges: chosen.edges,
    pattern: chosen.pattern || undefined,
  };
}
