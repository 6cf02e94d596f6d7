import { fail, ok, type Result } from "../result.ts";
import type { Mm } from "../units/length.ts";

/** Narrower strips than this do not break out along a score, mm; nor narrower than so many times the thickness. */
export const LEAST_STRIP_MM = 10;
export const LEAST_STRIP_TIMES = 3;

/** The narrowest strip that can be broken out, that width included. @example leastStrip(4) // 12; leastStrip(3) // 10 */
export const leastStrip = (thicknessMm: Mm): number => Math.max(LEAST_STRIP_MM, LEAST_STRIP_TIMES * thicknessMm);

export type Size = { readonly width: Mm; readonly height: Mm };

/** One score across what lies on the bench: parallel to an edge, `at` from the datum corner, `long` from edge to edge, mm. */
export type Score = {
  readonly cuts: "width" | "height";
  readonly at: Mm;
  readonly long: Mm;
  readonly offcut: Size;
  /** Where the straightedge stands from the datum edge: on the datum side of the score, or on the far side. */
  readonly straightedge: { readonly datumSide: Mm; readonly farSide: Mm };
};

export type ScoreError =
  | { readonly kind: "no-size" }
  | { readonly kind: "too-large"; readonly side: "width" | "height"; readonly overMm: Mm }
  | { readonly kind: "strip"; readonly what: "offcut" | "pane"; readonly widthMm: Mm; readonly leastMm: Mm };

/**
 * Scores that take a pane from a sheet's square datum corner. Of the two orders, the one that leaves the larger single
 * offcut; then the shorter score; then width first. Nothing to cut off is no cut. Strips that would not break out are
 * refused. All in mm.
 * @example 1000 × 800 sheet, 400 × 300 pane, offset 2.5 // width at 400 first, 800 long, straightedge 397.5 or 402.5; then height at 300, 400 long
 */
export function scoresFor(given: {
  readonly sheet: Size;
  readonly pane: Size;
  readonly thicknessMm: Mm;
  /** From the cutter's wheel to the side of its head that runs along the straightedge. */
  readonly offsetMm: Mm;
}): Result<readonly Score[], ScoreError> {
  const { sheet, pane } = given;
  if (!(Math.min(sheet.width, sheet.height, pane.width, pane.height) > 0)) return fail({ kind: "no-size" });
  for (const side of ["width", "height"] as const)
    if (pane[side] > sheet[side]) return fail({ kind: "too-large", side, overMm: pane[side] - sheet[side] });
  const leastMm = leastStrip(given.thicknessMm);
  for (const side of ["width", "height"] as const) {
    const left = sheet[side] - pane[side];
    if (left === 0) continue;
    if (left < leastMm) return fail({ kind: "strip", what: "offcut", widthMm: left, leastMm });
    if (pane[side] < leastMm) return fail({ kind: "strip", what: "pane", widthMm: pane[side], leastMm });
  }
  const widthFirst = inOrder(given, ["width", "height"]);
  const heightFirst = inOrder(given, ["height", "width"]);
  const [a, b] = [largest(widthFirst), largest(heightFirst)];
  if (a !== b) return ok(a > b ? widthFirst : heightFirst);
  return ok(scored(heightFirst) < scored(widthFirst) ? heightFirst : widthFirst);
}

function inOrder(
  given: { readonly sheet: Size; readonly pane: Size; readonly offsetMm: Mm },
  order: readonly ("width" | "height")[],
): readonly Score[] {
  const left = { ...given.sheet };
  const out: Score[] = [];
  for (const cuts of order) {
    const across = cuts === "width" ? "height" : "width";
    const at = given.pane[cuts];
    if (left[cuts] === at) continue;
    const offcut = { [cuts]: left[cuts] - at, [across]: left[across] } as unknown as Size;
    const straightedge = { datumSide: at - given.offsetMm, farSide: at + given.offsetMm };
    out.push({ cuts, at, long: left[across], offcut, straightedge });
    left[cuts] = at;
  }
  return out;
}

const area = (s: Size): number => s.width * s.height;
const largest = (scores: readonly Score[]): number => Math.max(0, ...scores.map((s) => area(s.offcut)));
const scored = (scores: readonly Score[]): number => scores.reduce((sum, s) => sum + s.long, 0);
