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
 * Every way in which corner gaps can hold a rectangle fast: shares of the eight, none negative and 1 in all, in which
 * moving and turning cancel. The best smallest gap is then the least of the shared sums, to first order (a linear
 * programme's dual corners), and the best least cover the least of the same shares of cover.
 */
export function holdsOn(gaps: readonly CornerGap[]): readonly (readonly number[])[] {
  // Turning is in mm a radian; brought to the size of the other rows, or the equations would be badly scaled.
  const size = Math.max(1, ...gaps.map((g) => Math.abs(g.turn)));
  const columns = gaps.map((g) => [g.place.x, g.place.y, g.turn / size, 1] as const);
  const found = new Map<string, readonly number[]>();
  for (const four of FOURS) {
    const shares = sharesOf(four.map((i) => columns[i] as Column) as unknown as Four);
    if (!shares) continue;
    const all = new Array<number>(gaps.length).fill(0);
    let key = "";
    four.forEach((i, k) => {
      const share = Math.max(0, shares[k] as number);
      all[i] = share;
      if (share > LEAST_SHARE) key += `${i}:${share.toFixed(8)} `;
    });
    found.set(key, all);
  }
  return [...found.values()];
}

type Column = readonly [number, number, number, number];
type Four = readonly [Column, Column, Column, Column];
const LEAST_SHARE = 1e-9;

/** Shares of four columns that add up to (0, 0, 0, 1), none negative: by Cramer's rule on the first three rows. */
function sharesOf(of: Four): readonly number[] | undefined {
  const minors = of.map((_, k) => {
    const [a, b, c] = of.filter((_, i) => i !== k) as unknown as readonly [Column, Column, Column];
    return (k % 2 === 0 ? 1 : -1) * triple(a, b, c);
  });
  const sum = minors.reduce((s, v) => s + v, 0);
  if (Math.abs(sum) < 1e-12) return undefined;
  const shares = minors.map((v) => v / sum);
  return shares.every((v) => v > -LEAST_SHARE) ? shares : undefined;
}

const triple = (a: Column, b: Column, c: Column): number =>
  a[0] * (b[1] * c[2] - b[2] * c[1]) - b[0] * (a[1] * c[2] - a[2] * c[1]) + c[0] * (a[1] * b[2] - a[2] * b[1]);

const FOURS = foursOf(FACINGS.length);

function foursOf(n: number): readonly (readonly number[])[] {
  const out: number[][] = [];
  for (let a = 0; a < n; a++)
    for (let b = a + 1; b < n; b++)
      for (let c = b + 1; c < n; c++) for (let d = c + 1; d < n; d++) out.push([a, b, c, d]);
  return out;
}
