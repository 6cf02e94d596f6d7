import { normalAt, normalBelow } from "../chance/normal.ts";
import { integrate } from "../chance/quadrature.ts";
import type { Mm } from "../units/length.ts";

/** How far off its order a pane is cut, one dimension, mm: anything within, or a normal spread. */
export type Cutting = {
  readonly kind: "within" | "spread";
  readonly mm: Mm;
  /** By how much what comes is mostly larger than it was ordered, both as this tape reads them: less than 0 for smaller. */
  readonly off?: Mm | undefined;
};

/** What the opening may grow (more than 0) or shrink after it was read, mm: anything from the one to the other. */
export type Movement = { readonly lo: number; readonly hi: number };

/** One dimension of an opening as it is known. All in mm; the true sizes are the readings less a normal error. */
export type Line = {
  readonly readings: readonly number[];
  /** Spread of one reading: tape and eye. */
  readonly tape: number;
  readonly cutting: Cutting;
  readonly movement: Movement;
  /** Sight line to rebate wall on the two sides together, halved: null while it is not read. */
  readonly depth: Mm | null;
  readonly leastCover: number;
  /** The pane lies in the middle, or is pushed against one side as far as it goes. */
  readonly lies: "centred" | "pushed";
};

/** Chances from 0 to 1. Cover is null while the rebate's depth is not known; trouble is then binding alone. */
export type Chances = { readonly binds: number; readonly coverLost: number | null; readonly trouble: number };

/**
 * The chance that a pane ordered at `glass` mm binds, and that it is covered too little, in one dimension. Exact: the
 * true sizes are independent, so for a fixed cut and movement the chances are products over the stations; then averaged
 * over cut and movement by quadrature.
 * @example one reading 600, tape 0, cut and movement 0, glass 600 // binds: 1
 * @example one reading 600, tape 0.5, cut and movement 0, glass 599.5 // binds: 0.1587, one spread below
 */
export function chancesOnLine(line: Line, glass: number): Chances {
  const average = averagerOf(line, glass, line.movement);
  return chancesOf(line, average);
}

/** The same while the movement is one value, as where two dimensions share it. */
export const chancesMovedBy = (line: Line, glass: number, moved: number): Chances =>
  chancesOf(line, averagerOf(line, glass, { lo: moved, hi: moved }));

function chancesOf(line: Line, average: (f: (s: number) => number) => number): Chances {
  const reach = reachOf(line);
  const binds = 1 - average((s) => product(line, s, Number.POSITIVE_INFINITY));
  if (reach === null) return { binds: clip(binds), coverLost: null, trouble: clip(binds) };
  const lost = 1 - average((s) => product(line, Number.NEGATIVE_INFINITY, s + reach));
  const fine = average((s) => product(line, s, s + reach));
  return { binds: clip(binds), coverLost: clip(lost), trouble: clip(1 - fine) };
}

/** By how much the opening at its widest may exceed the pane before cover is less than the least. */
function reachOf(line: Line): number | null {
  if (line.depth === null) return null;
  return (line.lies === "centred" ? 2 : 1) * (line.depth - line.leastCover);
}

const clip = (p: number): number => Math.min(1, Math.max(0, p));

/** Chance that every true size is above the one limit and not above the other. */
function product(line: Line, above: number, upTo: number): number {
  let p = 1;
  for (const m of line.readings) p *= Math.max(0, atMost(m, upTo, line.tape) - atMost(m, above, line.tape));
  return p;
}

function atMost(reading: number, limit: number, spread: number): number {
  if (limit === Number.POSITIVE_INFINITY) return 1;
  if (limit === Number.NEGATIVE_INFINITY) return 0;
  return spread > 0 ? normalBelow((limit - reading) / spread) : reading <= limit ? 1 : 0;
}

/**
 * Averages a function of s = glass as cut − movement: binding is any true size at or below s. Two evens make a
 * trapezium, a normal and an even a rounded one, and where one of them is nil the other is left.
 */
function averagerOf(line: Line, glass: number, moves: Movement): (f: (s: number) => number) => number {
  const { kind } = line.cutting;
  const cut = line.cutting.mm < NIL_MM ? 0 : line.cutting.mm;
  const comes = glass + (line.cutting.off ?? 0);
  const lo = comes - moves.hi;
  const hi = moves.hi - moves.lo < NIL_MM ? lo : comes - moves.lo;
  const even = hi - lo;
  if (cut <= 0 && even <= 0) return (f) => f(lo);
  const ends = kind === "within" ? [lo - cut, lo + cut, hi - cut, hi + cut] : [lo, hi].flatMap((e) => around(e, cut));
  const density = densityOf(kind, cut, lo, hi);
  const cuts = [...ends, ...stepsOf(line)];
  return (f) => integrate((s) => f(s) * density(s), Math.min(...ends), Math.max(...ends), cuts);
}

/** Ranges shorter than this are nil: dividing by them would leave noise. */
const NIL_MM = 1e-6;

function densityOf(kind: Cutting["kind"], cut: number, lo: number, hi: number): (s: number) => number {
  const even = hi - lo;
  if (cut <= 0) return () => 1 / even;
  if (kind === "within") {
    if (even <= 0) return () => 1 / (2 * cut);
    return (s) => Math.max(0, Math.min(s + cut, hi) - Math.max(s - cut, lo)) / (2 * cut * even);
  }
  if (even <= 0) return (s) => normalAt((s - lo) / cut) / cut;
  return (s) => (normalBelow((s - lo) / cut) - normalBelow((s - hi) / cut)) / even;
}

/** A normal curve is cut at these many spreads from its middle, so that each piece is as good as a polynomial. */
const SPREADS = [0, 1, 2, 3.2, 4.6, 6.5, 8.5];
const around = (at: number, spread: number): readonly number[] =>
  SPREADS.flatMap((z) => [at - z * spread, at + z * spread]);

/** Where the products step or bend: about each reading, and about the place from which its cover runs short. */
function stepsOf(line: Line): readonly number[] {
  const reach = reachOf(line);
  return line.readings.flatMap((m) => [
    ...around(m, line.tape),
    ...(reach === null ? [] : around(m - reach, line.tape)),
  ]);
}

/** A tape finer than this steps rather than slopes, mm. */
const SHARP_MM = 0.05;

/** Shares of the movement at which a line without tape error jumps or bends: where a cut pane just meets a reading. */
function jumpsOf(line: Line, glass: number): readonly number[] {
  const range = line.movement.hi - line.movement.lo;
  if (line.tape >= SHARP_MM || range < NIL_MM) return [];
  const reach = reachOf(line);
  const mostly = line.cutting.off ?? 0;
  const offs = (line.cutting.kind === "within" ? [-line.cutting.mm, 0, line.cutting.mm] : [0]).map((o) => o + mostly);
  return line.readings
    .flatMap((m) => [m, ...(reach === null ? [] : [m - reach])])
    .flatMap((at) => offs.map((off) => (glass + off - at - line.movement.lo) / range))
    .filter((share) => share > 0 && share < 1);
}

/**
 * Both dimensions at once, by default sharing one movement: both at the same share of their ranges. Chances that either
 * binds, either is covered too little, or either of the two.
 */
export function chancesOnBoth(
  width: { readonly line: Line; readonly glass: number },
  height: { readonly line: Line; readonly glass: number },
  movement: "shared" | "apart" = "shared",
): Chances {
  if (movement === "apart")
    return either(chancesOnLine(width.line, width.glass), chancesOnLine(height.line, height.glass));
  const at = ({ line, glass }: typeof width, share: number): Chances =>
    chancesMovedBy(line, glass, line.movement.lo + share * (line.movement.hi - line.movement.lo));
  const known = new Map<number, Chances>();
  const here = (share: number): Chances => {
    const found = known.get(share) ?? either(at(width, share), at(height, share));
    known.set(share, found);
    return found;
  };
  const range = Math.max(...[width, height].map(({ line }) => line.movement.hi - line.movement.lo));
  const pieces = Math.min(40, Math.max(1, Math.ceil(range / PIECE_MM)));
  const cuts = [
    ...Array.from({ length: pieces - 1 }, (_, i) => (i + 1) / pieces),
    ...[width, height].flatMap((d) => jumpsOf(d.line, d.glass)),
  ];
  const both = (pick: (c: Chances) => number): number => integrate((share) => pick(here(share)), 0, 1, cuts);
  const cover = width.line.depth !== null || height.line.depth !== null;
  return {
    binds: clip(both((c) => c.binds)),
    coverLost: cover ? clip(both((c) => c.coverLost ?? 0)) : null,
    trouble: clip(both((c) => c.trouble)),
  };
}

/** Movement is averaged in pieces of this length, mm: about the spread of a tape. */
const PIECE_MM = 0.6;

function either(a: Chances, b: Chances): Chances {
  const one = (p: number, q: number): number => 1 - (1 - p) * (1 - q);
  return {
    binds: one(a.binds, b.binds),
    coverLost: a.coverLost === null && b.coverLost === null ? null : one(a.coverLost ?? 0, b.coverLost ?? 0),
    trouble: one(a.trouble, b.trouble),
  };
}

/** Lists of chances from equal numbers of draws, averaged place by place. */
export function averageChances(lists: readonly (readonly Chances[])[]): readonly Chances[] {
  const [first = []] = lists;
  return first.map((_, i) => {
    const mean = (pick: (c: Chances) => number): number =>
      lists.reduce((s, list) => s + (list[i] ? pick(list[i]) : 0), 0) / lists.length;
    return {
      binds: mean((c) => c.binds),
      coverLost: first[i]?.coverLost === null ? null : mean((c) => c.coverLost ?? 0),
      trouble: mean((c) => c.trouble),
    };
  });
}
