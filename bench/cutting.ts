import type { CuttingCase } from "../src/core/cut/cutting.ts";
import { madeUpCutting, madeUpPanes } from "../src/core/cut/made-up-cutting.ts";
import { planCuts } from "../src/core/cut/plan-cuts.ts";
import { verifyCuts } from "../src/core/cut/verify-cuts.ts";

/* How good cutting plans are: against known best ones, and over time. `quick` looks at fewer. */

const SECONDS = (process.env["SECONDS"] ?? "1,10").split(",").map(Number);
const only = process.argv[2];
const plan = (c: CuttingCase, seconds: number, seed = 1) => {
  const began = performance.now();
  const done = planCuts(c, { seed, gone: () => (performance.now() - began) / (seconds * 1000) });
  const faults = verifyCuts(c, done);
  if (faults.length > 0) throw new Error(JSON.stringify(faults.slice(0, 3)));
  return { ...done, took: (performance.now() - began) / 1000 };
};
const rows: readonly (readonly [string, CuttingCase, number | null])[] = [
  ...[1, 2, 3, 4].flatMap((sheets) =>
    [10, 20].map(
      (per) =>
        [
          `known ${sheets} × ${per}, turned`,
          madeUpCutting({ seed: sheets * 100 + per, sheets, perSheet: per, turns: true }),
          sheets * 100,
        ] as const,
    ),
  ),
  ...[2, 4].map(
    (sheets) =>
      [
        `known ${sheets} × 15, not turned`,
        madeUpCutting({ seed: sheets, sheets, perSheet: 15, turns: false }),
        sheets * 100,
      ] as const,
  ),
  ...[40, 200, 1000].map((n) => [`panes ${n}`, madeUpPanes(n, n), null] as const),
];
console.log(
  `| case | pieces | known best | ${SECONDS.map((s) => `${s} s`).join(" | ")} | bound | rounds |\n| --- | --- | --- | ${SECONDS.map(() => "---").join(" | ")} | --- | --- |`,
);
for (const [name, c, known] of rows) {
  if (only && !name.includes(only)) continue;
  const done = SECONDS.map((s) => plan(c, s));
  const last = done.at(-1);
  console.log(
    `| ${name} | ${c.pieces.length} | ${known ?? ""} | ${done.map((d) => `${d.cost}${d.unplaced.length ? ` (${d.unplaced.length} out)` : ""}`).join(" | ")} | ${last?.bound.cost.toFixed(0)} ${last?.proved ? "proved" : ""} | ${last?.rounds} |`,
  );
}
