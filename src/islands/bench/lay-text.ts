import { writeNumber } from "../../core/tape/write.ts";
import type { LengthUnit } from "../../core/units/length.ts";

const HALF_MM = 500_000;
const THIRTY_SECOND = 793_750;

/**
 * A length as it is laid out by hand, in half millimetres or thirty-seconds: rounded down, so that no pane grows by it.
 * @example layText(596_940_000, "mm") // "596.5"
 */
export function layText(length: number, unit: LengthUnit): string {
  const step = unit === "mm" ? HALF_MM : THIRTY_SECOND;
  return writeNumber(Math.floor(length / step + 1e-6) * step, unit, { ticks: 32 });
}
