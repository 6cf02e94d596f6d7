import { checkIn, type Tolerance } from "../order/check-in.ts";
import { intoHole } from "../order/into-hole.ts";
import type { OrderLine } from "../pane/order-book.ts";
import { type LengthUnit, type Nm, nm } from "../units/length.ts";
import { checkInSentence, intoHoleSentence } from "./check-in.ts";

export type CameSize = {
  readonly fits: boolean;
  /** The sides that came wrong. */
  readonly off: { readonly width: boolean; readonly height: boolean };
  readonly says: string;
  /** Turned the other way about it is what was ordered; what is made whole hangs one way. */
  readonly turns: boolean;
};

/**
 * What came against the size that the order states: by its tolerance, or by the gap it leaves in the hole it goes into.
 * @example ordered 382 × 517, came 517 × 382 // the wrong way about: turned it is right
 */
export function cameSize(
  line: Pick<OrderLine, "widthNm" | "heightNm" | "whole">,
  came: { readonly width: Nm; readonly height: Nm },
  tolerance: Tolerance,
  unit: LengthUnit,
): CameSize {
  const stated = { width: nm(line.widthNm), height: nm(line.heightNm) };
  if (line.whole?.over === "hole") {
    const is = intoHole({ hole: stated, came });
    return {
      fits: is.fits,
      off: { width: is.width.fits !== "well", height: is.height.fits !== "well" },
      says: intoHoleSentence(is, unit),
      turns: false,
    };
  }
  const is = checkIn({ ordered: stated, came, tolerance });
  return {
    fits: is.verdict === "within",
    off: { width: !is.width.within, height: !is.height.within },
    says: checkInSentence(is, unit),
    turns: is.swapped && !line.whole,
  };
}
