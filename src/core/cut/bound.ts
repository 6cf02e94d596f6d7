import { type CuttingCase, type Piece, type Sheet, usable } from "./cutting.ts";

/** What no plan can be cheaper than, and by what that is known. */
export type CutBound = { readonly cost: number; readonly by: "area" | "dual-feasible" | "piece" };

/**
 * The least that any plan must cost, all pieces placed. By area: glass must be bought for what is cut. Better, where one kind
 * of sheet is as good as endless: sizes are rewritten by functions that never let more fit than does (what is longer than a sheet
 * less e counts as whole, what is shorter than e as nothing), in both directions, and counted again.
 * Source: Fekete and Schepers 2004, functions u and U; a piece that may be turned counts by its lesser way.
 * Where sheets differ, some piece needs one that it fits on, and that costs what it costs.
 * @example five pieces of 600 × 600 on sheets of 1000 × 1000 // 5 sheets, and not the 2 of their area
 */
export function cutBound(c: CuttingCase): CutBound {
  const area = Math.max(byArea(c.sheets, c.pieces), 0);
  const dearest = byPiece(c);
  if (dearest > area + 1e-9 && c.sheets.length > 1) return { cost: dearest, by: "piece" };
  const kinds = c.sheets.filter((s) => s.count === null || s.count > 0);
  const [only] = kinds;
  if (kinds.length !== 1 || !only || c.pieces.length === 0) return { cost: area, by: "area" };
  const sheets = Math.max(...dualSheets(only, c.pieces));
  const cost = sheets * only.cost;
  return cost > area + 1e-9 ? { cost, by: "dual-feasible" } : { cost: area, by: "area" };
}

/** The cheapest sheets whose area would do: whole sheets where there is one kind; else as if they could be bought by the metre. */
function byArea(sheets: readonly Sheet[], pieces: readonly Piece[]): number {
  let left = pieces.reduce((sum, p) => sum + p.width * p.height, 0);
  const kinds = sheets
    .flatMap((s) => {
      const { width, height } = usable(s);
      return width > 0 && height > 0 && s.count !== 0 ? [{ each: width * height, cost: s.cost, count: s.count }] : [];
    })
    .sort((a, b) => a.cost / a.each - b.cost / b.each);
  const [only] = kinds;
  if (kinds.length === 1 && only) return Math.max(0, Math.ceil(left / only.each - 1e-9)) * only.cost;
  let cost = 0;
  for (const k of kinds) {
    if (left <= 0) break;
    const many = Math.min(left / k.each, k.count ?? Number.POSITIVE_INFINITY);
    cost += many * k.cost;
    left -= many * k.each;
  }
  return cost;
}

/** Some piece needs a sheet that it fits on: the cheapest of those, for the piece for which that is dearest. */
function byPiece(c: CuttingCase): number {
  let most = 0;
  for (const p of c.pieces) {
    let least = Number.POSITIVE_INFINITY;
    for (const s of c.sheets) {
      const { width, height } = usable(s);
      const fits = (w: number, h: number): boolean =>
        (w === width || (w >= c.strip && width - w >= c.strip)) &&
        (h === height || (h >= c.strip && height - h >= c.strip));
      if (s.count !== 0 && (fits(p.width, p.height) || (p.turns && fits(p.height, p.width))))
        least = Math.min(least, s.cost);
    }
    if (least !== Number.POSITIVE_INFINITY) most = Math.max(most, least);
  }
  return most;
}

function* dualSheets(s: Sheet, pieces: readonly Piece[]): Generator<number> {
  const { width: W, height: H } = usable(s);
  const cuts = (of: number): readonly number[] => {
    const sizes = new Set([0]);
    for (const p of pieces)
      for (const x of p.turns ? [p.width, p.height] : [of === W ? p.width : p.height]) {
        if (x <= of / 2) sizes.add(x);
        if (of - x < of / 2 && of - x > 0) sizes.add(of - x + 1);
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
const grown = (x: number, e: number, of: number): number => (x > of - e ? of : x < e ? 0 : x);
