import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { MONDAY_TO_FRIDAY, type WorkCalendar } from "../plan/calendar.ts";
import { addDays, dayOf, writeDay } from "../units/day.ts";
import { mm } from "../units/length.ts";
import { type CheckFacts, diagonalsWithin, looksAsked } from "./check-looks.ts";
import { type BeforeOrderFacts, contradictionsOf } from "./contradictions.ts";
import { afterWorkingDays, beforeWorkingDays, orderBy, workingDaysBetween } from "./lead.ts";
import { closureOf, type NightFacts, nightOf, plugFor } from "./plug.ts";
import { realTolerance } from "./tolerance.ts";

const calendar: WorkCalendar = {
  workingWeekdays: MONDAY_TO_FRIDAY,
  daysOff: new Set([dayOf("2026-05-25")]),
  wet: new Set(),
  lowC: new Map(),
};
const day = dayOf;

describe("working days", () => {
  it.each([
    ["2026-05-20", "2026-05-22", 2],
    ["2026-05-22", "2026-05-26", 1], // a weekend and a day off between
    ["2026-05-20", "2026-05-20", 0],
  ])("%s to %s: %d", (from, to, n) => expect(workingDaysBetween(day(from), day(to), calendar)).toBe(n));
  it.each([
    ["2026-05-20", 0, "2026-05-20"],
    ["2026-05-20", 2, "2026-05-22"],
    ["2026-05-22", 1, "2026-05-26"],
    ["2026-05-20", 8, "2026-06-02"],
  ])("%s and %d more: %s", (from, n, to) => expect(writeDay(afterWorkingDays(day(from), n, calendar))).toBe(to));
  it("before and after are each other's reverse on working days", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 30 }), fc.integer({ min: 0, max: 4 }), (n, k) => {
        const from = addDays(day("2026-06-01"), k);
        const to = afterWorkingDays(from, n, calendar);
        expect(workingDaysBetween(from, to, calendar)).toBe(n);
        expect(workingDaysBetween(beforeWorkingDays(to, n, calendar), to, calendar)).toBe(n);
      }),
    );
  });
  it.each([
    ["2026-05-22", 0, "2026-05-22"],
    ["2026-05-22", 1, "2026-05-21"],
    // Monday 25 is off: nothing begins on it, nor on the days before.
    ["2026-05-26", 1, "2026-05-22"],
    ["2026-05-26", 2, "2026-05-21"],
    ["2026-05-25", 1, "2026-05-21"],
    ["2026-05-25", 0, "2026-05-25"],
    ["2026-05-24", 1, "2026-05-21"],
  ])("%s less %d working days is %s", (by, days, is) =>
    expect(writeDay(beforeWorkingDays(day(by), days, calendar))).toBe(is),
  );
  it("needed Friday 5 June, 8 days' lead: order by Friday 22 May, past a day off, a day for checking in", () =>
    expect(writeDay(orderBy(day("2026-06-05"), 8, calendar))).toBe("2026-05-22"));
});

describe("the last day to order", () => {
  it("what it is set in must have set by then: two days more for putty", () => {
    expect(writeDay(orderBy(day("2026-06-05"), 8, calendar, 48))).toBe("2026-05-20");
  });
});

describe("what holds a pane off its order", () => {
  const facts = (over: Partial<BeforeOrderFacts> = {}): BeforeOrderFacts => ({
    glass: { width: mm(597), height: mm(897) },
    opening: { width: mm(600), height: mm(900) },
    leastGap: mm(0),
    squareByEye: false,
    risk: null,
    copied: false,
    packed: null,
    statesOpening: false,
    overruled: false,
    toughened: false,
    cutToCome: false,
    barsFault: null,
    thickness: null,
    timber: null,
    others: [],
    label: "No. 5, kitchen, left light",
    unknown: [],
    ...over,
  });
  it.each<[string, Partial<BeforeOrderFacts>, readonly string[]]>([
    ["nothing", {}, []],
    ["a unit of another thickness than was read", { thickness: "4 mm thinner than what was read" }, ["thickness-off"]],
    ["width said twice", { glass: { width: mm(597), height: mm(597) } }, ["square"]],
    [
      "another pane's figures the other way round",
      { others: [{ label: "No. 6", width: mm(897), height: mm(597) }] },
      ["swapped"],
    ],
    [
      "the same opening is on an order already",
      { others: [{ label: "no 5 Kitchen, left light", width: mm(500), height: mm(700), unfinished: true }] },
      ["same-opening"],
    ],
    [
      "it was, and that one is signed off",
      { others: [{ label: "No. 5, kitchen, left light", width: mm(500), height: mm(700), unfinished: false }] },
      [],
    ],
    [
      "the light beside it is",
      { others: [{ label: "No. 5, kitchen, right light", width: mm(500), height: mm(700), unfinished: true }] },
      [],
    ],
    ["its twin the same way round is a twin", { others: [{ label: "No. 6", width: mm(597), height: mm(897) }] }, []],
    ["larger than its opening", { glass: { width: mm(601), height: mm(897) } }, ["too-large"]],
    [
      "as large as its opening, least gap kept",
      { glass: { width: mm(600), height: mm(897) }, leastGap: mm(1) },
      ["too-large"],
    ],
    ["copied from the old one it may be", { glass: { width: mm(601), height: mm(897) }, copied: true }, []],
    ["copied, and it would just not fall through", { glass: { width: mm(520), height: mm(820) }, copied: true }, []],
    [
      "copied, and it would fall through what was read",
      { glass: { width: mm(519.9), height: mm(897) }, copied: true },
      ["copy-small"],
    ],
    ["packers of 20 were thick", { packed: mm(20), copied: true }, []],
    ["no packers are 21", { packed: mm(21), copied: true }, ["packers-thick"]],
    [
      "an opening that is reckoned by such packers is not blamed beside them",
      {
        packed: mm(600),
        glass: { width: mm(597), height: mm(997) },
        opening: { width: mm(1797), height: mm(2197) },
        copied: true,
      },
      ["packers-thick"],
    ],
    ["overruled, and the order states the opening", { statesOpening: true, overruled: true }, ["twice"]],
    ["the order states the opening, by the readings", { statesOpening: true }, []],
    ["overruled, and the order states the glass", { overruled: true }, []],
    [
      "overruled to the opening itself: nothing is left to come off",
      { statesOpening: true, overruled: true, glass: { width: mm(600), height: mm(900) } },
      [],
    ],
    [
      "overruled to less of one side only",
      { statesOpening: true, overruled: true, glass: { width: mm(600), height: mm(899) } },
      ["twice"],
    ],
    [
      "or of the other",
      { statesOpening: true, overruled: true, glass: { width: mm(599), height: mm(900) } },
      ["twice"],
    ],
    [
      "overruled to more than the opening",
      { statesOpening: true, overruled: true, glass: { width: mm(601), height: mm(901) } },
      ["too-large"],
    ],
    ["toughened with a cut to come", { toughened: true, cutToCome: true }, ["cut-toughened"]],
    ["laminated with a cut to come", { cutToCome: true }, []],
    ["bars that do not divide", { barsFault: "They do not." }, ["bars-fault"]],
    ["a blank", { unknown: [{ id: "safety", says: "ordinary or safety glass", station: "specify" }] }, ["safety"]],
    ["not sized", { glass: null }, []],
    ["square by eye, and a third longer", { squareByEye: true }, ["not-square"]],
    ["square by eye, and nearly", { squareByEye: true, glass: { width: mm(520), height: mm(600) } }, []],
  ])("%s", (_, over, ids) => expect(contradictionsOf(facts(over)).map((c) => c.id)).toEqual(ids));
  it.each<[Partial<BeforeOrderFacts>, string]>([
    [{ thickness: "It is 4 mm thinner." }, "It is 4 mm thinner."],
    [{ timber: "The sash would keep 5 mm." }, "The sash would keep 5 mm."],
    [{ barsFault: "They do not divide." }, "They do not divide."],
    [
      { risk: { binds: 0.426, coverLost: null } },
      "Something is likely to go wrong: it binds with a chance of 43%. Read it again or change the size, or say why it is ordered so.",
    ],
    [
      { risk: { binds: 0.1, coverLost: 0.056 } },
      "Something is likely to go wrong: it binds with a chance of 10%, and is covered too little with one of 6%. Read it again or change the size, or say why it is ordered so.",
    ],
    [
      { unknown: [{ id: "safety", says: "ordinary or safety glass", station: "specify" }] },
      "A cutter would have to ask: ordinary or safety glass.",
    ],
  ])("says what it is: %j", (over, says) => expect(contradictionsOf(facts(over)).map((c) => c.says)).toEqual([says]));
});

describe("what is looked at when it comes", () => {
  const none: CheckFacts = {
    unit: false,
    coated: false,
    barred: false,
    safety: false,
    looks: false,
    shaped: false,
    whole: null,
  };
  it.each<[string, Partial<CheckFacts>, readonly string[], readonly string[]]>([
    ["plain float", {}, ["thickness", "edges", "scratches", "square"], ["seal", "coating", "marks", "bars", "colour"]],
    ["safety glass", { safety: true }, ["marks"], ["seal"]],
    [
      "a coated unit with bars",
      { unit: true, coated: true, barred: true },
      ["coating", "bars", "seal", "colour"],
      ["marks"],
    ],
    ["a pattern to match", { looks: true }, ["colour"], []],
    [
      "a door's insert",
      { whole: "insert", safety: true },
      ["marks", "colour", "scratches", "square"],
      ["thickness", "edges", "hand"],
    ],
    ["a new sash", { whole: "sash" }, ["hand", "colour", "square"], ["thickness", "edges", "marks"]],
    ["a pane", {}, [], ["hand", "outline"]],
    ["an arched pane", { shaped: true }, ["thickness", "edges", "scratches", "outline"], ["square"]],
  ])("%s", (_, over, has, hasNot) => {
    const asked = looksAsked({ ...none, ...over });
    expect(asked).toEqual(expect.arrayContaining([...has]));
    for (const l of hasNot) expect(asked).not.toContain(l);
  });
  it.each([
    [1089, 1090, 1, true],
    [1089, 1090.1, 1, false],
    [1090, 1089, 1, true],
  ])("diagonals %d and %d within %d: %s", (up, down, t, fine) => expect(diagonalsWithin(up, down, t)).toBe(fine));
});

describe("what a supplier's cutting really was", () => {
  it.each([
    ["nothing measured", [], null],
    ["two sides: no spread yet", [0.5, -0.3], [2, "0.10", null, 0.5]],
    ["four sides", [0.5, -0.5, 0.3, 0.1], [4, "0.10", "0.43", 0.5]],
    ["a pane made wrong is left out", [0.5, -292, 292, 0.3, 0.1], [3, "0.30", "0.20", 0.5]],
    ["always short", [-1, -1.2, -0.8], [3, "-1.00", "0.20", -1.2]],
    ["6 mm off is its cutting still, more is not", [6, 6.1], [1, "6.00", null, 6]],
  ] as const)("%s", (_, off, expected) => {
    const t = realTolerance([...off]);
    expect(t && [t.sides, t.meanMm.toFixed(2), t.spreadMm?.toFixed(2) ?? null, t.worstMm]).toEqual(expected);
  });
});

describe("a plug for the hole", () => {
  const board = { longMm: 1200, shortMm: 600 };
  it.each([
    ["one piece", 400, 900, 1, [398, 898], 1],
    ["two upright, split evenly", 700, 900, 2, [349, 898], 2],
    ["wider than long: laid level", 900, 400, 1, [898, 398], 1],
    ["two small ones from one board", 580, 1500, 2, [578, 749], 2],
    ["four", 1100, 2000, 4, [549, 999], 4],
  ] as const)("%s", (_, widthMm, heightMm, count, [w, h], boards) => {
    const plug = plugFor({ widthMm, heightMm, board, offMm: 2 });
    expect([plug.pieces.length, plug.pieces[0]?.widthMm, plug.pieces[0]?.heightMm, plug.boards]).toEqual([
      count,
      w,
      h,
      boards,
    ]);
  });
  it("every piece comes out of a board, and together they fill the hole", () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 2400 }), fc.integer({ min: 100, max: 2400 }), (widthMm, heightMm) => {
        const plug = plugFor({ widthMm, heightMm, board, offMm: 2 });
        const area = plug.pieces.reduce((s, p) => s + p.widthMm * p.heightMm, 0);
        expect(area).toBeGreaterThan((widthMm - 2) * (heightMm - 2) * 0.995);
        expect(area).toBeLessThanOrEqual((widthMm - 2) * (heightMm - 2) + 1e-6);
        for (const p of plug.pieces) {
          expect(Math.min(p.widthMm, p.heightMm)).toBeLessThanOrEqual(600);
          expect(Math.max(p.widthMm, p.heightMm)).toBeLessThanOrEqual(1200);
        }
      }),
    );
  });
  const night: NightFacts = {
    closure: "board-screwed",
    storey: 0,
    mustLock: false,
    outerDoor: false,
    wetTomorrow: false,
    told: true,
  };
  it.each<[string, Partial<NightFacts>, string]>([
    ["screwed board", {}, "stands"],
    ["screwed board that must lock", { mustLock: true }, "stands"],
    ["insulation at the ground", { closure: "insulation" }, "not-safe"],
    ["insulation upstairs", { closure: "insulation", storey: 1 }, "stands"],
    ["insulation behind an outer door", { closure: "insulation", outerDoor: true }, "stands"],
    ["a sheet upstairs, rain coming", { closure: "sheet", storey: 1, wetTomorrow: true }, "watch"],
    ["nobody told", { told: false }, "watch"],
    ["open, wherever it is", { closure: "open", storey: 3 }, "not-safe"],
    ["the old glass put back", { closure: "glass", mustLock: true }, "stands"],
  ])("overnight: %s", (_, over, says) => expect(nightOf({ ...night, ...over }).says).toBe(says));
  it.each([
    ["9 mm board, screwed", "board-screwed"],
    ["rigid insulation, taped", "insulation"],
    ["old glass put back with two beads", "glass"],
    ["polythene", "sheet"],
  ])("%s", (how, closure) => expect(closureOf(how)).toBe(closure));
});
