import { expect, it } from "vitest";
import { yearsChart } from "../../drawing/years-chart.ts";
import { madeYears } from "./made-years.ts";
import type { MadeIn } from "./seen.ts";

const given = (year: number, seen: number, failed: boolean, cause: MadeIn["cause"] = null): MadeIn => ({
  year,
  day: `${seen}-05-01`,
  failed,
  cause,
});

it.each<[string, readonly MadeIn[], readonly unknown[]]>([
  ["nothing", [], []],
  [
    "by year, the middle age of those that failed, the commonest cause first",
    [
      given(2014, 2026, true),
      given(2009, 2024, true, "age"),
      given(2009, 2026, true, "age"),
      given(2009, 2020, true, "impact"),
      given(2009, 2026, false),
    ],
    [
      [2009, 4, 3, 15, "age 2,impact 1"],
      [2014, 1, 1, 12, ""],
    ],
  ],
  ["none of it failed", [given(2020, 2026, false)], [[2020, 1, 0, null, ""]]],
])("%s", (_, all, is) =>
  expect(
    madeYears(all).map((y) => [
      y.year,
      y.seen,
      y.failed,
      y.ageOfFailed,
      y.causes.map((c) => `${c.cause} ${c.units}`).join(),
    ]),
  ).toEqual(is),
);

it("is drawn in proportion: two of four is half as high, and a year none failed of has no bar", () => {
  const years = madeYears([...[1, 2, 3, 4].map((n) => given(2009, 2026, n <= 2)), given(2012, 2026, false)]);
  const { bars, foot } = yearsChart(years, { width: 720, height: 150 });
  const [a, b] = bars;
  if (!a || !b) throw new Error("two bars");
  expect((foot - a.failedTop) / (foot - a.seenTop)).toBeCloseTo(0.5, 9);
  expect([b.failedTop, a.says, b.says]).toEqual([foot, "2 of 4", "0 of 1"]);
  expect((foot - b.seenTop) / (foot - a.seenTop)).toBeCloseTo(0.25, 9);
  expect(a.x + a.wide).toBeLessThan(b.x);
});
