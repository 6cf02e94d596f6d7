import { takenOff } from "../learn/supplier-rule.ts";
import { type Grid, type Nm, nm } from "../units/length.ts";
import { type MakesOf, makesOfLine } from "./sources.ts";
import { onTheirGrid } from "./their-cutting.ts";

type Line = Parameters<typeof makesOfLine>[0] &
  Parameters<typeof onTheirGrid>[0] & {
    readonly theirsLargerNm?: { readonly width: number; readonly height: number } | undefined;
  };
type Terms = { readonly grid?: Grid | undefined; readonly makes: readonly MakesOf[] };

/**
 * A line as it goes to a supplier: on the grid they cut to, rounded down once, and smaller by as much as what they send is known
 * to come larger. What is made whole is named by its size, which nothing changes; a shaped pane goes by its template.
 * @example 383.5 × 517 to a counter on the 1 mm grid // 383 × 517
 * @example the same to one whose panes come 0.9 mm larger than a size goes by // 383 × 516: 382.6 and 516.1 are wished for
 */
export function lineFor<L extends Line>(line: L, terms: Terms | undefined, larger: Nm = nm(0)): L {
  if (line.whole) return line;
  const on = onTheirGrid(line, terms?.grid);
  if (on.corners) return on;
  const off = {
    width: takenOff(nm(line.widthNm), larger, on.grid),
    height: takenOff(nm(line.heightNm), larger, on.grid),
  };
  if (off.width === 0 && off.height === 0) return on;
  return {
    ...on,
    widthNm: on.widthNm - off.width,
    heightNm: on.heightNm - off.height,
    theirsLargerNm: off,
    ...(on.allowanceNm
      ? { allowanceNm: { width: on.allowanceNm.width + off.width, height: on.allowanceNm.height + off.height } }
      : {}),
  };
}

/** What this line asks of a supplier who said what they make, and it is not that; null where they make it, or said nothing. */
export function notMadeBy(line: Line, terms: Terms | undefined): MakesOf | null {
  const needs = makesOfLine(line);
  return terms === undefined || terms.makes.length === 0 || terms.makes.includes(needs) ? null : needs;
}
