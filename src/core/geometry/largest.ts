import { meet } from "./inset.ts";
import { MOST_TURN, type Placed } from "./placing.ts";
import type { Point } from "./point.ts";
import { edgesOf, type Quad, SIDES, type Side } from "./quad.ts";

/** What must stay free on each side, mm. */
export type Clearance = Readonly<Record<Side, number>>;

/**
 * The rectangle at one turn whose smallest gap on each side is exactly that side's clearance. Undefined when the opening
 * has no room for one. Gaps are to the figure's straight sides.
 * @example a true 600 × 900, clearance 1.5 all round, turn 0 // 597 × 897 in the middle
 */
export const largestAt = (q: Quad, turn: number, clearance: Clearance): Placed | undefined =>
  largestFinder(q, clearance)(turn)?.placed;

/**
 * The same as a function of the turn. On each side, inward · middle − reach of half the width − reach of half the height
 * = where the wall and its clearance end: four equations, solved by minors since a search asks a hundred times.
 */
function largestFinder(q: Quad, clearance: Clearance): (turn: number) => Found | undefined {
  const edges = edgesOf(q);
  const walls = SIDES.map((side) => {
    const { inward: n, from } = edges[side];
    return { n, ends: n.x * from.x + n.y * from.y + clearance[side] };
  });
  const middle = PAIRS.map(([i, j]) => {
    const [a, b] = [walls[i]?.n ?? ORIGIN, walls[j]?.n ?? ORIGIN];
    return a.x * b.y - a.y * b.x;
  });
  return (turn) => {
    const c = Math.cos(turn);
    const s = Math.sin(turn);
    const half = walls.map(({ n, ends }): readonly [number, number, number] => [
      -Math.abs(n.x * c + n.y * s),
      -Math.abs(n.y * c - n.x * s),
      ends,
    ]);
    const by = (p: 0 | 1 | 2, r: 0 | 1 | 2): number => {
      let sum = 0;
      PAIRS.forEach(([, , k, l, sign], m) => {
        const [a, b] = [half[k] ?? ORIGIN_ROW, half[l] ?? ORIGIN_ROW];
        sum += sign * (middle[m] ?? 0) * (a[p] * b[r] - a[r] * b[p]);
      });
      return sum;
    };
    const whole = by(0, 1);
    const w = by(2, 1) / whole;
    const h = by(0, 2) / whole;
    if (!(w > 0 && h > 0)) return undefined;
    const [left, , bottom] = walls;
    const reach = (i: number): number => {
      const row = half[i] ?? ORIGIN_ROW;
      return row[2] - row[0] * w - row[1] * h;
    };
    if (!left || !bottom) return undefined;
    const at = meet(left.n, reach(0), bottom.n, reach(2));
    // The farther corner of a side stands off by what the pane slants along it.
    const slant = (i: number, along: 0 | 1, size: number): number => -2 * (half[i] ?? ORIGIN_ROW)[along] * size;
    const gaps = SIDES.map((side, i) => clearance[side] + (i < 2 ? slant(i, 1, h) : slant(i, 0, w)));
    const placed = { width: 2 * w, height: 2 * h, at, turn };
    return { placed, largestGap: Math.max(...gaps) };
  };
}

/** A rectangle, and the largest of its eight corner gaps. */
type Found = { readonly placed: Placed; readonly largestGap: number };

const ORIGIN: Point = { x: 0, y: 0 };
const ORIGIN_ROW = [0, 0, 0] as const;

/** Two of the four rows, the other two, and the sign of their product in the determinant. */
const PAIRS = [
  [0, 1, 2, 3, 1],
  [0, 2, 1, 3, -1],
  [0, 3, 1, 2, 1],
  [1, 2, 0, 3, 1],
  [1, 3, 0, 2, -1],
  [2, 3, 0, 1, 1],
] as const;

/** What is wanted of the turn: the most even cover, or the most glass. */
export type Aim = "even" | "area";

/**
 * The rectangle of the turn that makes the largest of the eight corner gaps smallest (`even`), or its area largest
 * (`area`), over turns up to the most given, radians. Both bend where the pane lies along a side, and are smooth between:
 * so each piece between such turns is swept and then narrowed.
 */
export function largestRectangle(
  q: Quad,
  clearance: Clearance,
  aim: Aim,
  mostTurn: number = MOST_TURN,
  allowed: (p: Placed) => boolean = () => true,
): Placed | undefined {
  const find = largestFinder(q, clearance);
  const at = (turn: number): Found | undefined => {
    const found = find(turn);
    return found && allowed(found.placed) ? found : undefined;
  };
  const cost = (turn: number): number => {
    const found = at(turn);
    if (!found) return Number.POSITIVE_INFINITY;
    return aim === "even" ? found.largestGap : -found.placed.width * found.placed.height;
  };
  const bends = [-mostTurn, ...slantsOf(q).filter((t) => Math.abs(t) < mostTurn), 0, mostTurn].sort((a, b) => a - b);
  const dips: Dip[] = [];
  for (let i = 1; i < bends.length; i++) dips.push(...dipsOf(cost, bends[i - 1] ?? 0, bends[i] ?? 0));
  dips.sort((a, b) => a.cost - b.cost || Math.abs(a.turn) - Math.abs(b.turn));
  let best = dips[0]?.turn ?? 0;
  let least = dips[0]?.cost ?? Number.POSITIVE_INFINITY;
  for (const { from, to } of dips.slice(0, NARROWED)) {
    const turn = narrowed(cost, from, to);
    const c = cost(turn);
    if (c < least) [best, least] = [turn, c];
  }
  return at(best)?.placed;
}

/** A turn of the sweep that is no worse than those beside it: the least of its neighbourhood lies near. */
type Dip = { readonly turn: number; readonly cost: number; readonly from: number; readonly to: number };

function dipsOf(cost: (turn: number) => number, from: number, to: number): readonly Dip[] {
  const step = (to - from) / PIECES;
  if (to - from < NIL_TURN) return [];
  const tries = Array.from({ length: PIECES + 1 }, (_, k) => {
    const turn = k === PIECES ? to : from + k * step;
    return { turn, cost: cost(turn), from: Math.max(from, turn - step), to: Math.min(to, turn + step) };
  });
  return tries.filter(
    (t, k) =>
      t.cost <= (tries[k - 1]?.cost ?? Number.POSITIVE_INFINITY) &&
      t.cost <= (tries[k + 1]?.cost ?? Number.POSITIVE_INFINITY),
  );
}

/** Turns nearer than this are one: two sides that are parallel but for the last digit leave no piece between them, radians. */
const NIL_TURN = 1e-9;

/** So many dips are narrowed, the deepest first: a bend is the end of two pieces, and a figure may have one on either side. */
const NARROWED = 4;
const PIECES = 8;

/** The turns at which the pane would lie along each side, radians. */
function slantsOf(q: Quad): readonly number[] {
  const edges = edgesOf(q);
  return [
    Math.atan2(edges.bottom.inward.x * -1, edges.bottom.inward.y),
    Math.atan2(edges.top.inward.x, -edges.top.inward.y),
    Math.atan2(edges.left.inward.y, edges.left.inward.x),
    Math.atan2(-edges.right.inward.y, -edges.right.inward.x),
  ];
}

/** Golden section: 45 steps leave a billionth of the bracket. */
function narrowed(cost: (turn: number) => number, from: number, to: number): number {
  const golden = (Math.sqrt(5) - 1) / 2;
  let [lo, hi] = [from, to];
  let a = hi - golden * (hi - lo);
  let b = lo + golden * (hi - lo);
  let [atA, atB] = [cost(a), cost(b)];
  for (let i = 0; i < 45; i++) {
    if (atA < atB) {
      [hi, b, atB] = [b, a, atA];
      a = hi - golden * (hi - lo);
      atA = cost(a);
    } else {
      [lo, a, atA] = [a, b, atB];
      b = lo + golden * (hi - lo);
      atB = cost(b);
    }
  }
  return (lo + hi) / 2;
}
