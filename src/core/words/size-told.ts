import { sizeWritten, writtenIn } from "../tape/as-written.ts";
import { readTape } from "../tape/read.ts";
import { writeNumber } from "../tape/write.ts";
import type { Written } from "../tape/written.ts";
import type { LengthUnit, Nm } from "../units/length.ts";

/**
 * A size that somebody wrote, for whoever reads it: as it was written where that is in their unit, else in theirs.
 * @example 537 × 777.5 written in mm, read in mm // "537 × 777.5 mm"
 * @example the same, read in inches // "21 5/32 × 30 5/8 in"
 */
export function sizeTold(width: Written, height: Written, unit: LengthUnit): string {
  if (writtenIn(width) === unit && writtenIn(height) === unit) return sizeWritten(width, height);
  const [w, h] = [readTape(width.text, width.unit), readTape(height.text, height.unit)];
  if (!w.ok || !h.ok) return sizeWritten(width, height);
  const told = (length: Nm): string => writeNumber(length, unit, { places: 1, ticks: 32 });
  return `${told(w.value.adjusted)} × ${told(h.value.adjusted)} ${unit}`;
}
