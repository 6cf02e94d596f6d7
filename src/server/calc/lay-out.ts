import type { z } from "zod";
import { asCase, type PostLayOut } from "../../contract/plan.ts";
import { layOut } from "../../core/plan/lay-out.ts";
import { stopCase, stopOf, weekOf } from "../../core/plan/week-case.ts";
import { sumOf } from "../../core/plan/week-cost.ts";
import { ok } from "../../core/result.ts";

type Asked = z.output<NonNullable<typeof PostLayOut.input>>;

/** Lays a week out for so long, or for so many rounds. */
export function layOutWeek({ week, standing, seconds, rounds, seed }: Asked) {
  const began = performance.now();
  const progress: { ms: number; cost: number }[] = [];
  let least = Number.POSITIVE_INFINITY;
  const done = layOut(weekOf(asCase(week)), {
    seed,
    standing: standing.map(stopOf),
    more: (n, cost) => {
      const ms = performance.now() - began;
      if (cost < least) {
        least = cost;
        progress.push({ ms: Math.round(ms), cost });
      }
      return rounds === undefined ? ms < seconds * 1000 : n < rounds;
    },
  });
  return ok({
    stops: done.stops.map(stopCase),
    unplaced: done.unplaced.map((u) => ({ ...u, why: { ...u.why }, frees: [...u.frees] })),
    cost: { ...done.cost },
    total: sumOf(done.cost),
    rounds: done.rounds,
    progress: progress.slice(-200),
  });
}
