import { describe, expect, it } from "vitest";
import { pence } from "../money/pence.ts";
import { MONDAY_TO_FRIDAY, type WorkCalendar } from "../plan/calendar.ts";
import { dayOf } from "../units/day.ts";
import { afterWorkingDays, chanceLeft, chanceWithin, leadOf, leadSaid } from "./lead.ts";
import { type SourceFacts, type SourceSupplier, sourcesFor } from "./sources.ts";

const calendar: WorkCalendar = {
  workingWeekdays: MONDAY_TO_FRIDAY,
  daysOff: new Set([dayOf("2026-05-25")]),
  wet: new Set(),
  lowC: new Map(),
};
const day = dayOf;

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
  it.each<[string, says: number, waited: number, within: number, number | null]>([
    ["nothing gone by: their word", 8, 0, 8, 0.8],
    ["eight gone by, and one more", 8, 8, 9, (0.897 - 0.8) / 0.2],
    ["within days that are gone", 8, 9, 9, 0],
    ["before it was sent", 8, -1, 8, 0.8],
    ["whoever says today, today", 0, 0, 1, 1],
    ["later than anybody would reckon with", 8, 400, 500, null],
  ])("what is left of the chance: %s", (_, says, waited, days, is) => {
    const got = chanceLeft(leadSaid(says), waited, days);
    if (is === null) expect(got).toBeNull();
    else expect(got).toBeCloseTo(is, 2);
  });

  it("what was two years ago counts half", () => {
    const [old, now] = [day("2024-03-04"), day("2026-03-04")];
    const given = [
      { sent: old, arrived: old },
      { sent: old, arrived: old },
      { sent: old, arrived: old },
      { sent: now, arrived: now },
    ].map((g, i) => (i === 3 ? { ...g, arrived: afterWorkingDays(now, 20, calendar) } : g));
    // Three same-day ones count 1.5 together, the slow one 1, the word (0.8 within its day) 1.
    expect(chanceWithin(leadOf(0, given, calendar, afterWorkingDays(now, 20, calendar)), 0)).toBeCloseTo(2.3 / 3.5, 1);
  });
});

describe("where it can come from", () => {
  const supplier = (name: string, over: Partial<SourceSupplier> = {}): SourceSupplier => ({
    name,
    makes: ["single"],
    lead: leadSaid(1),
    pence: pence(3000),
    panes: 0,
    sentBack: 0,
    ...over,
  });
  const days = leadSaid;
  const facts = (over: Partial<SourceFacts> = {}): SourceFacts => ({
    needs: "single",
    unitsIn: null,
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
    const s = first(facts({ fromStock: { name: "Rack A", cuts: 0, cost: null }, suppliers: [supplier("Shop")] }));
    expect([s?.kind, s?.supplier]).toEqual(["stock", null]);
  });
  // One in seven and more of what was cut here ran off: who cuts for money comes first, and it says why.
  it.each<[string, minutes: number, share: number, own: number, string, RegExp]>([
    ["cut here as a rule", 10, 0.05, 0, "rack", /5% spoilt \(as a rule\)\.$/],
    ["one in five of thirty ran off", 10, 0.2, 30, "counter", /Too many of it run off here/],
    ["five cuts are enough to say so", 10, 0.2, 5, "counter", /Too many of it run off here/],
    ["fifteen in a hundred, as many as are allowed", 10, 0.15, 30, "rack", /15% spoilt/],
    ["the same of three says nothing yet", 10, 0.2, 3, "rack", /20% spoilt/],
    ["it fits as it is: nothing can run off", 0, 0.2, 30, "rack", /spoilt/],
  ])("%s", (_, minutes, spoiltShare, own, kind, says) => {
    const cost = { glassPence: pence(900), minutes, spoiltShare, pence: pence(1200), own };
    const all = sourcesFor(facts({ fromStock: { name: "Rack A", cuts: 2, cost }, suppliers: [supplier("Shop")] }));
    expect(all[0]?.kind).toBe(kind);
    expect(all.find((x) => x.kind === "rack")?.because).toMatch(says);
  });
  it("says of what lies there whether it fits or is cut, and whether it is bought", () => {
    const says = (cuts: number, bought?: boolean) =>
      sourcesFor(facts({ fromStock: { name: "Rack A", cuts, cost: null, ...(bought && { bought }) } }))[0]?.because;
    expect([says(0), says(0, true), says(1), says(2, true)]).toEqual([
      "Rack A fits as it is: nothing to wait for, every edge from the works.",
      "Rack A fits as it is: it is sold so, every edge from the works.",
      "Rack A cut down by 1 edge: it is here today.",
      "Rack A cut down by 2 edges: it is sold so, and fetched today.",
    ]);
  });
  it("a piece to cut down is an off-cut; toughened is never cut", () => {
    const given = { fromStock: { name: "Rack A", cuts: 2, cost: null }, suppliers: [supplier("Shop")] };
    expect(first(facts(given))?.kind).toBe("rack");
    expect(first(facts({ ...given, mayCut: false }))?.supplier).toBe("Shop");
  });
  it.each<[string, Partial<SourceFacts>, cuts: number, boolean]>([
    ["it fits as it is: nobody cuts it", { mayCut: false }, 0, true],
    ["it would be cut, and may", { mayCut: true }, 1, true],
    ["it would be cut, and may not", { mayCut: false }, 1, false],
    ["a unit does not come out of a sheet that fits", { needs: "units" }, 0, false],
    ["nor out of one that is cut", { needs: "units" }, 1, false],
  ])("what lies there: %s", (_, over, cuts, offered) =>
    expect(sourcesFor(facts({ ...over, fromStock: { name: "Rack A", cuts, cost: null } })).length === 1).toBe(offered),
  );
  it("of two that are late, with nothing on record, the sooner, whatever it costs", () => {
    const suppliers = [supplier("Cheap", { lead: days(8), pence: pence(1000) }), supplier("Soon", { lead: days(3) })];
    expect(first(facts({ needed: day("2026-05-21"), suppliers }))?.supplier).toBe("Soon");
    expect(first(facts({ needed: null, suppliers }))?.supplier).toBe("Cheap");
  });
  it("nobody can say how likely in time where no day is needed", () => {
    const sent = day("2026-03-02");
    const four = Array.from({ length: 4 }, () => ({ sent, arrived: afterWorkingDays(sent, 3, calendar) }));
    const shop = supplier("Shop", { lead: leadOf(3, four, calendar, sent) });
    const one = (needed: SourceFacts["needed"]) => first(facts({ needed, suppliers: [shop] }))?.inTime;
    expect(one(null)).toBeNull();
    expect(one(afterWorkingDays(day("2026-05-20"), 3, calendar))).toBeCloseTo(0.96, 2);
  });
  it("the cheaper of two in time", () =>
    expect(first(facts({ suppliers: [supplier("Dear", { pence: pence(4000) }), supplier("Cheap")] }))?.supplier).toBe(
      "Cheap",
    ));
  it("in time before cheap", () => {
    const all = sourcesFor(
      facts({
        needed: day("2026-05-22"),
        suppliers: [supplier("Cheap", { pence: pence(1000), lead: days(8) }), supplier("Shop", { pence: pence(3500) })],
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
          supplier("Cheap", { pence: pence(1000), lead: lead(5, 5, 6, 6) }),
          supplier("Dear", { pence: pence(3500), lead: lead(2, 2, 2, 6) }),
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
    const bad = (panes: number) => supplier("Bad", { pence: pence(1000), panes, sentBack: Math.ceil(panes / 4) });
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
          supplier("Other", { makes: ["units"], pence: pence(9000) }),
        ],
      }),
    );
    expect(all.map((s) => [s.supplier, s.kind])).toEqual([
      ["Other", "unit-maker"],
      ["Maker", "unit-maker"],
    ]);
  });
  it.each([
    ["both in time: who is known to make it", {}, ["Known", "Quick"]],
    ["known too late: who may make it", { needed: dayOf("2026-05-25") }, ["Quick", "Known"]],
  ] as const)("of who said what they make and who did not, %s", (_, over, names) => {
    const suppliers = [
      supplier("Quick", { unsaid: true, lead: { ...supplier("Quick").lead, days: 2 } }),
      supplier("Known", { lead: { ...supplier("Known").lead, days: 6 }, pence: pence(9000) }),
    ];
    const all = sourcesFor(facts({ ...over, suppliers }));
    expect(all.map((s) => s.supplier)).toEqual(names);
    expect(all.find((s) => s.supplier === "Quick")?.because).toContain("What they make nobody said: ask first.");
    expect(all.find((s) => s.supplier === "Known")?.because).not.toContain("ask first");
  });
  it.each([
    ["in", ["Both", "Inches"]],
    ["mm", ["Both", "Metric"]],
    [null, ["Both", "Inches", "Metric"]],
  ] as const)("a unit of makes in %s: whoever makes them so", (unitsIn, names) => {
    const maker = (name: string, unit?: "mm" | "in") => supplier(name, { makes: ["units"], unitsIn: unit });
    const suppliers = [maker("Metric", "mm"), maker("Inches", "in"), maker("Both")];
    expect(sourcesFor(facts({ needs: "units", unitsIn, suppliers })).map((s) => s.supplier)).toEqual(names);
  });
  it("a door is offered its whole insert beside the bare unit", () => {
    const all = sourcesFor(
      facts({
        needs: "units",
        isDoorInsert: true,
        insertPence: pence(2500),
        suppliers: [supplier("Both", { makes: ["units", "inserts"] })],
      }),
    );
    // Sometimes the whole insert is cheaper than the unit in it.
    expect(all.map((s) => [s.kind, s.pence])).toEqual([
      ["insert", 2500],
      ["unit-maker", 3000],
    ]);
    expect(all.map((s) => s.instead)).toEqual([true, false]);
  });
  it("and after it where the unit has no price yet, with what their list lacks", () => {
    const all = sourcesFor(
      facts({
        needs: "units",
        isDoorInsert: true,
        insertPence: pence(2500),
        suppliers: [supplier("Both", { makes: ["units", "inserts"], pence: null, missing: ["pattern", "bars"] })],
      }),
    );
    expect(all.map((s) => [s.kind, s.pence])).toEqual([
      ["unit-maker", null],
      ["insert", 2500],
    ]);
    expect(all[0]?.because).toBe("Both says 1 working day. No price: their list has none for pattern, bars.");
    expect(all[1]?.because).toBe("Both says 1 working day.");
  });
});
