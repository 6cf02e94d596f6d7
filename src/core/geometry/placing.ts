import { solveLinear } from "./linear.ts";
import type { Point } from "./point.ts";
import { edgesOf, type Quad, SIDES, type Side } from "./quad.ts";

/** A true rectangle lying in a figure: its middle in mm, and its turn in radians, anticlockwise. */
export type Placed = { readonly width: number; readonly height: number; readonly at: Point; readonly turn: number };

/** The smallest and the largest of a side's gaps: at its two corners and its middle. Negative where it is outside. */
export type SideGap = { readonly least: number; readonly most: number };
export type Gaps = Readonly<Record<Side, SideGap>>;

/**
 * How far out the middle of each side lies from the straight line between its corners, mm: half of a bow on both sides
 * concerned, less than nothing where it bulges inward. A gap is measured at a side's two corners and at its middle.
 */
export type Middles = Readonly<Partial<Record<Side, number>>>;

const CORNERS: Readonly<Record<Side, readonly [readonly [number, number], readonly [number, number]]>> = {
  left: [
    [-1, -1],
    [-1, 1],
  ],
  right: [
    [1, -1],
    [1, 1],
  ],
  bottom: [
    [-1, -1],
    [1, -1],
  ],
  top: [
    [-1, 1],
    [1, 1],
  ],
};

export function cornersOf(p: Placed): Quad {
  const corner = (sx: number, sy: number): Point => {
    const d = offset(p, sx, sy);
    return { x: p.at.x + d.x, y: p.at.y + d.y };
  };
  return { bl: corner(-1, -1), br: corner(1, -1), tr: corner(1, 1), tl: corner(-1, 1) };
}

type Lying = Omit<Placed, "at">;

function offset(p: Lying, sx: number, sy: number): Point {
  const c = Math.cos(p.turn);
  const s = Math.sin(p.turn);
  return { x: (sx * p.width * c - sy * p.height * s) / 2, y: (sx * p.width * s + sy * p.height * c) / 2 };
}

/** Each gap is inward · middle + constant: the constants for the nearer and the farther corner of a side. */
function sideConstants(q: Quad, p: Lying, middles: Middles) {
  const edges = edgesOf(q);
  return SIDES.map((side) => {
    const { from, inward } = edges[side];
    const reach = CORNERS[side].map(([sx, sy]) => {
      const d = offset(p, sx, sy);
      return inward.x * (d.x - from.x) + inward.y * (d.y - from.y);
    });
    const middle = ((reach[0] ?? 0) + (reach[1] ?? 0)) / 2 + (middles[side] ?? 0);
    return { side, inward, near: Math.min(...reach, middle), far: Math.max(...reach, middle) };
  });
}

/** The gaps of the four sides, in mm. */
export function gapsOf(q: Quad, p: Placed, middles: Middles = {}): Gaps {
  const gap = (s: ReturnType<typeof sideConstants>[number]): SideGap => {
    const along = s.inward.x * p.at.x + s.inward.y * p.at.y;
    return { least: along + s.near, most: along + s.far };
  };
  return Object.fromEntries(sideConstants(q, p, middles).map((s) => [s.side, gap(s)])) as Record<Side, SideGap>;
}

/** Gap of a rectangle of one size at any turn: what does not change with the turn is worked out once. */
export type GapAtTurn = (turn: number) => number;

/**
 * The best smallest gap a rectangle can have, as a function of its turn, wherever it is pushed, mm. The four gaps are
 * linear in the place, so the best is a corner of the dual: three sides (or two that face each other) hold it between
 * them, in shares that depend on the figure alone.
 */
export function gapFinder(
  q: Quad,
  size: { readonly width: number; readonly height: number },
  middles: Middles = {},
): GapAtTurn {
  const edges = edgesOf(q);
  const walls = SIDES.map((side) => {
    const { from, inward } = edges[side];
    const [a, b] = CORNERS[side];
    return { ...inward, at: inward.x * from.x + inward.y * from.y, middle: middles[side] ?? 0, a, b };
  });
  const holds = holdsOf(walls);
  const [w, h] = [size.width / 2, size.height / 2];
  const near = [0, 0, 0, 0];
  return (turn) => {
    const c = Math.cos(turn);
    const s = Math.sin(turn);
    walls.forEach((wall, i) => {
      const along = (wall.x * c + wall.y * s) * w;
      const across = (wall.y * c - wall.x * s) * h;
      const first = wall.a[0] * along + wall.a[1] * across;
      const second = wall.b[0] * along + wall.b[1] * across;
      const between = (first + second) / 2 + wall.middle;
      const least = first < second ? first : second;
      near[i] = (between < least ? between : least) - wall.at;
    });
    let best = Number.POSITIVE_INFINITY;
    for (const hold of holds) {
      let gap = 0;
      for (let i = 0; i < 4; i++) gap += (hold[i] ?? 0) * (near[i] ?? 0);
      if (gap < best) best = gap;
    }
    return best;
  };
}

/** For each three walls that can hold a rectangle between them, the share of each of the four. */
function holdsOf(walls: readonly Point[]): readonly (readonly number[])[] {
  return walls.flatMap((_, leftOut) => {
    const three = walls.filter((_, i) => i !== leftOut);
    const shares = solveLinear([three.map((n) => n.x), three.map((n) => n.y), [1, 1, 1]], [0, 0, 1]);
    if (!shares || shares.some((v) => v < -1e-12)) return [];
    const all = [...shares];
    all.splice(leftOut, 0, 0);
    return [all];
  });
}

/** The same at one turn. */
export const bestGapAt = (q: Quad, lying: Lying, middles: Middles = {}): number =>
  gapFinder(q, lying, middles)(lying.turn);

/** Where opposite least gaps are equal: how a glazier would centre it by eye. Undefined only for a broken figure. */
export function centred(q: Quad, lying: Lying, middles: Middles = {}): Placed | undefined {
  const [left, right, bottom, top] = sideConstants(q, lying, middles);
  if (!left || !right || !bottom || !top) return undefined;
  const at = solveLinear(
    [
      [left.inward.x - right.inward.x, left.inward.y - right.inward.y],
      [bottom.inward.x - top.inward.x, bottom.inward.y - top.inward.y],
    ],
    [right.near - left.near, top.near - bottom.near],
  );
  return at && { ...lying, at: { x: at[0] ?? 0, y: at[1] ?? 0 } };
}

/** A pane may turn this far in its opening, radians: past it, nobody would call it glazed. */
export const MOST_TURN = (5 * Math.PI) / 180;

/** The turn that gives the best smallest gap, found by golden section from the best of a coarse sweep. */
export function bestTurn(
  q: Quad,
  size: { readonly width: number; readonly height: number },
  middles: Middles = {},
): { readonly turn: number; readonly gap: number } {
  const gapAt = gapFinder(q, size, middles);
  const SWEEP = 20;
  let turn = 0;
  let gap = gapAt(0);
  for (let i = -SWEEP; i <= SWEEP; i++) {
    const t = (i / SWEEP) * MOST_TURN;
    const g = gapAt(t);
    if (g > gap) [turn, gap] = [t, g];
  }
  let lo = Math.max(-MOST_TURN, turn - MOST_TURN / SWEEP);
  let hi = Math.min(MOST_TURN, turn + MOST_TURN / SWEEP);
  const GOLDEN = (Math.sqrt(5) - 1) / 2;
  let a = hi - GOLDEN * (hi - lo);
  let b = lo + GOLDEN * (hi - lo);
  let [atA, atB] = [gapAt(a), gapAt(b)];
  // Each step keeps 0.618 of the bracket, so 40 leave 4e-9 of half a degree: far less than a tape or a cutter shows.
  for (let i = 0; i < 40; i++) {
    if (atA < atB) {
      [lo, a, atA] = [a, b, atB];
      b = lo + GOLDEN * (hi - lo);
      atB = gapAt(b);
    } else {
      [hi, b, atB] = [b, a, atA];
      a = hi - GOLDEN * (hi - lo);
      atA = gapAt(a);
    }
  }
  const found = (lo + hi) / 2;
  return gapAt(found) > gap ? { turn: found, gap: gapAt(found) } : { turn, gap };
}

/** Turns whose gap is so little less than the best are as good, mm: a twenty-fifth of what a tape shows. */
export const AS_GOOD_MM = 0.02;

/**
 * The turn a pane is laid at: of all that leave the best smallest gap the middle one, so that cover is most even. In an opening
 * that narrows there is a stretch of such turns; in one that leans there is one.
 */
export function layTurn(
  q: Quad,
  size: { readonly width: number; readonly height: number },
  middles: Middles = {},
): number {
  const { turn, gap } = bestTurn(q, size, middles);
  const gapAt = gapFinder(q, size, middles);
  const end = (way: 1 | -1): number => {
    let [good, bad] = [turn, way * MOST_TURN];
    if (gapAt(bad) >= gap - AS_GOOD_MM) return bad;
    // The gap has one hill: what is as good is one stretch about its top.
    for (let i = 0; i < 40; i++) {
      const middle = (good + bad) / 2;
      if (gapAt(middle) >= gap - AS_GOOD_MM) good = middle;
      else bad = middle;
    }
    return good;
  };
  return (end(1) + end(-1)) / 2;
}
