import { pinned } from "../frame/held.ts";
import { beadAcross } from "../measure/bead.ts";
import { bedOf, TAPES } from "../size/through.ts";
import { mm, type Nm, nm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { likeOf } from "./frame-here.ts";
import type { Reckoning } from "./reckoning.ts";
import { thickGoesIn } from "./thick-goes-in.ts";

/** Of what strips the tape under a pane is, the tape itself first; and why so thick. */
export type TapeThick = {
  readonly strips: readonly Nm[];
  /** As thick as what lay there; so that glass and bead fill the rebate, or nearly; or the house's bed, nothing being read. */
  readonly because: "read" | "fills" | "nearest" | "usual";
};

/**
 * How thick the tape is that a pane is set in: what was read under the old one; else what glass and a pinned bead leave of the
 * rebate's width, so that the bead comes flush; else the house's bed.
 * @example rebate 16 wide, glass 4, bead 9 // a tape of 3, because it fills
 */
export function tapeThick(book: PaneBook, r: Reckoning): TapeThick {
  const read = r.readings["bed-under"];
  if (read !== undefined) return { strips: stripsOf(read), because: "read" };
  const [width, bead] = [r.readings["rebate-width"], beadAcross(r.readings)];
  const glass = thickGoesIn(book, r);
  if (width !== undefined && bead !== undefined && glass !== null && pinned(likeOf(book))) {
    const left = nm(width - glass - bead);
    const strips = left > 0 ? bedOf(left)?.pieces : undefined;
    if (strips && strips.length > 0) return { strips, because: "fills" };
    const under = TAPES.findLast((t) => t <= left);
    if (under !== undefined) return { strips: [under], because: "nearest" };
  }
  return { strips: stripsOf(mm(r.house.bedMm)), because: "usual" };
}

/** Nobody makes a strip of just that: it is said as it is. */
const stripsOf = (bed: Nm): readonly Nm[] => {
  const pieces = bedOf(bed)?.pieces ?? [];
  return pieces.length > 0 ? pieces : [bed];
};
