import type { Place } from "../measure/places.ts";
import { WAY_FACTS } from "../measure/ways.ts";
import { type Nm, toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { wholeOf } from "./whole-here.ts";

/** No light is narrower: a quarry of a leaded one is. Source: the least that glass shops cut without a word, some 40 to 50 mm. */
const LEAST_SIDE_MM = 40;
/** The largest sheet that float is sold in. Source: the usual full sheet of float lines, 6000 × 3210 mm. */
const SHEET_MM = { long: 6000, short: 3210 } as const;

/** A side of a pane that was read or typed wrong before it is so small or large. */
export type UnlikelySide = { readonly side: "width" | "height"; readonly is: "small" | "large" };

/**
 * Whether a size is hardly a pane's: a figure that slipped into another's field, a digit too many. Null where it may be one.
 * @param glass width × height of the pane, as seen, nm
 * @example 676 × 22 // height, small
 * @example 3400 × 3500 // height, large: no sheet is 3400 one way and 3500 the other
 */
export function unlikelySize(glass: { readonly width: Nm; readonly height: Nm }): UnlikelySide | null {
  const [width, height] = [toMm(glass.width), toMm(glass.height)];
  if (width < LEAST_SIDE_MM) return { side: "width", is: "small" };
  if (height < LEAST_SIDE_MM) return { side: "height", is: "small" };
  const longer = width > height ? "width" : "height";
  return Math.max(width, height) > SHEET_MM.long || Math.min(width, height) > SHEET_MM.short
    ? { side: longer, is: "large" }
    : null;
}

/**
 * Of the pane worked out now, and where that side was read: by the way's own place for it, or by the one of three that governs.
 * What was ordered or had is as large as it is, and what is made whole is no sheet.
 */
export function unlikelyHere(
  book: PaneBook,
  r: Pick<Reckoning, "stands" | "worked">,
): (UnlikelySide & { readonly place: Place }) | null {
  if (r.stands.as !== "worked-out" || !r.worked.ok || wholeOf(book) !== null) return null;
  const { glass, governs } = r.worked.value;
  const found = unlikelySize(glass);
  return (
    found && {
      ...found,
      place: WAY_FACTS[book.way].places.find((p) => p.endsWith(found.side)) ?? governs[found.side].place,
    }
  );
}
