import type { Mm } from "./length.ts";

const MM_PER_INCH = 25.4;
const PARTS = 64;
const NEAR = 1e-6;
const whole = (n: number): boolean => Math.abs(n - Math.round(n)) < NEAR;

/**
 * Whether a thickness is one that is made in inches: a sixty-fourth's multiple that is no half millimetre's.
 * @example isInchMake(3.175) // true: 1/8; isInchMake(4) // false
 */
export const isInchMake = (mm: Mm): boolean => mm > 0 && whole((mm / MM_PER_INCH) * PARTS) && !whole(mm * 2);

/** What is made in inches as its fraction, the rest in millimetres. @example makeText(9.525) // "3/8"; makeText(6.4) // "6.4" */
export function makeText(mm: Mm): string {
  if (!isInchMake(mm)) return String(Math.round(mm * 100) / 100);
  return fractionText(Math.round((mm / MM_PER_INCH) * PARTS), PARTS);
}

/** So many parts of an inch, in lowest terms. @example fractionText(24, 64) // "3/8"; fractionText(72, 64) // "1 1/8" */
export function fractionText(n: number, inches: number): string {
  let [top, parts] = [n, inches];
  while (parts > 1 && top % 2 === 0) [top, parts] = [top / 2, parts / 2];
  const whole = Math.floor(top / parts);
  const rest = top - whole * parts;
  if (rest === 0) return String(whole);
  return whole === 0 ? `${rest}/${parts}` : `${whole} ${rest}/${parts}`;
}
