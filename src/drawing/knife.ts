import type { Side } from "../core/geometry/quad.ts";
import type { Board } from "./board.ts";
import { polygon, type Xy } from "./path.ts";

const BLADE = 40;
const HANDLE = 36;

/**
 * A knife whose point is in the seam between frame and strip, at right angles to the side and coming from outside it.
 * @example the left side, at its middle // the handle lies left of the frame, the point at its inner edge
 */
export function knifeAt(b: Board, side: Side, on: Xy): { readonly blade: string; readonly handle: string } {
  const tip: Xy = {
    left: { x: b.sash.left + 3, y: on.y },
    right: { x: b.sash.left + b.sash.width - 3, y: on.y },
    top: { x: on.x, y: b.sash.top + 3 },
    bottom: { x: on.x, y: b.sash.top + b.sash.height - 3 },
  }[side];
  const away: Xy = { left: { x: -1, y: 0 }, right: { x: 1, y: 0 }, top: { x: 0, y: -1 }, bottom: { x: 0, y: 1 } }[side];
  // Above and below there is little room: the knife is drawn shorter there.
  const by = away.x === 0 ? 0.62 : 1;
  const at = (along: number, across: number): Xy => ({
    x: tip.x + away.x * along * by + away.y * across,
    y: tip.y + away.y * along * by + away.x * across,
  });
  return {
    blade: polygon([at(0, 0), at(BLADE, 6), at(BLADE, -6)]),
    handle: polygon([at(BLADE, 8), at(BLADE + HANDLE, 8), at(BLADE + HANDLE, -8), at(BLADE, -8)]),
  };
}
