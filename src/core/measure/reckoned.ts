import { addNm, mm, type Nm, nm, toMm } from "../units/length.ts";
import type { OpeningReadings } from "./figure.ts";
import { OPENING, type Place } from "./places.ts";
import type { Way } from "./ways.ts";

/** Readings of one pane, by place. */
export type Readings = Readonly<Partial<Record<Place, Nm>>>;

/** The opening that the sizing works with, and what makes it less than a bare rebate read with a tape. */
export type ReckonedOpening = {
  readonly readings: OpeningReadings;
  /** Sight size and a guess stand in for the tight size; its doubt is more than the tape's, mm. */
  readonly guessed: { readonly doubt: number } | null;
  /** Sizes are those of the pane itself, or of an insert: nothing comes off. */
  readonly copied: "old-unit" | "insert-outside" | "insert-inside" | null;
};

/** How far a guess of covered edges may be off on one side when nobody said, mm. */
export const USUAL_DOUBT_MM = 3;

/**
 * The opening by the way it was measured. A reading of the rebate itself always comes before what stands in for it.
 * @example sight 580 and cover guessed 8 // a width of 596, doubtful by 6
 * @example old pane 609 wide, 2 mm packers beside it // a width of 613
 */
export function openingBy(way: Way, r: Readings): ReckonedOpening {
  const own = Object.fromEntries(OPENING.flatMap((p) => (r[p] === undefined ? [] : [[p, r[p]]]))) as OpeningReadings;
  const hasWidth = r["width-top"] ?? r["width-middle"] ?? r["width-bottom"];
  const hasHeight = r["height-left"] ?? r["height-middle"] ?? r["height-right"];
  const standIn = (width: Nm | undefined, height: Nm | undefined): OpeningReadings => ({
    ...own,
    ...(hasWidth === undefined && width !== undefined ? { "width-middle": width } : {}),
    ...(hasHeight === undefined && height !== undefined ? { "height-middle": height } : {}),
  });
  const none = { readings: own, guessed: null, copied: null };
  if (hasWidth !== undefined && hasHeight !== undefined) return none;
  switch (way) {
    case "rebate":
      return none;
    case "through-glass": {
      const cover = r["cover-guess"];
      if (cover === undefined) return none;
      const both = (seen: Nm | undefined): Nm | undefined => (seen === undefined ? undefined : nm(seen + 2 * cover));
      const doubt = 2 * toMm(r["cover-doubt"] ?? mm(USUAL_DOUBT_MM));
      return { readings: standIn(both(r["sight-width"]), both(r["sight-height"])), guessed: { doubt }, copied: null };
    }
    case "old-unit": {
      const packed = r["old-packed"] ?? nm(0);
      const out = (old: Nm | undefined): Nm | undefined => (old === undefined ? undefined : addNm(old, nm(2 * packed)));
      return { readings: standIn(out(r["old-width"]), out(r["old-height"])), guessed: null, copied: "old-unit" };
    }
    case "insert-outside":
      return {
        readings: standIn(r["insert-outside-width"], r["insert-outside-height"]),
        guessed: null,
        copied: "insert-outside",
      };
    case "insert-inside":
      return {
        readings: standIn(r["insert-inside-width"], r["insert-inside-height"]),
        guessed: null,
        copied: "insert-inside",
      };
  }
}
