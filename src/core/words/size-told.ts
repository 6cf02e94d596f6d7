import { sizeWritten } from "../tape/as-written.ts";
import { readTape } from "../tape/read.ts";
import { writeNumber } from "../tape/write.ts";
import type { Written } from "../tape/written.ts";
import type { LengthUnit, Nm } from "../units/length.ts";

/** Whether a length was written in this unit. A fraction is of an inch. */
const isIn = (w: Written, unit: LengthUnit): boolean =>
  (/mm/.test(w.text) ? "mm" : /["″/]|in\b/.test(w.text) ? "in" : w.unit) === unit;

/**
 * A size that somebody wrote, for whoever reads it: as it was written where that is in their unit, else in theirs.
 * @example 537 × 777.5 written in mm, read in mm // "537 × 777.5 mm"
 * @example the same, read in inches // "21 5/32 × 30 5/8 in"
 */
export function sizeTold(width: Written, height: Written, unit: LengthUnit): string {
  if (isIn(width, unit) && isIn(height, unit)) return sizeWritten(width, height);
  const [w, h] = [readTape(width.text, width.unit), readTape(height.text, height.unit)];
  if (!w.ok || !h.ok) return sizeWritten(width, height);
  const told = (of: Nm): string => writeNumber(of, unit, { places: 1, ticks: 32 });
  return `${told(w.value.adjusted)} × ${told(h.value.adjusted)} ${unit}`;
}
