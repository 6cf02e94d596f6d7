import { describe, expect, it } from "vitest";
import { MON, plainVisit as visit } from "../../../tests/support/plain-visit.ts";
import { type Stop, WEIGHTS, type Week, type WeekVisit } from "../../core/plan/week.ts";
import { addDays } from "../../core/units/day.ts";
import { handDay } from "./model.ts";

const week = (...visits: readonly WeekVisit[]): Week => ({
  days: [0, 1].map((n) => ({ day: addDays(MON, n), rain: [], lowC: 10, windMs: 2, light: null })),
  people: [
    { name: "Nell", hours: [480, 960], off: [], skills: ["lead"], start: "yard" },
    { name: "Bram", hours: [480, 720], off: [], skills: [], start: "yard" },
  ],
  visits,
  travel: (a, b) => (a === b ? 0 : 20),
  weights: WEIGHTS,
  grid: 1,
});
const at = (id: string, from: number, over: Partial<Stop> = {}): Stop => ({
  visit: id,
  day: MON,
  person: "Nell",
  from,
  to: from + 60,
  helper: null,
  ...over,
});
const give = { day: MON, from: "Nell", to: "Bram" };
const whose = (stops: readonly Stop[]) => Object.fromEntries(stops.map((s) => [s.visit, [s.person, s.from]]));

describe("a day given to somebody else", () => {
  it("goes over in its order, each at the first hour that holds", () => {
    const done = handDay(week(visit("a"), visit("b")), [at("a", 600), at("b", 700)], give);
    // From the yard it is 20 minutes; then one after the other at the same address.
    expect(whose(done.stops)).toEqual({ a: ["Bram", 500], b: ["Bram", 560] });
    expect([done.went, done.stayed]).toEqual([2, []]);
  });
  it("but for what the other may not do, which stays where it is", () => {
    const done = handDay(week(visit("a", { skills: ["lead"] }), visit("b")), [at("a", 600), at("b", 700)], give);
    expect(whose(done.stops)).toEqual({ a: ["Nell", 600], b: ["Bram", 500] });
    expect(done.stayed.map((t) => [t.stop.visit, t.broken.map((b) => b.rule)])).toEqual([["a", ["skill"]]]);
  });
  it("and what finds no more room in the other's hours", () => {
    const all = ["a", "b", "c", "d"].map((id) => visit(id));
    const done = handDay(week(...all), [at("a", 500), at("b", 560), at("c", 620), at("d", 680)], give);
    // Bram works four hours, 20 minutes of them out and 20 back: three visits.
    expect([done.went, done.stayed.map((t) => t.stop.visit)]).toEqual([3, ["d"]]);
  });
  it("other days and other people's visits stay as they are", () => {
    const tomorrow = at("b", 600, { day: addDays(MON, 1) });
    const done = handDay(week(visit("a"), visit("b")), [at("a", 600), tomorrow], give);
    expect(done.stops).toContainEqual(tomorrow);
  });
});
