import { indexWeek } from "./numbered-week.ts";
import type { Stop, Week } from "./week.ts";
import { sumOf, weekCost } from "./week-cost.ts";
import { type Slot, WeekRoutes } from "./week-routes.ts";

/** Beyond this many visits all weeks cannot be looked through. */
export const MOST_EXACT = 6;

/**
 * The cheapest week there is, by looking through every one: each visit in each order on each day of everybody, and left out.
 * For small weeks alone: it says how far from the best a search ends.
 */
export function exactWeek(week: Week): { readonly cost: number; readonly weeks: number } {
  const ix = indexWeek(week);
  if (ix.n > MOST_EXACT) throw new RangeError(`${ix.n} visits are too many to look through: ${MOST_EXACT} at the most`);
  const now = new WeekRoutes(ix);
  let best = now.cost;
  let weeks = 0;
  const left = new Set(Array.from({ length: ix.n }, (_, v) => v));
  // Visits go in in an order in which each comes after what it follows; the rest of the order does not matter, for each is
  // tried at every place.
  const order: number[] = [];
  while (order.length < ix.n)
    for (const v of left)
      if ((ix.before[v] ?? []).every((b) => order.includes(b.of))) {
        order.push(v);
        left.delete(v);
      }
  const go = (i: number): void => {
    if (i === order.length) {
      weeks++;
      if (now.cost < best) best = now.cost;
      return;
    }
    const v = order[i] as number;
    go(i + 1);
    for (const slot of now.every(v)) {
      const kept = now.keep();
      now.put(v, slot as Slot);
      go(i + 1);
      now.back(kept);
    }
  };
  go(0);
  return { cost: best, weeks };
}

/** What a search's week costs, by the same sums as the exact one. */
export const costOfStops = (week: Week, stops: readonly Stop[]): number => sumOf(weekCost(week, stops));
