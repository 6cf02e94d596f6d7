import { fail, ok, type Result } from "../result.ts";
import type { Mm } from "../units/length.ts";

/** Pieces to cut, and what they are cut from. All in whole micrometres or any one unit; the answer is in the same. */
export type SticksInput = {
  readonly pieces: readonly number[];
  readonly stock: readonly number[];
  /** Lost at each cut between two pieces. */
  readonly kerf: number;
};

export type Stick = { readonly stock: number; readonly pieces: readonly number[]; readonly left: number };
export type SticksError =
  | { readonly kind: "too-long"; readonly piece: number; readonly longest: number }
  | { readonly kind: "no-stock" }
  | { readonly kind: "too-many"; readonly most: number };

export type Sticks = { readonly sticks: readonly Stick[]; readonly count: number; readonly proven: boolean };

/** More than this are cut by rule of thumb, and said not to be proven. */
const MOST_NODES = 400_000;
export const MOST_PIECES = 60;

/**
 * Beads or stops from stock lengths: the fewest sticks, and of those the least length bought. n pieces on a stick lose
 * n − 1 cuts. Exact by branch and bound: pieces longest first, each on a stick that is begun or on a new one; a branch is
 * left when what is still to be cut cannot do better than the best found.
 * @example pieces 900, 900, 600, 600 from sticks of 2400, kerf 3 // 2 sticks: 900 + 900, 600 + 600 is one of the ways
 */
export function sticksFor(input: SticksInput): Result<Sticks, SticksError> {
  const stock = [...new Set(input.stock)].filter((s) => s > 0).sort((a, b) => a - b);
  const longest = stock.at(-1);
  if (longest === undefined) return fail({ kind: "no-stock" });
  if (input.pieces.length > MOST_PIECES) return fail({ kind: "too-many", most: MOST_PIECES });
  const pieces = [...input.pieces].sort((a, b) => b - a);
  const over = pieces.find((p) => p > longest);
  if (over !== undefined) return fail({ kind: "too-long", piece: over, longest });
  const fits = (used: number): number => stock.find((s) => s >= used) ?? longest;
  const costOf = (bins: readonly Bin[]): number => bins.reduce((s, b) => s + fits(b.used), 0);

  let best = firstFit(pieces, longest, input.kerf);
  let bestCost = costOf(best);
  let nodes = 0;
  const bins: { used: number; pieces: number[] }[] = [];
  const rest = suffixSums(pieces);

  const place = (at: number): void => {
    if (nodes++ > MOST_NODES) return;
    if (bins.length > best.length) return;
    if (at === pieces.length) {
      const cost = costOf(bins);
      if (bins.length < best.length || (bins.length === best.length && cost < bestCost)) {
        best = bins.map((b) => ({ used: b.used, pieces: [...b.pieces] }));
        bestCost = cost;
      }
      return;
    }
    // What is open in the sticks begun, and what still needs new ones.
    const free = bins.reduce((s, b) => s + Math.max(0, longest - b.used - input.kerf), 0);
    const more = Math.max(0, Math.ceil(((rest[at] ?? 0) - free) / longest - 1e-9));
    if (bins.length + more > best.length) return;
    if (bins.length + more === best.length && costOf(bins) + more * (stock[0] ?? 0) >= bestCost && stock.length === 1)
      return;
    const piece = pieces[at] ?? 0;
    const tried = new Set<number>();
    for (const bin of bins) {
      const used = bin.used + input.kerf + piece;
      if (used > longest || tried.has(bin.used)) continue;
      tried.add(bin.used);
      bin.used = used;
      bin.pieces.push(piece);
      place(at + 1);
      bin.pieces.pop();
      bin.used = used - input.kerf - piece;
    }
    if (bins.length < best.length) {
      bins.push({ used: piece, pieces: [piece] });
      place(at + 1);
      bins.pop();
    }
  };
  if (pieces.length > 0) place(0);
  const sticks = best
    .map((b): Stick => ({ stock: fits(b.used), pieces: b.pieces, left: fits(b.used) - b.used }))
    .sort((a, b) => b.stock - a.stock || a.left - b.left);
  return ok({ sticks, count: sticks.length, proven: nodes <= MOST_NODES });
}

type Bin = { readonly used: number; readonly pieces: readonly number[] };

function firstFit(pieces: readonly number[], longest: number, kerf: number): Bin[] {
  const bins: { used: number; pieces: number[] }[] = [];
  for (const piece of pieces) {
    const bin = bins.find((b) => b.used + kerf + piece <= longest);
    if (bin) {
      bin.used += kerf + piece;
      bin.pieces.push(piece);
    } else bins.push({ used: piece, pieces: [piece] });
  }
  return bins;
}

function suffixSums(pieces: readonly number[]): readonly number[] {
  const out = new Array<number>(pieces.length + 1).fill(0);
  for (let i = pieces.length - 1; i >= 0; i--) out[i] = (out[i + 1] ?? 0) + (pieces[i] ?? 0);
  return out;
}

/** Lengths of four beads for a sight size: mitred run on by their own face at both ends; square-cut, the level ones run through. */
export const beadLengths = (opening: {
  readonly widthMm: Mm;
  readonly heightMm: Mm;
  readonly faceMm: Mm;
  readonly corners: "mitred" | "square";
}): readonly number[] =>
  opening.corners === "mitred"
    ? [opening.widthMm, opening.widthMm, opening.heightMm, opening.heightMm]
    : [opening.widthMm, opening.widthMm, opening.heightMm - 2 * opening.faceMm, opening.heightMm - 2 * opening.faceMm];
