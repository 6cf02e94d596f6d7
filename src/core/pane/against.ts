import { type Bond, COMPOUNDS, type Compound, compoundById, usualCompound } from "../finish/compounds.ts";
import { materialOf } from "../look/systems.ts";
import { type Against, compatible, type Setting } from "../specify/compatible.ts";
import type { Glass } from "../specify/glass.ts";
import { detailOf } from "../takeout/detail.ts";
import type { PaneBook } from "./book.ts";
import { isUnit } from "./unit.ts";

/** What the old glass was stuck with: a metal frame with compound counts as putty. */
export function bondOf(book: PaneBook): Bond {
  const detail = detailOf(book.added.system, book.before.detail);
  return book.added.system === "metal-frame" && detail.metal === "compound" ? "putty" : detail.bond;
}

/** What a setting material touches at this pane: the glass or its edge seal, and the frame. */
export function againstOf(book: PaneBook, glass: Pick<Glass, "kind">): readonly Against[] {
  const material = materialOf(book.added.system);
  const laminated = glass.kind === "laminated" || (book.makeup?.panes.some((p) => p.kind === "laminated") ?? false);
  const frame: Against = material === "timber" ? "bare-timber" : material === "plastic" ? "plastic" : "aluminium";
  return [
    ...(isUnit(book) ? (["unit"] as const) : []),
    ...(laminated ? (["laminated"] as const) : []),
    ...(glass.kind === "toughened" ? (["toughened"] as const) : []),
    frame,
  ];
}

const isSetting = (id: string): id is Setting => COMPOUNDS.some((c) => c.id === id);

/** Whether a compound may be used here, and why not. Metal-casement compound is putty made for metal: it is let through. */
export function mayTouch(compound: string, book: PaneBook, glass: Pick<Glass, "kind">): ReturnType<typeof compatible> {
  const against = againstOf(book, glass).filter((a) => !(compound === "linseed" && a === "aluminium"));
  return isSetting(compound)
    ? compatible(compound, against)
    : { says: "care", because: ["Not on the list: go by its label."], source: "the label" };
}

/**
 * What the pane is set in: what was used, or what is usual for the system, unless that may not touch this glass; then the
 * first that may.
 * @example laminated glass in a putty sash // neutral-cure silicone, not linseed putty
 */
export function compoundFor(
  book: PaneBook,
  glass: Pick<Glass, "kind">,
  all: readonly Compound[] = COMPOUNDS,
): Compound {
  const fallback = COMPOUNDS[0] as Compound;
  if (book.set) return compoundById(book.set.compound, all) ?? fallback;
  const usual = usualCompound(book.added.system, bondOf(book));
  const id =
    mayTouch(usual, book, glass).says === "no"
      ? (["silicone", "acrylic", "tape"].find((c) => mayTouch(c, book, glass).says !== "no") ?? usual)
      : usual;
  return compoundById(id) ?? fallback;
}
