import { writeNumber } from "../../core/tape/write.ts";
import type { LengthUnit } from "../../core/units/length.ts";

const HALF_MM = 500_000;

/**
 * A length as it is laid out by hand: half millimetres, or thirty-seconds.
 * @example layText(596_940_000, "mm") // "597"
 */
export const layText = (length: number, unit: LengthUnit): string =>
  unit === "mm" ? writeNumber(Math.round(length / HALF_MM) * HALF_MM, "mm") : writeNumber(length, "in", { ticks: 32 });
