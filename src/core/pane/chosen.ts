import type { HouseRules } from "../house/rules.ts";
import { HOLE, OPENING, type Place } from "../measure/places.ts";
import { readsWhole, type Way } from "../measure/ways.ts";
import { type Glass, thicknessAs } from "../specify/glass.ts";
import { makeupIsSafe, makeupOverall } from "../specify/makeup.ts";
import { panelThickness } from "../specify/panel.ts";
import { readTape } from "../tape/read.ts";
import { floorTo, type Grid, type LengthUnit, mm, type Nm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";

/** Places that the size rests on where the rebate itself was not read, by the way: its width first, then its height. */
export const STAND_INS: Readonly<Record<Way, readonly Place[]>> = {
  rebate: [],
  "through-glass": ["sight-width", "sight-height"],
  "old-unit": ["old-width", "old-height"],
  "insert-outside": ["insert-outside-width", "insert-outside-height"],
  "insert-inside": ["insert-inside-width", "insert-inside-height"],
  "sash-outside": ["sash-outside-width", "sash-outside-height"],
  "window-hole": HOLE,
};

/**
 * The unit of the tape that the size rests on: that of most readings of the opening, or of what stands in for it. It chooses
 * the cutter's grid, so that a reader who looks at the pane in the other unit orders the same glass.
 */
export function tapeUnit(book: Pick<PaneBook, "readings" | "way">): LengthUnit {
  const unitsOf = (places: readonly Place[]): readonly LengthUnit[] =>
    places.flatMap((p) => {
      const read = book.readings[p]?.read;
      return read?.ok ? [read.value.unit] : [];
    });
  const own = unitsOf(OPENING);
  const standIns = unitsOf(STAND_INS[book.way]);
  const units = isCopy(book.way) || own.length === 0 ? [...standIns, ...(standIns.length > 0 ? [] : own)] : own;
  return units.filter((u) => u === "in").length * 2 > units.length ? "in" : "mm";
}

const isCopy = (way: Way): boolean => way === "old-unit" || readsWhole(way);

/**
 * The grid on which what was copied is ordered: that of the tape, as finely as it was read. A supplier's own grid rounds it
 * down once, on the order.
 * @example 27 17/32 × 40 1/2 // 1/32 in; 601.5 × 900 // 0.5 mm; 600 × 900 // the house's grid for millimetres
 */
export function gridAsRead(of: readonly Nm[], unit: LengthUnit, house: Pick<HouseRules, "gridMm" | "gridIn">): Grid {
  const usual = unit === "mm" ? house.gridMm : house.gridIn;
  const fine: Grid = unit === "mm" ? "0.5 mm" : "1/32 in";
  return of.every((length) => floorTo(length, usual) === length) ? usual : fine;
}

/**
 * The grid of a size off a list, which is ordered as it is listed, in whichever marks those are.
 * @example 609.6 × 965.2 (24 × 38 in), read with a tape in mm // "1/16 in"
 */
export function gridOfListed(of: readonly Nm[], unit: LengthUnit, house: Pick<HouseRules, "gridMm" | "gridIn">): Grid {
  const own = gridAsRead(of, unit, house);
  const other = gridAsRead(of, unit === "mm" ? "in" : "mm", house);
  const isExact = (grid: Grid): boolean => of.every((length) => floorTo(length, grid) === length);
  return !isExact(own) && isExact(other) ? other : own;
}

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

/** A size that a person put in the place of the sum. */
export function overruleOf(book: PaneBook): { readonly width: Nm; readonly height: Nm } | undefined {
  const width = book.overrule && exactOf(book.overrule.width);
  const height = book.overrule && exactOf(book.overrule.height);
  return width && height ? { width, height } : undefined;
}

/** A length as written, exactly; undefined where it cannot be read. */
export function exactOf(written: { readonly text: string; readonly unit: LengthUnit }): Nm | undefined {
  const read = readTape(written.text, written.unit);
  return read.ok ? read.value.adjusted : undefined;
}
