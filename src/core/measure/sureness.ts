import type { OpeningPlace } from "./places.ts";
import { CIRCUMSTANCES, type Circumstance } from "./ways.ts";

export type Sureness = Circumstance | "not-said";

/**
 * How sure the readings of an opening are: as sure as the least sure of them.
 * @example leastSure(["cleared", "first-visit"]) // "first-visit"; leastSure(["cleared", null]) // "not-said"
 */
export function leastSure(states: readonly (Circumstance | null)[]): Sureness {
  if (states.includes(null)) return states.some((c) => c === "guess") ? "guess" : "not-said";
  return CIRCUMSTANCES.find((c) => states.includes(c)) ?? "not-said";
}

/** Two readings of one place, by two people or twice by one: how far apart they are, mm. */
export type Spread = {
  readonly place: OpeningPlace;
  readonly first: number;
  readonly again: number;
  readonly apart: number;
};

/** Wider than this between two readings of one place, it is read a third time, mm: four spreads of a tape. */
export const SPREAD_MM = 2;
