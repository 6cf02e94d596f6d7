/** Sheets of one kind as far as their area goes: what each holds and costs, and how many there are; null without end. */
export type SheetArea = { readonly each: number; readonly cost: number; readonly count: number | null };

/** So many ways to buy are looked at in all, some hundredths of a second; beyond that the answer by the metre has to do. */
const MOST_WAYS = 500_000;

type Way = { readonly cost: number; readonly area: number };

/**
 * The least that whole sheets cost whose area together is at least so much; infinite where all that there is does not reach it,
 * null where there are too many ways to look at them all. Ways that cost more and hold less than another are dropped as the
 * kinds are gone through: an exact knapsack by its non-dominated states (Nemhauser and Ullmann 1969).
 * @example 6 wanted; one of 5 for 5, one of 3 for 2, one of 9 for 10 // 7: neither of the small ones holds it alone
 */
export function wholeSheets(kinds: readonly SheetArea[], area: number): number | null {
  if (area <= 0) return 0;
  const enough = area * (1 - 1e-12);
  let best = Number.POSITIVE_INFINITY;
  let front: readonly Way[] = [{ cost: 0, area: 0 }];
  let looked = 0;
  for (const k of kinds)
    for (const many of bundles(Math.min(k.count ?? Number.POSITIVE_INFINITY, Math.ceil(area / k.each)))) {
      looked += 2 * front.length;
      if (looked > MOST_WAYS) return null;
      const more = front.map((w) => ({ cost: w.cost + many * k.cost, area: w.area + many * k.each }));
      for (const w of more) if (w.area >= enough) best = Math.min(best, w.cost);
      front = better(front, more, enough, best);
    }
  return best;
}

/** Any number up to `most` is a sum of these. @example 6 // 1, 2, 3 */
function bundles(most: number): readonly number[] {
  const out: number[] = [];
  let left = most;
  for (let size = 1; left > 0; size *= 2) {
    out.push(Math.min(size, left));
    left -= size;
  }
  return out;
}

/** Of two lists, each the cheaper first and so the smaller, the ways that do not do yet and that no other beats in both. */
function better(a: readonly Way[], b: readonly Way[], enough: number, best: number): readonly Way[] {
  const out: Way[] = [];
  let most = -1;
  for (let i = 0, j = 0; i < a.length || j < b.length; ) {
    const [x, y] = [a[i], b[j]];
    const fromA = x !== undefined && (y === undefined || x.cost < y.cost || (x.cost === y.cost && x.area >= y.area));
    const w = (fromA ? x : y) as Way;
    if (fromA) i++;
    else j++;
    if (w.cost >= best) break;
    if (w.area < enough && w.area > most) {
      out.push(w);
      most = w.area;
    }
  }
  return out;
}
