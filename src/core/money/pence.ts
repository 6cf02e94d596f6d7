declare const wholePence: unique symbol;

/**
 * Money: whole pence of the firm's currency, or whatever its hundredths are called. Below nothing is what was lost. A sum of two
 * by plus or minus is a bare number and no money: it goes by the functions here, and by parts of a penny (`parts.ts`) where
 * it is a share of something.
 */
export type Pence = number & { readonly [wholePence]: true };

/** Marks a whole number as pence. Throws on anything else: that would be our own mistake, not the user's. @example pence(4500) // 45.00 */
export function pence(value: number): Pence {
  if (!Number.isSafeInteger(value)) throw new RangeError(`not whole pence: ${value}`);
  return value as Pence;
}

export const NO_MONEY = pence(0);

/** A figure of the house, written as money with up to two decimals. @example penceOf(45.5) // 4550 */
export const penceOf = (written: number): Pence => pence(Math.round(written * 100));

/** @example sumOf([pence(3010), pence(1250)]) // 4260 */
export const sumOf = (all: readonly Pence[]): Pence => pence(all.reduce((sum, p) => sum + p, 0));

/** @example lessOf(pence(3010), pence(4000)) // -990 */
export const lessOf = (from: Pence, taken: Pence): Pence => pence(from - taken);

/** So many of one price. @example timesOf(pence(4000), 2) // 8000 */
export const timesOf = (each: Pence, count: number): Pence => pence(each * count);
