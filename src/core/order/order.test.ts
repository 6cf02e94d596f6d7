import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { MONDAY_TO_FRIDAY, type WorkCalendar } from "../plan/calendar.ts";
import { addDays, dayOf, writeDay } from "../units/day.ts";
import { mm } from "../units/length.ts";
import { type CheckFacts, diagonalsWithin, looksAsked } from "./check-looks.ts";
import { type BeforeOrderFacts, contradictionsOf } from "./contradictions.ts";
import {
  afterWorkingDays,
  beforeWorkingDays,
  chanceWithin,
  leadOf,
  leadSaid,
  orderBy,
  workingDaysBetween,
} from "./lead.ts";
import { closureOf, type NightFacts, nightOf, plugFor } from "./plug.ts";
import { type SourceFacts, type SourceSupplier, sourcesFor } from "./sources.ts";
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
  it("needed Friday 5 June, 8 days' lead: order by Friday 22 May, past a day off, a day for checking in", () =>
    expect(writeDay(orderBy(day("2026-06-05"), 8, calendar))).toBe("2026-05-22"));
});

describe("the last day to order", () => {
  it("what it is set in must have set by then: two days more for putty", () => {
    expect(writeDay(orderBy(day("2026-06-05"), 8, calendar, 48))).toBe("2026-05-20");
  });
});

describe("how long a supplier takes", () => {
  const gone = (...days: readonly number[]) =>
    days.map((n) => ({ sent: day("2026-03-02"), arrived: afterWorkingDays(day("2026-03-02"), n, calendar) }));
  it.each([
    ["no record: what they say", 8, [], 8, null, null],
    ["two orders are no record", 8, [20, 20], 8, null, null],
    ["three: the slowest", 8, [8, 9, 12], 12, 9, 12],
    ["five: nine in ten kept to 12", 8, [8, 8, 9, 10, 12], 12, 9, 12],
    ["ten: the one outlier is left out", 5, [5, 5, 5, 5, 6, 6, 6, 7, 7, 30], 7, 6, 7],
    ["quicker than they say: what they say, and their word still counts for one order", 10, [4, 4, 5], 10, 5, 9],
    ["on the day, again and again: the day", 8, [8, 8, 8, 8, 8, 8, 8, 8], 8, 8, 8],
  ] as const)("%s", (_, says, took, days, usual, slow) => {
    const lead = leadOf(says, gone(...took), calendar, day("2026-05-20"));
    expect([lead.days, lead.usual, lead.slow]).toEqual([days, usual, slow]);
  });
});

describe("whether it comes in time", () => {
  const sent = day("2026-03-02");
  const gone = (took: readonly number[]) => took.map((n) => ({ sent, arrived: afterWorkingDays(sent, n, calendar) }));
  // Their word: kept in 0.80 of orders, a day more than 8 in Φ(ln(10/9)/0.25 + 0.842) = 0.897; it counts as one order.
  it.each([
    ["two orders say nothing", 8, [8, 9], 9, null],
    ["8, 9, 8, 12, 10 within 9: (0.897 + 3) of 6", 8, [8, 9, 8, 12, 10], 9, 0.649],
    ["within 12: all of them", 8, [8, 9, 8, 12, 10], 12, 0.998],
    ["four on the day they said: (0.8 + 4) of 5", 3, [3, 3, 3, 3], 3, 0.96],
    ["none by yesterday", 8, [8, 8, 8], -1, 0],
  ] as const)("%s", (_, says, took, within, chance) => {
    const is = chanceWithin(leadOf(says, gone(took), calendar, sent), within);
    if (chance === null) expect(is).toBeNull();
    else expect(is).toBeCloseTo(chance, 2);
  });
  it("what was two years ago counts half", () => {
    const [old, now] = [day("2024-03-04"), day("2026-03-04")];
    const of = [
      { sent: old, arrived: old },
      { sent: old, arrived: old },
      { sent: old, arrived: old },
      { sent: now, arrived: now },
    ].map((g, i) => (i === 3 ? { ...g, arrived: afterWorkingDays(now, 20, calendar) } : g));
    // Three same-day ones count 1.5 together, the slow one 1, the word (0.8 within its day) 1.
    expect(chanceWithin(leadOf(0, of, calendar, afterWorkingDays(now, 20, calendar)), 0)).toBeCloseTo(2.3 / 3.5, 1);
  });
});

describe("where it can come from", () => {
  const supplier = (name: string, over: Partial<SourceSupplier> = {}): SourceSupplier => ({
    name,
    makes: ["single"],
    lead: leadSaid(1),
    pence: 3000,
    panes: 0,
    sentBack: 0,
    ...over,
  });
  const days = leadSaid;
  const facts = (over: Partial<SourceFacts> = {}): SourceFacts => ({
    needs: "single",
    fromStock: null,
    mayCut: true,
    isDoorInsert: false,
    insertPence: null,
    today: day("2026-05-20"),
    needed: null,
    calendar,
    suppliers: [],
    ...over,
  });
  const first = (f: SourceFacts) => sourcesFor(f)[0];
  it("the shelf first: it is here, and no edge is cut", () => {
    const s = first(facts({ fromStock: { name: "Rack A", cuts: 0 }, suppliers: [supplier("Shop")] }));
    expect([s?.kind, s?.supplier]).toEqual(["stock", null]);
  });
  it("a piece to cut down is an off-cut; toughened is never cut", () => {
    const of = { fromStock: { name: "Rack A", cuts: 2 }, suppliers: [supplier("Shop")] };
    expect(first(facts(of))?.kind).toBe("rack");
    expect(first(facts({ ...of, mayCut: false }))?.supplier).toBe("Shop");
  });
  it("the cheaper of two in time", () =>
    expect(first(facts({ suppliers: [supplier("Dear", { pence: 4000 }), supplier("Cheap")] }))?.supplier).toBe(
      "Cheap",
    ));
  it("in time before cheap", () => {
    const all = sourcesFor(
      facts({
        needed: day("2026-05-22"),
        suppliers: [supplier("Cheap", { pence: 1000, lead: days(8) }), supplier("Shop", { pence: 3500 })],
      }),
    );
    expect(all.map((s) => [s.supplier, s.late])).toEqual([
      ["Shop", false],
      ["Cheap", true],
    ]);
    // Nobody's record says anything yet.
    expect(all.map((s) => s.inTime)).toEqual([null, null]);
  });
  it("of two that are late as a rule, the likelier in time", () => {
    const sent = day("2026-03-02");
    const lead = (...took: readonly number[]) =>
      leadOf(
        3,
        took.map((n) => ({ sent, arrived: afterWorkingDays(sent, n, calendar) })),
        calendar,
        sent,
      );
    const all = sourcesFor(
      facts({
        needed: day("2026-05-22"),
        suppliers: [
          supplier("Cheap", { pence: 1000, lead: lead(5, 5, 6, 6) }),
          supplier("Dear", { pence: 3500, lead: lead(2, 2, 2, 6) }),
        ],
      }),
    );
    expect(all.map((s) => [s.supplier, s.late])).toEqual([
      ["Dear", true],
      ["Cheap", true],
    ]);
    expect(all[0]?.inTime).toBeGreaterThan(0.6);
  });
  it("who sends one in four back stands behind, though cheaper; with few panes nobody can say", () => {
    const bad = (panes: number) => supplier("Bad", { pence: 1000, panes, sentBack: Math.ceil(panes / 4) });
    expect(first(facts({ suppliers: [bad(8), supplier("Good")] }))?.supplier).toBe("Good");
    expect(first(facts({ suppliers: [bad(4), supplier("Good")] }))?.supplier).toBe("Bad");
  });
  it("only those who make it, and unpriced behind priced", () => {
    const all = sourcesFor(
      facts({
        needs: "units",
        suppliers: [
          supplier("Counter"),
          supplier("Maker", { makes: ["units"], pence: null }),
          supplier("Other", { makes: ["units"], pence: 9000 }),
        ],
      }),
    );
    expect(all.map((s) => [s.supplier, s.kind])).toEqual([
      ["Other", "unit-maker"],
      ["Maker", "unit-maker"],
    ]);
  });
  it("a door is offered its whole insert beside the bare unit", () => {
    const all = sourcesFor(
      facts({
        needs: "units",
        isDoorInsert: true,
        insertPence: 2500,
        suppliers: [supplier("Both", { makes: ["units", "inserts"] })],
      }),
    );
    // Sometimes the whole insert is cheaper than the unit in it.
    expect(all.map((s) => [s.kind, s.pence])).toEqual([
      ["insert", 2500],
      ["unit-maker", 3000],
    ]);
  });
});

describe("what holds a pane off its order", () => {
  const facts = (over: Partial<BeforeOrderFacts> = {}): BeforeOrderFacts => ({
    glass: { width: mm(597), height: mm(897) },
    opening: { width: mm(600), height: mm(900) },
    leastGap: mm(0),
    risk: null,
    copied: false,
    statesOpening: false,
    overruled: false,
    toughened: false,
    cutToCome: false,
    barsFault: null,
    others: [],
    unknown: [],
    ...over,
  });
  it.each<[string, Partial<BeforeOrderFacts>, readonly string[]]>([
    ["nothing", {}, []],
    ["width said twice", { glass: { width: mm(597), height: mm(597) } }, ["square"]],
    [
      "another pane's figures the other way round",
      { others: [{ label: "No. 6", width: mm(897), height: mm(597) }] },
      ["swapped"],
    ],
    ["its twin the same way round is a twin", { others: [{ label: "No. 6", width: mm(597), height: mm(897) }] }, []],
    ["larger than its opening", { glass: { width: mm(601), height: mm(897) } }, ["too-large"]],
    [
      "as large as its opening, least gap kept",
      { glass: { width: mm(600), height: mm(897) }, leastGap: mm(1) },
      ["too-large"],
    ],
    ["copied from the old one it may be", { glass: { width: mm(601), height: mm(897) }, copied: true }, []],
    ["overruled, and the order states the opening", { statesOpening: true, overruled: true }, ["twice"]],
    ["toughened with a cut to come", { toughened: true, cutToCome: true }, ["cut-toughened"]],
    ["laminated with a cut to come", { cutToCome: true }, []],
    ["bars that do not divide", { barsFault: "They do not." }, ["bars-fault"]],
    ["a blank", { unknown: [{ id: "safety", says: "ordinary or safety glass", station: "specify" }] }, ["safety"]],
    ["not sized", { glass: null }, []],
  ])("%s", (_, over, ids) => expect(contradictionsOf(facts(over)).map((c) => c.id)).toEqual(ids));
});

describe("what is looked at when it comes", () => {
  const none: CheckFacts = { unit: false, coated: false, barred: false, safety: false, looks: false, whole: null };
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
    ["a pane", {}, [], ["hand"]],
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
