import { type LengthUnit, type Nm, toMm } from "../units/length.ts";

const MM_PER_FOOT = 304.8;

/**
 * How much of something comes off a roll: nobody measures it, and nobody runs short by it. Up to the next tenth of a metre,
 * or to the next half foot.
 * @example 10 630 mm // "10.7 m", "35 ft"
 */
export function runText(length: Nm, unit: LengthUnit): string {
  const mm = toMm(length);
  return unit === "mm"
    ? `${(Math.ceil(mm / 100 - 1e-9) / 10).toFixed(1)} m`
    : `${Math.ceil((mm / MM_PER_FOOT) * 2 - 1e-9) / 2} ft`;
}
