import { mm, type Nm, nm, toMm } from "../units/length.ts";
import type { OpeningReadings } from "./figure.ts";
import { HOLE_HEIGHTS, HOLE_WIDTHS, OPENING, type Place } from "./places.ts";
import type { Sits, Way } from "./ways.ts";

/** Readings of one pane, by place. */
export type Readings = Readonly<Partial<Record<Place, Nm>>>;

/** What is ordered as it was read, with nothing taken off it. */
export type Copied = {
  readonly of: Exclude<Way, "rebate">;
  /** The pane itself, or the insert. */
  readonly glass: { readonly width: Nm | null; readonly height: Nm | null };
  /** Room that it had beyond its own size, both sides together; null where the opening itself was read. */
  readonly play: Nm | null;
  /** What that rests on: what was told of its fit, the packers as read, or only the house's usual. */
  readonly fit: "told" | "packers" | "usual" | "opening-read" | "none";
};

/** The opening that the sizing works with, and what makes it less than a bare rebate read with a tape. */
export type ReckonedOpening = {
  readonly readings: OpeningReadings;
  /** Sight size and a depth that was told stand in for the tight size; its doubt is more than the tape's, mm. */
  readonly guessed: { readonly doubt: number } | null;
  readonly copied: Copied | null;
};

/** How much room a pane has by how it sat, both sides together, and the gap a pane usually has on one side. */
export type FitRules = { readonly easy: Nm; readonly loose: Nm; readonly usualGap: Nm };

/** How far what was told of a depth may be off on one side when nobody said, mm. */
export const USUAL_DOUBT_MM = 3;

/**
 * The opening by the way it was measured, and the pane where it is ordered as it was read.
 * - The rebate, wall to wall: the readings.
 * - The old pane, edge to edge: ordered as it is; the opening is that and what its fit says.
 * - Through standing glass, told how far it goes in behind the sight line: the pane is the sight size and twice that, and
 *   nothing comes off it; told how deep the rebate is, the opening is the sight size and twice that.
 * - A door's insert: ordered as it was read.
 * Readings of the rebate itself come before what stands in for the opening, always.
 * @example sight 580, rebate 8 deep // an opening of 596, doubtful by 6
 * @example sight 580, goes in 6 // a pane of 592, and an opening of 596 where the usual gap is 2
 * @example old pane 600 wide, packed by 5 each side // a pane of 600 in an opening of 610
 */
export function openingBy(way: Way, r: Readings, by: { readonly sits: Sits | null } & FitRules): ReckonedOpening {
  const own = Object.fromEntries(OPENING.flatMap((p) => (r[p] === undefined ? [] : [[p, r[p]]]))) as OpeningReadings;
  const hasWidth = r["width-top"] ?? r["width-middle"] ?? r["width-bottom"];
  const hasHeight = r["height-left"] ?? r["height-middle"] ?? r["height-right"];
  const isRead = hasWidth !== undefined && hasHeight !== undefined;
  const standIn = (width: Nm | undefined, height: Nm | undefined): OpeningReadings => ({
    ...own,
    ...(hasWidth === undefined && width !== undefined ? { "width-middle": width } : {}),
    ...(hasHeight === undefined && height !== undefined ? { "height-middle": height } : {}),
  });
  const none: ReckonedOpening = { readings: own, guessed: null, copied: null };
  /** Ordered as it was read: the opening is that and its play, unless it was read itself. */
  const copy = (
    copied: Copied["of"],
    width: Nm | undefined,
    height: Nm | undefined,
    play: Nm,
    fit: Copied["fit"],
  ): ReckonedOpening => {
    if (width === undefined && height === undefined) return none;
    const wider = (length: Nm | undefined): Nm | undefined => (length === undefined ? undefined : nm(length + play));
    return {
      readings: standIn(wider(width), wider(height)),
      guessed: null,
      copied: {
        of: copied,
        glass: { width: width ?? null, height: height ?? null },
        play: isRead ? null : play,
        fit: isRead ? "opening-read" : fit,
      },
    };
  };
  switch (way) {
    case "rebate":
      return none;
    case "through-glass": {
      if (isRead) return none;
      const behind = (seen: Nm | undefined, by: Nm): Nm | undefined =>
        seen === undefined ? undefined : nm(seen + 2 * by);
      const goesIn = r["goes-in"];
      if (goesIn !== undefined)
        return copy(
          "through-glass",
          behind(r["sight-width"], goesIn),
          behind(r["sight-height"], goesIn),
          nm(2 * by.usualGap),
          "usual",
        );
      const depth = r["rebate-depth"] ?? r["cover-guess"];
      if (depth === undefined) return none;
      const doubt = 2 * toMm(r["cover-doubt"] ?? (r["rebate-depth"] === undefined ? mm(USUAL_DOUBT_MM) : mm(0.5)));
      return {
        readings: standIn(behind(r["sight-width"], depth), behind(r["sight-height"], depth)),
        guessed: { doubt },
        copied: null,
      };
    }
    case "old-unit": {
      const { play, fit } = playOf(r["old-packed"], by);
      return copy("old-unit", r["old-width"], r["old-height"], play, fit);
    }
    case "insert-outside":
      return wholeOpening(way, r["insert-outside-width"], r["insert-outside-height"]);
    case "insert-inside":
      return wholeOpening(way, r["insert-inside-width"], r["insert-inside-height"]);
    case "sash-outside":
      return wholeOpening(way, r["sash-outside-width"], r["sash-outside-height"]);
    case "window-hole":
      return wholeOpening(way, leastOf(r, HOLE_WIDTHS), leastOf(r, HOLE_HEIGHTS));
  }
}

/** The least of these that was read. @example 1201, 1198.5 and nothing at the sill // 1198.5 */
function leastOf(r: Readings, places: readonly Place[]): Nm | undefined {
  const read = places.flatMap((p) => r[p] ?? []);
  return read.length === 0 ? undefined : nm(Math.min(...read));
}

/** What is made whole is as large as it is, whatever was read of a rebate before somebody chose it. */
function wholeOpening(copied: Copied["of"], width: Nm | undefined, height: Nm | undefined): ReckonedOpening {
  const readings: OpeningReadings = {
    ...(width !== undefined && { "width-middle": width }),
    ...(height !== undefined && { "height-middle": height }),
  };
  if (width === undefined && height === undefined) return { readings, guessed: null, copied: null };
  return {
    readings,
    guessed: null,
    copied: { of: copied, glass: { width: width ?? null, height: height ?? null }, play: nm(0), fit: "none" },
  };
}

/** The room an old pane had, both sides together: by its packers where they were read, else by how it sat. */
function playOf(
  packed: Nm | undefined,
  by: { readonly sits: Sits | null } & FitRules,
): { readonly play: Nm; readonly fit: Copied["fit"] } {
  if (packed !== undefined && packed > 0) return { play: nm(2 * packed), fit: "packers" };
  switch (by.sits) {
    case "tight":
      return { play: nm(0), fit: "told" };
    case "loose":
      return { play: by.loose, fit: "told" };
    case "easy":
    case "even":
      return { play: by.easy, fit: "told" };
    // Packed, and nobody has read by how much yet.
    case "packed":
    case null:
      return { play: by.easy, fit: "usual" };
  }
}
