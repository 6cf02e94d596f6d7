import { cornersOf, type Placed } from "./placing.ts";
import type { Point } from "./point.ts";
import { edgesOf, type Quad, SIDES, type Side } from "./quad.ts";

/** Which ends of the rectangle face a side: −1 is left or bottom, +1 right or top. */
type Facing = { readonly side: Side; readonly sx: -1 | 1; readonly sy: -1 | 1 };

/** The eight corner gaps, two a side. */
const FACINGS: readonly Facing[] = SIDES.flatMap((side): readonly Facing[] => {
  if (side === "left" || side === "right") {
    const sx = side === "left" ? -1 : 1;
    return [
      { side, sx, sy: -1 },
      { side, sx, sy: 1 },
    ];
  }
  const sy = side === "bottom" ? -1 : 1;
  return [
    { side, sx: -1, sy },
    { side, sx: 1, sy },
  ];
});

/** One corner gap of a placed rectangle, and how it changes to first order. */
export type CornerGap = Facing & {
  readonly gap: number;
  /** With the rectangle's place and turn (mm a radian). */
  readonly place: Point;
  readonly turn: number;
  /** With its width and its height. */
  readonly width: number;
  readonly height: number;
  /** With the two ends of the wall it faces. */
  readonly wall: { readonly from: keyof Quad; readonly to: keyof Quad; readonly atFrom: Point; readonly atTo: Point };
};

const WALLS: Readonly<Record<Side, readonly [keyof Quad, keyof Quad]>> = {
  bottom: ["bl", "br"],
  right: ["br", "tr"],
  top: ["tr", "tl"],
  left: ["tl", "bl"],
};

export function cornerGaps(q: Quad, p: Placed): readonly CornerGap[] {
  const edges = edgesOf(q);
  const corners = cornersOf(p);
  const along = { x: Math.cos(p.turn), y: Math.sin(p.turn) };
  const up = { x: -along.y, y: along.x };
  return FACINGS.map((f) => {
    const edge = edges[f.side];
    const n = edge.inward;
    const at = corners[f.sy < 0 ? (f.sx < 0 ? "bl" : "br") : f.sx < 0 ? "tl" : "tr"];
    const reach = { x: at.x - p.at.x, y: at.y - p.at.y };
    const [from, to] = WALLS[f.side];
    const share = dot({ x: at.x - edge.from.x, y: at.y - edge.from.y }, unit(edge.from, edge.to)) / edge.length;
    return {
      ...f,
      gap: dot(n, { x: at.x - edge.from.x, y: at.y - edge.from.y }),
      place: n,
      turn: dot(n, { x: -reach.y, y: reach.x }),
      width: (f.sx * dot(n, along)) / 2,
      height: (f.sy * dot(n, up)) / 2,
      wall: {
        from,
        to,
        atFrom: { x: -n.x * (1 - share), y: -n.y * (1 - share) },
        atTo: { x: -n.x * share, y: -n.y * share },
      },
    };
  });
}

const dot = (a: Point, b: Point): number => a.x * b.x + a.y * b.y;
const unit = (a: Point, b: Point): Point => {
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  return { x: (b.x - a.x) / length, y: (b.y - a.y) / length };
};
