import type { Bed } from "../bed/compound.ts";
import { isTimber } from "../frame/held.ts";

/**
 * Whether the rebate is primed before it is bedded: raw timber under putty, unless the compound needs no primer.
 * @example timber, linseed putty // true; timber, a gun's compound by its label // false
 */
export const primesRebate = (
  frame: Parameters<typeof isTimber>[0] & { readonly bed: Bed; readonly primeRebate: boolean },
): boolean => frame.bed === "putty" && isTimber(frame) && frame.primeRebate;
