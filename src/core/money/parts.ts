import type { Nm } from "../units/length.ts";
import { type Pence, pence } from "./pence.ts";

declare const partsOfAPenny: unique symbol;

/** Money that is not rounded yet: whole parts of a penny, so fine that areas, lengths, thousandths and seconds come out exactly. */
export type Parts = bigint & { readonly [partsOfAPenny]: true };

/* So many parts a penny: nm² of a m², times a thousandth, times a second of an hour. */
const OF_A_PENNY = 10n ** 21n * 3600n;
const NM2_A_M2 = 10n ** 18n;
const NM_A_METRE = 10n ** 9n;
/** Shares and factors are told to a thousand-millionth. */
const SHARE = 1_000_000_000;

const parts = (value: bigint): Parts => value as Parts;

/** @example rounded(partsOf(pence(4500))) // 4500 */
export const partsOf = (p: Pence): Parts => parts(BigInt(p) * OF_A_PENNY);

export const sumOfParts = (all: readonly Parts[]): Parts => parts(all.reduce((sum: bigint, p) => sum + p, 0n));

export const greaterOf = (a: Parts, b: Parts): Parts => (a > b ? a : b);

/** An area, in square nanometres. @example areaNm2(mm(608), mm(900)) // 0.5472 m² */
export const areaNm2 = (width: Nm, height: Nm): bigint => BigInt(width) * BigInt(height);

/** The same of square metres, to a millionth of a square millimetre. @example areaOfM2(0.5472) */
export const areaOfM2 = (m2: number): bigint => BigInt(Math.round(m2 * 1e12)) * 10n ** 6n;

/** @example 0.5472 m² at 55.00 a m² // 30.096 */
export const byArea = (perM2: Pence, nm2: bigint): Parts => parts((BigInt(perM2) * nm2 * OF_A_PENNY) / NM2_A_M2);

/** @example 2 × (0.6 + 0.9) m at 2.00 a metre // 6.00 */
export const byLength = (perMetre: Pence, length: Nm): Parts =>
  parts((BigInt(perMetre) * BigInt(length) * OF_A_PENNY) / NM_A_METRE);

/** Work, to the second. @example 95 min at 45.00 an hour // 71.25 */
export const byTime = (perHour: Pence, minutes: number): Parts =>
  parts((BigInt(perHour) * BigInt(Math.round(minutes * 60)) * OF_A_PENNY) / 3600n);

/** So many of it, where they are counted. @example three bars */
export const timesParts = (each: Parts, count: number): Parts => parts(each * BigInt(count));

/** A share or a multiple of it. @example byShare(partsOf(pence(4260)), 0.2) // 8.52 */
export const byShare = (amount: Parts, share: number): Parts =>
  parts((amount * BigInt(Math.round(share * SHARE))) / BigInt(SHARE));

/** Of a whole, what one area of it is. @example a sheet at 27.00, 0.35 of its 0.54 m² // 17.50 */
export const byPart = (amount: Parts, nm2: bigint, wholeNm2: bigint): Parts => parts((amount * nm2) / wholeNm2);

/** Whole pence, once, at the end: half a penny up. @example 30.096 // 30.10 */
export const rounded = (amount: Parts): Pence => {
  const twice = 2n * amount + OF_A_PENNY;
  const whole = twice / (2n * OF_A_PENNY);
  // Division of whole numbers goes towards nothing: below it, half a penny up is the one before.
  return pence(Number(twice < 0n && twice % (2n * OF_A_PENNY) !== 0n ? whole - 1n : whole));
};
