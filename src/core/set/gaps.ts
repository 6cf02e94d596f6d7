import type { Mm } from "../units/length.ts";
/** Gaps between sash and frame, or pane and rebate, mm. */
export type Gaps = { readonly left: number; readonly right: number; readonly top: number; readonly bottom: number };

export type Shift = {
  /** To the right, and up; less than nothing is the other way. Half the difference each. */
  readonly rightMm: Mm;
  readonly upMm: Mm;
  readonly even: boolean;
};

/** Gaps that differ by no more than this look even. Source: trade practice. */
export const EVEN_WITHIN_MM = 1;

/**
 * How far it must move to stand in the middle: half the difference of opposite gaps.
 * @example left 2, right 5, top 3, bottom 3 // 1.5 to the right
 */
export function shiftFor(g: Gaps): Shift {
  return {
    rightMm: (g.right - g.left) / 2,
    upMm: (g.top - g.bottom) / 2,
    even: Math.abs(g.right - g.left) <= EVEN_WITHIN_MM && Math.abs(g.top - g.bottom) <= EVEN_WITHIN_MM,
  };
}
