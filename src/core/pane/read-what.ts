import { HEIGHTS, type OpeningPlace, type Place, WIDTHS } from "../measure/places.ts";
import type { Way } from "../measure/ways.ts";
import type { Template } from "../text/template.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { STAND_INS } from "./size-grid.ts";

/** What a way of measuring reads in place of the opening, and where those readings belong. */
export type Meant = { readonly name: string; readonly width: Place; readonly height: Place };

/** Ways whose own readings stand in for an opening that may be read as well. */
const NAMES: Readonly<Partial<Record<Way, Template>>> = {
  "old-unit": "the old {pane}, edge to edge",
  "through-glass": "the sight size",
};

/**
 * What figures kept as the opening's may have been meant for: the way says that something else was read, and nothing of that was.
 * Null where that way's own readings are there, or none of the opening's.
 * @example "old pane, edge to edge" chosen, 600 and 900 kept as the width and height of the opening // the old pane
 */
export function meantByWay(book: PaneBook, r: Pick<Reckoning, "readings" | "stands">): Meant | null {
  const name = NAMES[book.way];
  const [width, height] = STAND_INS[book.way];
  if (!name || !width || !height || r.stands.as !== "worked-out") return null;
  const isRead = (p: Place): boolean => r.readings[p] !== undefined;
  if (isRead(width) || isRead(height)) return null;
  return WIDTHS.some(isRead) && HEIGHTS.some(isRead) ? { name, width, height } : null;
}

/** The readings of an opening that were meant for something else: the least of its widths, and of its heights. */
export function readingMeant(r: Pick<Reckoning, "readings">, dimension: "width" | "height"): OpeningPlace | null {
  const places: readonly OpeningPlace[] = dimension === "width" ? WIDTHS : HEIGHTS;
  const read = places.filter((p) => r.readings[p] !== undefined);
  return read.reduce<OpeningPlace | null>(
    (least, p) => (least === null || (r.readings[p] ?? 0) < (r.readings[least] ?? 0) ? p : least),
    null,
  );
}
