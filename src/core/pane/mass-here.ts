import { readsWhole } from "../measure/ways.ts";
import type { Cut } from "../size/cut.ts";
import { type Glass, massOf } from "../specify/glass.ts";
import { makeupMass } from "../specify/makeup.ts";
import { paneMass } from "../specify/mass.ts";
import { toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { type OwnShape, shareOfRound } from "./own-shape.ts";
import type { Stands } from "./stands.ts";
import { isUnitOpen, USUAL_SHEETS } from "./unit.ts";

/**
 * What the pane that stands weighs, kg: a unit by its own sheets, or by the usual ones until it is chosen; a shaped pane as much
 * of the rectangle round it as it is.
 * @example 600 × 900 of 4 mm float // 0.54 m² × 4 mm × 2.5 = 5.4
 */
export function massHere(
  book: PaneBook,
  { glass: size }: Pick<Cut, "glass">,
  pane: { readonly stands: Stands; readonly glass: Glass; readonly shape: OwnShape | null },
): number {
  const makeup = pane.stands.line ? (pane.stands.line.makeup ?? null) : book.makeup;
  const [width, height] = [toMm(size.width), toMm(size.height)];
  const usual = readsWhole(book.way) || (!pane.stands.line && isUnitOpen(book));
  const whole = makeup
    ? makeupMass(makeup, width, height)
    : usual
      ? paneMass(width, height, USUAL_SHEETS)
      : massOf(size.width, size.height, pane.glass.thickness);
  return whole * (pane.shape ? shareOfRound(pane.shape.corners) : 1);
}
