import type { Side } from "../geometry/quad.ts";

const OPPOSITE: Readonly<Record<Side, Side>> = { left: "right", right: "left", top: "bottom", bottom: "top" };

/**
 * The two beads that hold old glass until the new one comes: the one that came out last, because nothing lies over it, and
 * the one facing it.
 * @example out left, right, bottom, top // top and bottom
 */
export function holdingPair(out: readonly Side[]): readonly [Side, Side] | null {
  const last = out.at(-1);
  return last === undefined ? null : [last, OPPOSITE[last]];
}
