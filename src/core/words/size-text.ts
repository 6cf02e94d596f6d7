import { writeNumber } from "../tape/write.ts";
import { type LengthUnit, NM_PER_64TH, type Nm, nm } from "../units/length.ts";

/** A cut size as a reader of this unit sees it: down to 0.1 mm or 1/32 in, never up. @example sizeShown(mm(608), "in") // 23 29/32 in */
export function sizeShown(length: Nm, unit: LengthUnit): Nm {
  const tick = unit === "mm" ? 100_000 : NM_PER_64TH * 2;
  return nm(Math.floor(length / tick) * tick);
}
export const sizeText = (length: Nm, unit: LengthUnit): string =>
  writeNumber(sizeShown(length, unit), unit, { places: 1, ticks: 32 });
