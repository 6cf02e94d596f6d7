import type { Location } from "./safety.ts";

/** What is ticked of where a pane is. */
export const PLACE_FLAGS = ["inDoor", "wetRoom", "stairs", "walkway"] as const;
export type PlaceFlag = (typeof PLACE_FLAGS)[number];

/** What a rule set goes by beside heights and doors; a wet room decides a pattern too, whatever the set. */
const GOES_BY: Readonly<Record<"M" | "F", readonly PlaceFlag[]>> = {
  M: ["inDoor", "wetRoom"],
  F: ["inDoor", "wetRoom", "stairs", "walkway"],
};
/** What a pane that is in a door need not be asked any more: that decides. */
const DECIDED_BY_DOOR: readonly PlaceFlag[] = ["stairs", "walkway"];

/**
 * What is asked of where a pane is: what decides something by the firm's rule set, and what was ticked already.
 * @example set M // in a door, in a wet room
 * @example set F, in a door // the same: stairs and walkways decide nothing of a door
 */
export function placeAsked(set: "M" | "F", at: Pick<Location, PlaceFlag>): readonly PlaceFlag[] {
  return PLACE_FLAGS.filter(
    (flag) => at[flag] || (GOES_BY[set].includes(flag) && !(at.inDoor && DECIDED_BY_DOOR.includes(flag))),
  );
}

/** Whether the nearest door's edge decides anything: of a pane that is in one it does not. */
export const asksDoorEdge = (at: Pick<Location, "inDoor">): boolean => !at.inDoor;
