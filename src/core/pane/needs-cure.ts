import type { Reckoning } from "./reckoning.ts";

/**
 * Whether no pane of this size goes in, or none is likely to do, and something else must be chosen: easing, a shaped pane,
 * another way of fitting. Not while a reading contradicts the others: that is settled first.
 */
export function needsCure(r: Pick<Reckoning, "cut" | "slips" | "poor" | "tooBigBy" | "odds" | "shaped">): boolean {
  const lying = r.cut.ok && r.cut.value.opening.ok ? r.cut.value.opening.value : null;
  if (!lying || r.slips.length > 0) return false;
  const short = lying.leastCover !== null && lying.leastCover !== undefined && !lying.leastCover.enough;
  return r.poor || r.tooBigBy > 0 || short || r.shaped !== null;
}

/** Under what name that stands. @example of a raking side // "Its template" */
export const cureName = (r: Pick<Reckoning, "shaped">): string =>
  r.shaped !== null && r.shaped.as !== "own" ? "Its template" : "What will do instead";
