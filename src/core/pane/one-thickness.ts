import { frameOf } from "../frame/systems.ts";
import { detailOf } from "../frame/told-detail.ts";
import { thicknessFrom } from "../measure/thickness.ts";
import { type Nm, nm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";

/** What holds it is made for one thickness of glass: a usual one is not this frame's. */
export const takesOneThickness = (book: Pick<PaneBook, "heldSaid" | "added" | "before">): boolean =>
  book.heldSaid && frameOf(book.added.system).gasketed(detailOf(book.added.system, book.before.detail));

/** More than this off, and a gasket rattles or does not go in. Source: gasket ranges of common makers, half a millimetre either way. */
const GASKET_GIVES_NM = 600_000;

/**
 * By how much a single pane is thicker than the one that its gasket was made for; less than nothing where it is thinner. Null
 * where it goes in, where nobody read the old one, or where nothing is made for one thickness.
 * @example the old one read as 4, and 6 is chosen // 2 mm
 */
export function offItsGasket(book: PaneBook, r: Pick<Reckoning, "readings" | "chosen">): Nm | null {
  const { overall, panes } = thicknessFrom(r.readings);
  const old = overall ?? panes[0] ?? r.readings["old-thickness"];
  if (!takesOneThickness(book) || old === undefined || old === null) return null;
  const off = nm(r.chosen.thickness - old);
  return Math.abs(off) > GASKET_GIVES_NM ? off : null;
}
