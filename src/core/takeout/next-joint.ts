import { type Corner, type Joint, MEETING } from "./beads.ts";

/**
 * What a corner is said to be with the next tap: not said, mitred, upright through, level through, upright over, level
 * over, and round again.
 * @example mitred at the top left // left runs through
 */
export function nextJoint(now: Joint | undefined, corner: Corner): Joint | null {
  const [upright, level] = MEETING[corner];
  const all: readonly (Joint | null)[] = [
    { kind: "mitred" },
    { kind: "runs", side: upright },
    { kind: "runs", side: level },
    { kind: "laps", side: upright },
    { kind: "laps", side: level },
    null,
  ];
  const same = (j: Joint | null): boolean =>
    j !== null && j.kind === now?.kind && (j.kind === "mitred" || (now.kind !== "mitred" && j.side === now.side));
  return all[(all.findIndex(same) + 1) % all.length] ?? null;
}

/** How a corner meets, in a few words. @example { kind: "runs", side: "left" } // "left runs through" */
export const jointText = (j: Joint | undefined): string =>
  !j ? "not said" : j.kind === "mitred" ? "mitred" : `${j.side} ${j.kind === "runs" ? "runs through" : "laps over"}`;
