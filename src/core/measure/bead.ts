import { type Nm, nm, takeNm } from "../units/length.ts";
import type { Readings } from "./reckoned.ts";

/**
 * The bead as it goes back, across: what it measured less what was sanded off it. Undefined while nobody measured it,
 * or when more is said to be off than there was.
 * @example bead 10, sanded 0.5 // 9.5
 */
export function beadAcross(r: Readings): Nm | undefined {
  const whole = r["bead-width"];
  const off = r["bead-sanded"] ?? nm(0);
  return whole === undefined || off >= whole ? undefined : takeNm(whole, off);
}
