import { brokenRules } from "../src/core/plan/broken-rules.ts";
import { costOfStops, exactWeek } from "../src/core/plan/exact-week.ts";
import { layOut } from "../src/core/plan/lay-out.ts";
import { madeUpWeek } from "../src/core/plan/made-up-week.ts";
import { sumOf } from "../src/core/plan/week-cost.ts";

/* How good a laid-out week is: against the best there is on thirty small ones, and over time on large ones. */

const until = (ms: number) => {
  const end = performance.now() + ms;
  return () => performance.now() < end;
};

console.log("| seed | visits | best there is | found in 0.3 s | gap |\n| --- | --- | --- | --- | --- |");
let worst = 0;
for (let seed = 1; seed <= 30; seed++) {
  const week = madeUpWeek({ seed, visits: 4 + (seed % 2), people: 2, days: 3 });
  const { cost } = exactWeek(week);
  const found = costOfStops(week, layOut(week, { seed, more: until(300) }).stops);
  const gap = (found - cost) / Math.max(1, cost);
  worst = Math.max(worst, gap);
  console.log(
    `| ${seed} | ${week.visits.length} | ${cost.toFixed(1)} | ${found.toFixed(1)} | ${(gap * 100).toFixed(2)} % |`,
  );
}
console.log(`\nWorst gap ${(worst * 100).toFixed(2)} %.\n`);

console.log(
  "| people | days | visits | after 1 s | after 3 s | after 10 s | without a day | rounds in 10 s |\n| --- | --- | --- | --- | --- | --- | --- | --- |",
);
for (const [people, days, visits] of [
  [3, 10, 40],
  [5, 10, 120],
  [8, 15, 300],
] as const) {
  const week = madeUpWeek({ seed: 7, visits, people, days });
  const costs: string[] = [];
  let last = { rounds: 0, unplaced: 0 };
  for (const ms of [1000, 3000, 10_000]) {
    const done = layOut(week, { seed: 7, more: until(ms) });
    if (brokenRules(week, done.stops).length > 0) throw new Error("a rule is broken");
    costs.push(sumOf(done.cost).toFixed(0));
    last = { rounds: done.rounds, unplaced: done.unplaced.length };
  }
  console.log(`| ${people} | ${days} | ${visits} | ${costs.join(" | ")} | ${last.unplaced} | ${last.rounds} |`);
}
