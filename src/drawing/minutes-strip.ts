import { scaleLinear } from "d3";

/** A strip of time from nothing on: where the house's word, one's own, and the doubt about it lie. */
export type MinutesStrip = {
  readonly own: number;
  readonly lo: number;
  readonly hi: number;
  readonly usual: number | null;
};

/** On a strip so wide, all strips of a list to the same most minutes. @example 12, 9 to 19, of 20, on 200 // 120, 90, 190 */
export function minutesStrip(
  work: {
    readonly minutes: number;
    readonly within: { readonly lo: number; readonly hi: number };
    readonly usual: number | null;
  },
  most: number,
  width: number,
): MinutesStrip {
  const x = scaleLinear([0, Math.max(1, most)], [0, width]).clamp(true);
  return {
    own: x(work.minutes),
    lo: x(work.within.lo),
    hi: x(work.within.hi),
    usual: work.usual === null ? null : x(work.usual),
  };
}
