import type { InspectionPlace } from "../core/signoff/inspection.ts";
import { BOARD_BOX, type Board } from "./board.ts";
import type { Xy } from "./path.ts";

const within = (b: Board, x: number, y: number): Xy => ({
  x: b.sight.left + x * b.sight.width,
  y: b.sight.top + y * b.sight.height,
});

/** Places that can be taken, the first first. No two of them meet on any sash that is drawn. */
const PLACES: Readonly<Record<InspectionPlace, (b: Board) => readonly Xy[]>> = {
  glass: (b) => [within(b, 0.5, 0.32), within(b, 0.5, 0.68), within(b, 0.5, 0.5), within(b, 0.5, 0.14)],
  edge: (b) => [b.sides.left.on, b.sides.right.on, b.sides.top.on, b.sides.bottom.on],
  corner: (b) => [
    b.corners["top-left"].on,
    b.corners["top-right"].on,
    b.corners["bottom-left"].on,
    b.corners["bottom-right"].on,
  ],
  foot: (b) => [-1, 0, 1].map((turn) => ({ x: b.sides.bottom.out.x + turn * 46, y: b.sides.bottom.out.y - 2 })),
  frame: (b) => [-1, 1].map((turn) => ({ x: b.sides.left.out.x - 8, y: b.sides.left.out.y + turn * 60 })),
  beside: (b) => [{ x: b.sides.right.out.x + 8, y: b.sides.right.out.y }],
  customer: (b) => [-1, 1].map((turn) => ({ x: BOARD_BOX.width - 30, y: b.sides.right.out.y + turn * 60 })),
};

/**
 * Where each look is drawn: at its own place, each look of a kind at the next one that is free.
 * @example two looks at the glass // the first above the middle, the second below it
 */
export function inspectionSpots(
  b: Board,
  items: readonly { readonly id: string; readonly at: InspectionPlace }[],
): ReadonlyMap<string, Xy> {
  const used = new Map<InspectionPlace, number>();
  const spots = new Map<string, Xy>();
  for (const { id, at } of items) {
    const turn = used.get(at) ?? 0;
    const all = PLACES[at](b);
    const spot = all[turn % all.length];
    if (spot) spots.set(id, spot);
    used.set(at, turn + 1);
  }
  return spots;
}
