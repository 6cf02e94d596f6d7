import type { CheckIn, SideCheck } from "../order/check-in.ts";
import { type Fineness, writeLength } from "../tape/write.ts";
import { type LengthUnit, nm } from "../units/length.ts";

/** What came against what was ordered, in one sentence. */
export function checkInSentence(check: CheckIn, unit: LengthUnit): string {
  if (check.swapped)
    return "Width and height are the wrong way about. Turn it, and see whether pattern and label allow it.";
  const { width, height } = check;
  const told = (within: boolean): string =>
    Object.entries({ width, height })
      .flatMap(([name, side]) => (side.within === within && sideWords(name, side, unit)) || [])
      .join(", ");
  const inside = told(true);
  if (check.verdict === "within") return inside === "" ? "Exactly as ordered." : `Within tolerance: ${inside}.`;
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
