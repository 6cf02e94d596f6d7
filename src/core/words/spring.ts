import type { ForSpring } from "../plan/spring-list.ts";
import type { LengthUnit } from "../units/length.ts";
import { sayDay } from "./days.ts";
import { inUnit } from "./in-unit.ts";

/**
 * Why a visit waits for warmth, and what to do where it cannot.
 * @example wants 8 °C, 6 at the warmest // "Wants 8 °C or more all day; the mildest day that is told goes down to 6 °C."
 */
export function springText(s: ForSpring, unit: LengthUnit): string {
  const wait = inUnit(
    `Wants ${s.leastC} °C or more all day; the mildest day that is told goes down to ${s.warmestC} °C.`,
    unit,
  );
  return s.runsOut === null
    ? wait
    : `${wait} After ${sayDay(s.runsOut)} it does no good: warm the place, or bring the sash in.`;
}
