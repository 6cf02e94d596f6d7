import type { CheckIn, SideCheck } from "../order/check-in.ts";
import { writeLength } from "../tape/write.ts";
import { type LengthUnit, nm } from "../units/length.ts";

/** What came against what was ordered, in one sentence. */
export function checkInSentence(check: CheckIn, unit: LengthUnit): string {
  if (check.swapped)
    return "Width and height are the wrong way about. Turn it, and see whether pattern and label allow it.";
  const { width, height } = check;
  const parts = [sideWords("width", width, unit), sideWords("height", height, unit)].filter(Boolean);
  if (check.verdict === "within")
    return parts.length === 0 ? "Exactly as ordered." : `Within tolerance: ${parts.join(", ")}.`;
  return `Out of tolerance: ${parts.join(", ")}. Send it back, or say why it may stay.`;
}

function sideWords(name: string, side: SideCheck, unit: LengthUnit): string {
  if (side.difference === 0) return "";
  const by = writeLength(nm(Math.abs(side.difference)), unit, { places: 2, ticks: 64 });
  // Less than half the finest mark of the reader's tape is no difference.
  if (by === writeLength(nm(0), unit, { places: 2, ticks: 64 })) return "";
  const allowed = writeLength(side.tolerance, unit, { places: 1, ticks: 64 });
  return `${name} ${by} too ${side.difference > 0 ? "large" : "small"} (${allowed} allowed)`;
}
