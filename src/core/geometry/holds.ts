import { cornersOf, type Placed, type Setback } from "./placing.ts";
import type { Point } from "./point.ts";
import { edgesOf, type Quad, SIDES, type Side } from "./quad.ts";

/** Which ends of the rectangle face a side: −1 is left or bottom, +1 right or top. */
export type Facing = { readonly side: Side; readonly sx: -1 | 1; readonly sy: -1 | 1 };

/** The eight corner gaps, two a side. */
export const FACINGS: readonly Facing[] = SIDES.flatMap((side): readonly Facing[] => {
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

export function cornerGaps(q: Quad, p: Placed, setback: Setback = {}): readonly CornerGap[] {
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
      gap: dot(n, { x: at.x - edge.from.x, y: at.y - edge.from.y }) - (setback[f.side] ?? 0),
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

/**
 * Every way in which four of the eight corner gaps can hold a rectangle between them: signed shares, 1 in all but for
 * their signs, in which moving and turning cancel. Where all have one sign the gaps alone hold it: the best smallest gap
 * is the least of those shared sums, to first order (a linear programme's dual corners). Where signs differ, corners that
 * must not go farther out are set against corners that must not come farther in.
 */
export function holdsOn(gaps: readonly CornerGap[]): readonly (readonly number[])[] {
  // Turning is in mm a radian; brought to the size of the other rows, or the equations would be badly scaled.
  const size = Math.max(1, ...gaps.map((g) => Math.abs(g.turn)));
  const columns = gaps.map((g): Column => [g.place.x, g.place.y, g.turn / size]);
  const found = new Map<string, readonly number[]>();
  for (const [i, j, k, l] of FOURS) {
    const [a, b, c, d] = [columns[i], columns[j], columns[k], columns[l]] as unknown as [
      Column,
      Column,
      Column,
      Column,
    ];
    const minors = [triple(b, c, d), -triple(a, c, d), triple(a, b, d), -triple(a, b, c)] as const;
    const sum = minors.reduce((s, v) => s + Math.abs(v), 0);
    if (sum < 1e-12) continue;
    const all = new Array<number>(gaps.length).fill(0);
    [i, j, k, l].forEach((at, m) => {
      const share = (minors[m] as number) / sum;
      all[at] = Math.abs(share) < LEAST_SHARE ? 0 : share;
    });
    const first = all.find((v) => v !== 0) ?? 1;
    const signed = first < 0 ? all.map((v) => -v) : all;
    found.set(signed.map((v) => Math.round(v * 1e8)).join(), signed);
  }
  return [...found.values()];
}

type Column = readonly [number, number, number];
const LEAST_SHARE = 1e-9;

const triple = (a: Column, b: Column, c: Column): number =>
  a[0] * (b[1] * c[2] - b[2] * c[1]) - b[0] * (a[1] * c[2] - a[2] * c[1]) + c[0] * (a[1] * b[2] - a[2] * b[1]);

function foursOf(n: number): readonly (readonly [number, number, number, number])[] {
  const out: [number, number, number, number][] = [];
  for (let a = 0; a < n; a++)
    for (let b = a + 1; b < n; b++)
      for (let c = b + 1; c < n; c++) for (let d = c + 1; d < n; d++) out.push([a, b, c, d]);
  return out;
}

const FOURS = foursOf(FACINGS.length);
