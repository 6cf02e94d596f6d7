import { betaInverse } from "../chance/beta.ts";
import type { Within } from "./belief.ts";

/** What is believed of a chance: so many as good as seen to happen, and not to. Conjugate of a coin: a beta. */
export type ShareBelief = { readonly did: number; readonly didNot: number };

/** @example learnShare({ did: 1, didNot: 19 }, { did: 2, of: 20 }) // 3 of 40 */
export const learnShare = (prior: ShareBelief, seen: { readonly did: number; readonly of: number }): ShareBelief => ({
  did: prior.did + seen.did,
  didNot: prior.didNot + seen.of - seen.did,
});

export const shareOf = (b: ShareBelief): number => b.did / (b.did + b.didNot);

/** Where the chance lies, as much left out below as above. @example shareWithin({ did: 1, didNot: 1 }, 0.9) // 0.05 to 0.95 */
export const shareWithin = (b: ShareBelief, share: number): Within => ({
  lo: betaInverse(0.5 - share / 2, b.did, b.didNot),
  hi: betaInverse(0.5 + share / 2, b.did, b.didNot),
});
