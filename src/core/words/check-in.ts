import type { CheckIn, SideCheck } from "../order/check-in.ts";
import type { HoleSide, IntoHole } from "../order/into-hole.ts";
import { type Fineness, writeLength } from "../tape/write.ts";
import { type LengthUnit, nm } from "../units/length.ts";

const WRONG_WAY = "Width and height are the wrong way about.";

/** What came against what was ordered, in one sentence. */
export function checkInSentence(check: CheckIn, unit: LengthUnit): string {
  if (check.swapped) return `${WRONG_WAY} Turn it, and see whether pattern and label allow it.`;
  const { width, height } = check;
  const told = (within: boolean): string =>
    Object.entries({ width, height })
      .flatMap(([name, side]) => (side.within === within && sideWords(name, side, unit)) || [])
      .join(", ");
  const inside = told(true);
  if (check.verdict === "within")
    return inside === "" ? "Width and height exactly as ordered." : `Within tolerance: ${inside}.`;
  const rest = inside === "" ? "" : ` Within it: ${inside}.`;
  return `Out of tolerance: ${told(false)}.${rest} Send it back, or say why it may stay.`;
}

/** The finest marks that a difference is told in. */
const FINEST: Fineness = { places: 2, ticks: 64 };
const SIXTY_FOURTH_NM = 25.4e6 / 64;

function sideWords(name: string, side: SideCheck, unit: LengthUnit): string {
  if (side.difference === 0) return "";
  const by = writeLength(nm(Math.abs(side.difference)), unit, FINEST);
  // Less than half the finest mark of the reader's tape is no difference.
  if (by === writeLength(nm(0), unit, FINEST)) return "";
  // A mark that is out may not be told as allowed.
  const most = unit === "mm" ? side.tolerance : nm(Math.floor(side.tolerance / SIXTY_FOURTH_NM) * SIXTY_FOURTH_NM);
  const allowed = writeLength(most, unit, { places: 1, ticks: 64 });
  return `${name} ${by} too ${side.difference > 0 ? "large" : "small"} (${allowed} allowed)`;
}

/** What was made whole against the hole in the wall that the order states, in one sentence. */
export function intoHoleSentence(is: IntoHole, unit: LengthUnit): string {
  const text = (length: number): string => writeLength(nm(Math.abs(length)), unit, { places: 1, ticks: 32 });
  if (is.fits) return `It goes in, with ${text(is.width.gap)} on each side and ${text(is.height.gap)} above and below.`;
  if (is.swapped) return `${WRONG_WAY} Send it back, or say why it may stay.`;
  const sides = Object.entries({ width: is.width, height: is.height });
  const told = (fits: HoleSide["fits"]): readonly string[] =>
    sides.flatMap(([name, side]) =>
      side.fits !== fits
        ? []
        : side.gap < 0
          ? `${name} is ${text(2 * side.gap)} larger than the hole`
          : `${name} leaves ${side.gap === 0 ? "nothing" : text(side.gap)} on each side`,
    );
  const [large, small] = [told("too-large"), told("too-small")];
  const says = [
    large.length > 0 && `Too large: ${large.join(", ")}. At least ${text(is.leastGap)} a side is wanted.`,
    small.length > 0 && `Too small: ${small.join(", ")}. At most ${text(is.mostGap)} a side can be sealed.`,
  ];
  return `${says.filter(Boolean).join(" ")} Send it back, or say why it may stay.`;
}
