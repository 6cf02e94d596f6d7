import type { GlassKind } from "../specify/glass.ts";

/** Which way the lines of a pattern run, as width and height are given. */
export type LinesRun = "not-said" | "neither" | "up" | "across" | undefined;

/** What nobody said runs upright: width and height were given as it stands in its window. */
const across = (runs: LinesRun): boolean => runs === "across";

/**
 * How a pane may lie on a sheet: as it is, turned by a quarter, or both. Without a pattern, or with one that has no direction,
 * both; else its lines run with those of the sheet.
 * @example lines upright in the window, across on the sheet // [true]: turned, and no other way
 */
export function waysToLie(glass: GlassKind, pane: LinesRun, sheet: LinesRun): readonly boolean[] {
  if (glass !== "patterned" || sheet === "neither" || pane === "neither") return [false, true];
  return [across(pane) !== across(sheet)];
}

type Sized = { readonly width: number; readonly height: number };

/** Width and height as it lies with its lines upright: so panes and sheets of one pattern lie alike. @example 600 × 900, lines across // 900 × 600 */
export const linesUpright = (piece: Sized, runs: LinesRun): Sized =>
  across(runs) ? { width: piece.height, height: piece.width } : piece;
