import { type CuttingCase, type Piece, type Sheet, usable } from "./cutting.ts";
import { type SheetArea, wholeSheets } from "./whole-sheets.ts";

/** What no plan can be cheaper than, and by what that is known. */
export type CutBound = { readonly cost: number; readonly by: "area" | "dual-feasible" | "piece" };

/**
 * The least that any plan must cost, all pieces placed. By area: glass must be bought for what is cut, and sheets are bought
 * whole. Better, where one kind of sheet is as good as endless: sizes are rewritten by functions that never let more fit than
 * does (what is longer than a sheet less e counts as whole, what is shorter than e as nothing), in both directions, and counted
 * again. Source: Fekete and Schepers 2004, functions u and U; a piece that may be turned counts by its lesser way.
 * Where sheets differ, pieces that fit on some of them only must come out of those.
 * @example five pieces of 600 × 600 on sheets of 1000 × 1000 // 5 sheets, and not the 2 of their area
 * @example 0.59 m² from off-cuts of 0.56 (5.50), 0.27 (2.60) and a sheet of 1.08 m² (10.50) // 8.10: both off-cuts
 */
export function cutBound(c: CuttingCase): CutBound {
  const kinds = c.sheets.filter((s) => s.count === null || s.count > 0);
  const area = byArea(kinds, c.pieces);
  const some = bySome(c, kinds);
  if (some > area + 1e-9 && kinds.length > 1) return { cost: some, by: "piece" };
  const [only] = kinds;
  if (kinds.length !== 1 || !only || c.pieces.length === 0) return { cost: area, by: "area" };
  const sheets = Math.max(...dualSheets(only, c.pieces));
  const cost = sheets * only.cost;
  return cost > area + 1e-9 ? { cost, by: "dual-feasible" } : { cost: area, by: "area" };
}

const areaOf = (pieces: readonly Piece[]): number => pieces.reduce((sum, p) => sum + p.width * p.height, 0);

/** The cheapest whole sheets whose area would do; as if they were bought by the metre where there are too many ways to tell. */
function byArea(sheets: readonly Sheet[], pieces: readonly Piece[]): number {
  const kinds = sheets.flatMap((s) => {
    const { width, height } = usable(s);
    return width > 0 && height > 0 ? [{ each: width * height, cost: s.cost, count: s.count }] : [];
  });
  const whole = wholeSheets(kinds, areaOf(pieces));
  return whole === null || whole === Number.POSITIVE_INFINITY ? byTheMetre(kinds, areaOf(pieces)) : whole;
}

function byTheMetre(kinds: readonly SheetArea[], area: number): number {
  let left = area;
  let cost = 0;
  for (const k of [...kinds].sort((a, b) => a.cost / a.each - b.cost / b.each)) {
    if (left <= 0) break;
    const many = Math.min(left / k.each, k.count ?? Number.POSITIVE_INFINITY);
    cost += many * k.cost;
    left -= many * k.each;
  }
  return cost;
}

/**
 * Pieces that do not fit on every kind of sheet come out of those that they fit on: for each set of kinds that some piece needs,
 * the area of all pieces that need one of these and no other.
 */
function bySome(c: CuttingCase, kinds: readonly Sheet[]): number {
  const needs = c.pieces.map((p) => ({ piece: p, on: new Set(kinds.filter((s) => fitsOn(p, s, c.strip))) }));
  const sets = new Map(needs.map(({ on }) => [kinds.map((s) => Number(on.has(s))).join(""), on]));
  let most = 0;
  for (const [, on] of [...sets].slice(0, MOST_SETS)) {
    if (on.size === 0 || on.size === kinds.length) continue;
    const within = needs.filter((n) => n.on.size > 0 && [...n.on].every((s) => on.has(s))).map((n) => n.piece);
    most = Math.max(most, byArea([...on], within));
  }
  return most;
}
const MOST_SETS = 6;

function fitsOn(p: Piece, s: Sheet, strip: number): boolean {
  const { width, height } = usable(s);
  const fits = (w: number, h: number): boolean =>
    (w === width || (w >= strip && width - w >= strip)) && (h === height || (h >= strip && height - h >= strip));
  return fits(p.width, p.height) || (p.turns && fits(p.height, p.width));
}

function* dualSheets(s: Sheet, pieces: readonly Piece[]): Generator<number> {
  const { width: W, height: H } = usable(s);
  const cuts = (count: number): readonly number[] => {
    const sizes = new Set([0]);
    for (const p of pieces)
      for (const x of p.turns ? [p.width, p.height] : [count === W ? p.width : p.height]) {
        if (x <= count / 2) sizes.add(x);
        if (count - x < count / 2 && count - x > 0) sizes.add(count - x + 1);
      }
    // Many sizes: a sample of them bounds as well as it needs to.
    const all = [...sizes].sort((a, b) => a - b);
    return all.length <= MOST_CUTS ? all : all.filter((_, i) => i % Math.ceil(all.length / MOST_CUTS) === 0);
  };
  const [forW, forH] = [cuts(W), cuts(H)];
  for (const e of forW)
    for (const f of forH) {
      let sum = 0;
      for (const p of pieces) {
        const asIs = grown(p.width, e, W) * grown(p.height, f, H);
        sum += p.turns ? Math.min(asIs, grown(p.height, e, W) * grown(p.width, f, H)) : asIs;
      }
      yield Math.ceil(sum / (W * H) - 1e-9);
    }
}

const MOST_CUTS = 24;

/** What a length counts: whole where nothing as long as e goes beside it, nothing where it is shorter than e. */
const grown = (x: number, e: number, length: number): number => (x > length - e ? length : x < e ? 0 : x);
