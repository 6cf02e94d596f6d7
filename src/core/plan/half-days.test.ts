import { describe, expect, it } from "vitest";
import { MON, plainVisit as visit } from "../../../tests/support/plain-visit.ts";
import { addDays, type Day, writeDay } from "../units/day.ts";
import { brokenRules } from "./broken-rules.ts";
import { exactWeek } from "./exact-week.ts";
import { layOut } from "./lay-out.ts";
import { hoursOn, type Span, WEIGHTS, type Week, type WeekVisit } from "./week.ts";
import { weekOf } from "./week-case.ts";
import { sumOf } from "./week-cost.ts";

const TUE = addDays(MON, 1);
const NOON = 720;
/** Nell, 8:00 to 16:00, with other hours on some days; two days, twenty minutes of road each way. */
const week = (visits: readonly WeekVisit[], only: readonly { readonly day: Day; readonly hours: Span }[]): Week => ({
  days: [MON, TUE].map((day) => ({ day, rain: [], lowC: 10, windMs: 2, light: null })),
  people: [{ name: "Nell", hours: [480, 960], off: [], only, skills: [], start: "yard" }],
  visits,
  travel: (a, b) => (a === b ? 0 : 20),
  weights: WEIGHTS,
  grid: 1,
});
const laidOut = (w: Week) => layOut(w, { seed: 1, more: (done) => done < 200 });
const laid = (w: Week) => laidOut(w).stops;
const MORNING = [{ day: MON, hours: [480, NOON] as const }];
const AFTERNOON = [{ day: MON, hours: [NOON, 960] as const }];

describe("a day that is half of one", () => {
  it("has its own hours, the others the usual", () => {
    const [nell] = week([], MORNING).people;
    if (!nell) throw new Error("nobody");
    expect([hoursOn(nell, MON), hoursOn(nell, TUE)]).toEqual([
      [480, NOON],
      [480, 960],
    ]);
  });
  it.each<[string, number, Week["people"][number]["only"], readonly [Day, number]]>([
    // From 8:20; back at noon leaves 200 minutes.
    ["200 minutes go into a morning", 200, MORNING, [MON, 500]],
    ["201 do not: the next day", 201, MORNING, [TUE, 500]],
    ["an afternoon begins at noon, and the road first", 200, AFTERNOON, [MON, NOON + 20]],
    ["201 are too many for it too", 201, AFTERNOON, [TUE, 500]],
    ["a whole day", 201, [], [MON, 500]],
  ])("%s", (_, minutes, only, [day, from]) => {
    const w = week([visit("a", { minutes })], only ?? []);
    expect(laid(w)).toMatchObject([{ day, from, to: from + minutes }]);
    expect(brokenRules(w, laid(w))).toEqual([]);
    expect(sumOf(laidOut(w).cost)).toBeCloseTo(exactWeek(w).cost, 9);
  });
  it("two visits are shared out between a morning and the day after", () => {
    const w = week([visit("a", { minutes: 200 }), visit("b", { minutes: 300 })], MORNING);
    expect(
      laid(w)
        .map((s) => [s.visit, s.day])
        .sort(),
    ).toEqual([
      ["a", MON],
      ["b", TUE],
    ]);
  });
  it("put there by hand past its end, the hours are against it", () => {
    const w = week([visit("a")], MORNING);
    const stop = (from: number) => ({ visit: "a", day: MON, person: "Nell", from, to: from + 60, helper: null });
    expect(brokenRules(w, [stop(640)])).toEqual([]);
    expect(brokenRules(w, [stop(641)]).map((b) => b.rule)).toEqual(["hours"]);
    expect(brokenRules(week([visit("a")], AFTERNOON), [stop(700)]).map((b) => b.rule)).toEqual(["hours"]);
  });
  it("where nothing but mornings are left, an hour more would do it", () => {
    const both = [MON, TUE].map((day) => ({ day, hours: [480, NOON] as const }));
    const w = week([visit("a", { minutes: 230 })], both);
    expect(laid(w)).toEqual([]);
    expect(laidOut(w).unplaced[0]).toMatchObject({
      why: { kind: "hours" },
      frees: ["another-hour", "one-more-person"],
    });
  });
  it("is written down with its day, and read back", () => {
    const { travel: _, ...w } = week([], []);
    const read = weekOf({
      ...w,
      days: [],
      visits: [],
      roads: [],
      roadElse: 20,
      people: [
        {
          name: "Nell",
          hours: [480, 960],
          off: [],
          only: [{ day: writeDay(MON), hours: [480, NOON] }],
          skills: [],
          start: "yard",
        },
      ],
    });
    expect(read.people[0]?.only).toEqual(MORNING);
  });
});
