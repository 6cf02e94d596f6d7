import { describe, expect, it } from "vitest";
import { addDays, type Day, dayOf } from "../units/day.ts";
import { type ForSpring, springList } from "./spring-list.ts";

const MONDAY = dayOf("2026-11-30");
const told = (...lows: readonly (number | null)[]) => lows.map((lowC, i) => ({ day: addDays(MONDAY, i), lowC }));
const visit = (leastC: number | null, from = 0, latest: Day | null = null) => ({
  id: "paint",
  leastC,
  earliest: addDays(MONDAY, from),
  latest,
});

describe("what waits for warmth", () => {
  it.each<[string, Parameters<typeof springList>, readonly Omit<ForSpring, "visit">[]]>([
    ["not below 8, and 2, 5, 6 are told", [[visit(8)], told(2, 5, 6)], [{ leastC: 8, warmestC: 6, runsOut: null }]],
    ["a mild day among them", [[visit(8)], told(2, 9, 6)], []],
    ["just warm enough", [[visit(8)], told(2, 8)], []],
    [
      "the mild day is before it may be done",
      [[visit(8, 2)], told(9, 9, 4, 3)],
      [{ leastC: 8, warmestC: 4, runsOut: null }],
    ],
    ["wants no warmth", [[visit(null)], told(-3)], []],
    ["nobody told of any day", [[visit(8)], told(null, null)], []],
    ["nobody told of the days it may be done on", [[visit(8, 5)], told(2, 2, 2)], []],
    [
      "its last day is among them: it does no good after that",
      [[visit(8, 0, addDays(MONDAY, 1))], told(2, 3, 12)],
      [{ leastC: 8, warmestC: 3, runsOut: addDays(MONDAY, 1) }],
    ],
  ])("%s", (_, [visits, days], list) =>
    expect(springList(visits, days)).toEqual(list.map((x) => ({ visit: "paint", ...x }))),
  );
});
