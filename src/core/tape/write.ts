import { type LengthUnit, NM_PER_64TH, NM_PER_MM, type Nm } from "../units/length.ts";

/** A number of inches taken apart for setting as a fraction. `about` says that it was rounded to the nearest tick. */
export type InchParts = {
  readonly whole: number;
  readonly numerator: number;
  readonly denominator: number;
  readonly about: boolean;
};

/** Nearest tick of 1/`ticks` in, in lowest terms. @example inchParts(nm(601_662_500)) // 23 and 11/16, exact */
export function inchParts(length: number, ticks: 16 | 32 | 64 = 64): InchParts {
  const perTick = (NM_PER_64TH * 64) / ticks;
  const count = Math.round(length / perTick);
  let numerator = count % ticks;
  let denominator: number = ticks;
  while (numerator !== 0 && numerator % 2 === 0) {
    numerator /= 2;
    denominator /= 2;
  }
  return {
    whole: Math.floor(count / ticks),
    numerator,
    denominator: numerator === 0 ? 1 : denominator,
    about: count * perTick !== length,
  };
}

/** How finely a length is written: `places` of a millimetre, and the tick on an inch tape. */
export type Fineness = { readonly places?: 0 | 1 | 2; readonly ticks?: 16 | 32 | 64 };

/**
 * A length for people. Millimetres lose empty decimals; inches are fractions in lowest terms.
 * @example writeLength(mm(601.5), "mm") // "601.5 mm"
 * @example writeLength(inches(2, 3, 16), "in") // 2 3/16"
 */
export function writeLength(length: Nm, unit: LengthUnit, fineness: Fineness = {}): string {
  return unit === "mm" ? `${writeNumber(length, unit, fineness)} mm` : `${writeNumber(length, unit, fineness)}"`;
}

/** The same without its unit, as it stands in a field. @example writeNumber(inches(23, 11, 16), "in") // 23 11/16 */
export function writeNumber(length: number, unit: LengthUnit, fineness: Fineness = {}): string {
  const sign = length < 0 ? "−" : "";
  const size = Math.abs(length);
  if (unit === "mm") return sign + String(Number((size / NM_PER_MM).toFixed(fineness.places ?? 2)));
  const { whole, numerator, denominator } = inchParts(size, fineness.ticks ?? 64);
  if (numerator === 0) return sign + String(whole);
  return `${sign}${whole === 0 ? "" : `${whole} `}${numerator}/${denominator}`;
}

/** Feet and inches. @example writeFeet(inches(22, 5, 16)) // 1' 10 5/16" */
export function writeFeet(length: Nm, fineness: Fineness = {}): string {
  const { whole, numerator, denominator } = inchParts(length, fineness.ticks ?? 64);
  const feet = Math.floor(whole / 12);
  const rest = whole % 12;
  const tail = numerator === 0 ? String(rest) : `${rest === 0 ? "" : `${rest} `}${numerator}/${denominator}`;
  return feet === 0 ? `${tail}"` : `${feet}' ${tail}"`;
}
