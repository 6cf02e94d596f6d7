import type { Template } from "../text/template.ts";
import type { Mm } from "../units/length.ts";

/** A bead home stands no further out than this, mm. Source: trade practice. */
export const HOME_WITHIN_MM = 0.5;
/** A lip on the wrong side of the frame's edge stands proud by its own thickness, about so much and more, mm. */
const LIP_MM = 1.5;

/**
 * What a bead that stands out from its frame asks for; null where it is home.
 * @example 0.3 // null; 1 // "Bring it down: …"; 2 // "Its lip is on the wrong side …"
 */
export const proudSays = (mm: Mm): Template | null =>
  mm <= HOME_WITHIN_MM
    ? null
    : mm < LIP_MM
      ? "Bring it down: a block along it and the mallet on the block, ends first. A stiff end is twisted in with a blunt blade."
      : "Its lip is on the wrong side of the frame's edge, or a {packer} stands in its groove: take it out and look.";
