import type { Template } from "../text/template.ts";
import { addNm, inches, type LengthUnit, mm, type Nm, nm } from "../units/length.ts";

/** How much comes off the opening. */
export const SCHOOLS = ["best-odds", "snug", "easy", "by-the-book", "like-for-like", "next-size-down", "own"] as const;
export type School = (typeof SCHOOLS)[number];

export type SchoolFact = { readonly name: string; readonly why: Template; readonly risk: Template };

export const SCHOOL_FACTS: Readonly<Record<School, SchoolFact>> = {
  "best-odds": {
    name: "best odds",
    why: "What makes trouble least likely for these readings, this lean, this {rebate}, this cutter and this frame.",
    risk: "Needs all readings: what is not read is not in the odds.",
  },
  snug: {
    name: "snug",
    why: "A timber sash leaves little cover, and the readings are trusted.",
    risk: "Binds if the {rebate} leans or paint builds up; no room for timber to swell.",
  },
  easy: {
    name: "easy",
    why: "Timber moves with the seasons; {putty} fills the edge and seals it.",
    risk: "Cover on a shallow {rebate}.",
  },
  "by-the-book": {
    name: "by the book",
    why: "Single glass 3 mm each side up to 2.5 m round, 5 mm above; a {unit} 3 mm each side up to 2 m of edge: room for {packers} and drainage.",
    risk: "Needs the {rebate} for it.",
  },
  "like-for-like": {
    name: "like for like",
    why: "The old {pane}'s own size: it went in.",
    risk: "It may be why it failed.",
  },
  "next-size-down": {
    name: "next size down",
    why: "The largest size in stock that goes in as it is sold: no cutting, four factory edges.",
    risk: "Cover: whatever the stock size leaves.",
  },
  own: { name: "own figure", why: "You chose what comes off.", risk: "Nothing checks it but the drawing." },
};

export type Deduction = { readonly width: Nm; readonly height: Nm; readonly source: string };

/** Round the opening, up to which a single pane has the smaller gap. Source: BS 6262 family. */
export const BOOK_PERIMETER: Nm = mm(2500);

/** Edge of a sealed unit up to which it has the smaller gap. Source: BS 6262 family. */
export const BOOK_UNIT_EDGE: Nm = mm(2000);

/**
 * What a school takes off each dimension, both sides together.
 * @example deductionOf({ school: "easy", unit: "mm", width: mm(611.5), height: mm(903) }) // 3 mm and 3 mm
 * @example deductionOf({ school: "by-the-book", unit: "mm", width: mm(800), height: mm(900) }) // 10 mm: 3.4 m round
 * @example the same of a sealed unit // 6 mm and 6 mm: no edge over 2 m
 */
export function deductionOf(pane: {
  readonly school: Exclude<School, "own" | "like-for-like" | "best-odds" | "next-size-down">;
  readonly unit: LengthUnit;
  readonly width: Nm;
  readonly height: Nm;
  readonly sealed?: boolean;
}): Deduction {
  const both = (off: Nm, source: string): Deduction => ({ width: off, height: off, source });
  switch (pane.school) {
    case "snug":
      return both(pane.unit === "mm" ? mm(1) : inches(0, 1, 16), "snug school: 1 mm or 1/16 in");
    case "easy":
      return both(pane.unit === "mm" ? mm(3) : inches(0, 1, 8), "easy school: 3 mm or 1/8 in");
    case "by-the-book": {
      if (pane.sealed) {
        const off = (length: Nm): Nm => (length <= BOOK_UNIT_EDGE ? mm(6) : mm(10));
        return { width: off(pane.width), height: off(pane.height), source: "BS 6262 family, sealed unit" };
      }
      const perimeter = nm(2 * addNm(pane.width, pane.height));
      return both(perimeter <= BOOK_PERIMETER ? mm(6) : mm(10), "BS 6262 family, single glass");
    }
  }
}
