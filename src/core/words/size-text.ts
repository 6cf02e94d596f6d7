import { writeNumber } from "../tape/write.ts";
import { type LengthUnit, NM_PER_64TH, type Nm, nm } from "../units/length.ts";

/**
 * A size as a reader of this unit sees it, to 0.1 mm or 1/32 in. What may still be cut to it is rounded down, never up; what is
 * ordered or made is as it is, to the nearest mark, as the tape against it will say.
 * @example sizeShown(mm(608), "in") // 23 29/32 in; sizeShown(mm(569), "in") // 22 3/8 in, and made: 22 13/32 in
 */
export function sizeShown(length: Nm, unit: LengthUnit, made = false): Nm {
  const tick = unit === "mm" ? 100_000 : NM_PER_64TH * 2;
  return nm((made ? Math.round : Math.floor)(length / tick) * tick);
}
export const sizeText = (length: Nm, unit: LengthUnit, made = false): string =>
  writeNumber(sizeShown(length, unit, made), unit, { places: 1, ticks: 32 });
