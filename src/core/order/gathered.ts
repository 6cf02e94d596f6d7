import type { Grid } from "../units/length.ts";
import { type MakesOf, makesOfLine } from "./sources.ts";
import { onTheirGrid } from "./their-cutting.ts";

type Line = Parameters<typeof makesOfLine>[0] & Parameters<typeof onTheirGrid>[0];
type Terms = { readonly grid?: Grid | undefined; readonly makes: readonly MakesOf[] };

/**
 * A line as it goes to a supplier: on the grid they cut to, rounded down once; what is made whole is named by its size, which
 * no grid changes.
 * @example 383.5 × 517 to a counter on the 1 mm grid // 383 × 517
 */
export const lineFor = <L extends Line>(line: L, terms: Terms | undefined): L =>
  line.whole ? line : onTheirGrid(line, terms?.grid);

/** What this line asks of a supplier who said what they make, and it is not that; null where they make it, or said nothing. */
export function notMadeBy(line: Line, terms: Terms | undefined): MakesOf | null {
  const needs = makesOfLine(line);
  return terms === undefined || terms.makes.length === 0 || terms.makes.includes(needs) ? null : needs;
}
