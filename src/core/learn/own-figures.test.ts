import { describe, expect, it } from "vitest";
import { seeded } from "../chance/seeded.ts";
import { HOUSE_DEFAULTS, type HouseRules } from "../house/rules.ts";
import type { MakesOf } from "../order/sources.ts";
import { MONDAY_TO_FRIDAY } from "../plan/calendar.ts";
import { dayOf } from "../units/day.ts";
import { figureSentence } from "../words/learnt.ts";
import { adopting, givingBack } from "./adopting.ts";
import type { OwnFigure } from "./own-figure.ts";
import { isClear, ownFigures, personFigures, readersIn, sendersIn, supplierFigures, toAdopt } from "./own-figures.ts";
import { houseOf, type OfPeople } from "./person-rule.ts";
import { byWhy, quarterOf, quartersOf } from "./remakes-ledger.ts";
import { NOTHING_SEEN, type PaneSeen } from "./seen.ts";
import { supplierCards } from "./supplier-card.ts";
import type { OfSuppliers } from "./supplier-rule.ts";

const TODAY = dayOf("2026-05-20");
const side = (byMm: number, more: Partial<PaneSeen["sides"][number]> = {}): PaneSeen => ({
  ...NOTHING_SEEN,
  sides: [{ supplier: "Salt Lane", sealed: false, who: "Nell", tape: "mm", day: "2026-05-01", byMm, ...more }],
});
const came = (day: string, back = false, supplier = "Salt Lane", make: MakesOf = "single"): PaneSeen => ({
  ...NOTHING_SEEN,
  came: [{ supplier, day, back, make }],
  back: back ? [{ line: "l", day, supplier, said: "", why: null, whose: null, pence: 1200 }] : [],
});
const figures = (panes: readonly PaneSeen[], house: HouseRules = HOUSE_DEFAULTS) =>
  ownFigures(panes, { house, own: new Map(), defaults: HOUSE_DEFAULTS, today: TODAY });
const one = (id: string, panes: readonly PaneSeen[], house?: HouseRules): OwnFigure => {
  const found = figures(panes, house).find((f) => f.id === id);
  if (!found) throw new Error(id);
  return found;
};
const many = (n: number, of: (i: number) => PaneSeen): readonly PaneSeen[] =>
  Array.from({ length: n }, (_, i) => of(i));

describe("figures of the firm's own", () => {
  it("nine sides say nothing, ten do: all 1.2 larger, against a nought worth two: 1.2 × 10 / 12, a little less for their age", () => {
    expect(
      one(
        "off-single",
        many(9, () => side(1.2)),
      ).own,
    ).toBeNull();
    const ten = one(
      "off-single",
      many(10, () => side(1.2)),
    );
    expect(ten.own).toBe(1);
    expect(ten.from).toEqual({ seen: 10, of: "sides" });
    expect(ten.within.lo).toBeLessThan(1);
    expect(ten.within.hi).toBeGreaterThan(1);
    expect(isClear(ten)).toBe(true);
  });
  it("a pane made wrong is named, and moves nothing", () => {
    const f = one("off-single", [...many(20, (i) => side(i % 2 ? 0.3 : -0.3)), side(-10)]);
    expect(f.own).toBe(0);
    expect(f.outliers).toEqual([{ byMm: -10, of: "Salt Lane", day: "2026-05-01" }]);
    expect(f.from.seen).toBe(20);
  });
  it("sealed units are a figure apart", () => {
    const panes = [...many(12, () => side(1)), ...many(12, () => side(-1, { sealed: true }))];
    expect(one("off-single", panes).own).toBeGreaterThan(0.8);
    expect(one("off-units", panes).own).toBeLessThan(-0.8);
  });
  it("the tape that checked them is taken out of their scatter, once", () => {
    const scattered = many(40, (i) => side(i % 2 ? 0.7 : -0.7));
    const fine = one("cut-single", scattered, { ...HOUSE_DEFAULTS, tapeErrorMm: 0 });
    const coarse = one("cut-single", scattered, { ...HOUSE_DEFAULTS, tapeErrorMm: 0.5 });
    expect(fine.own).toBeCloseTo(1.2, 1);
    expect(coarse.own).toBeLessThan(fine.own ?? 0);
  });
  it("what was seen years ago counts little", () => {
    const old = many(20, () => side(2, { day: "2016-05-01" }));
    const young = many(20, () => side(0));
    expect(one("off-single", [...old, ...young]).own).toBeLessThan(0.15);
  });
  it("places read twice: differences of 0.7 are a tape of 0.5", () => {
    const twice = many(30, (i) => ({
      ...NOTHING_SEEN,
      twice: [{ who: "Nell", tape: "in" as const, day: "2026-05-01", byMm: i % 2 ? 0.7 : -0.7 }],
    }));
    expect(one("tape-in", twice).own).toBeCloseTo(0.48, 1);
    expect(one("tape-mm", twice).from.seen).toBe(0);
  });
  // Read in the middle of winter, set at the end of July: 1.2 a metre is 0.6 either side; of the quarters between nobody knows
  // more than the house: √(0.6² + ½).
  it.each<[string, string, string, number, number]>([
    ["wider in summer", "2026-01-20", "2026-07-22", 1.2, 0.93],
    ["wider in winter", "2026-07-22", "2026-01-20", 1.2, 0.93],
    ["twice as much", "2026-01-20", "2026-07-22", 2.4, 1.39],
  ])("timber that went over half a year, %s", (_, read, day, perMetre, half) => {
    const rooms = many(30, () => ({
      ...NOTHING_SEEN,
      room: [{ material: "timber" as const, read, day, byMm: perMetre / 2, lengthMm: 500 }],
    }));
    const f = one("move-timber", rooms);
    expect(f.own).toBeCloseTo(half, 1);
    // The house's −1.5 to +0.5 has its middle at −0.5.
    expect(f.sets).toEqual([
      { rule: "timberShrinkMm", own: Math.round((-0.5 - (f.own ?? 0)) * 100) / 100, house: -1.5 },
      { rule: "timberGrowMm", own: Math.round(Math.max(0, -0.5 + (f.own ?? 0)) * 100) / 100, house: 0.5 },
    ]);
  });
  it("seen in all quarters it says when they are widest", () => {
    const room = (read: string, day: string, byMm: number) => ({
      ...NOTHING_SEEN,
      room: [{ material: "timber" as const, read, day, byMm, lengthMm: 1000 }],
    });
    const rooms = [
      ...many(20, () => room("2026-01-28", "2026-07-30", 3)),
      ...many(20, () => room("2025-10-29", "2026-04-30", 0)),
    ];
    expect(figureSentence(one("move-timber", rooms), "mm")).toMatch(/Widest about the end of July\.$/);
  });
  it("read and set in one week it says no more than the house", () => {
    const rooms = many(12, () => ({
      ...NOTHING_SEEN,
      room: [{ material: "timber" as const, read: "2026-05-01", day: "2026-05-06", byMm: 0.1, lengthMm: 500 }],
    }));
    const f = one("move-timber", rooms);
    expect(f.own).toBeCloseTo(1, 1);
    expect(f.widest).toBeNull();
    expect(toAdopt([f])).toEqual([]);
  });
  it("is taken on by itself only where what is in use lies outside of it", () => {
    const c = seeded(3);
    const unsure = many(12, () => side(0.1 + 0.6 * c.normal()));
    expect(toAdopt(figures(unsure)).flatMap((f) => f.sets.map((x) => x.rule))).not.toContain("cutOffMm");
    expect(toAdopt(figures(many(30, () => side(1.2)))).flatMap((f) => f.sets.map((x) => x.rule))).toContain("cutOffMm");
    // Once taken on it says the same, and is not taken on again.
    const house = {
      ...HOUSE_DEFAULTS,
      cutOffMm:
        one(
          "off-single",
          many(30, () => side(1.2)),
        ).own ?? 0,
    };
    expect(
      toAdopt(
        figures(
          many(30, () => side(1.2)),
          house,
        ),
      ).flatMap((f) => f.sets.map((x) => x.rule)),
    ).not.toContain("cutOffMm");
  });
});

describe("one person's tape", () => {
  const panes = [...many(20, () => side(0.8)), ...many(20, () => side(0, { who: "Bram" }))];
  const of = (who: string, ofPeople: OfPeople = new Map(), house: HouseRules = HOUSE_DEFAULTS) =>
    personFigures(panes, who, { house, own: new Map(), defaults: HOUSE_DEFAULTS, today: TODAY, ofPeople });
  const off = (who: string, ofPeople?: OfPeople, house?: HouseRules) =>
    of(who, ofPeople, house).find((f) => f.id === "off-single");

  it("names everybody of whom something is known, once", () => expect(readersIn(panes)).toEqual(["Bram", "Nell"]));
  it("0.8 by Nell's, nothing by Bram's: each their own; 0.4 is right for neither", () => {
    expect(off("Nell")?.own).toBeCloseTo((0.8 * 20) / 22, 1);
    expect(off("Bram")?.own).toBe(0);
    expect(one("off-single", panes).own).toBeCloseTo(0.4, 1);
  });
  it("begins at the firm's own, and not at nothing", () =>
    // 20 of nothing, and 0.6 worth two: a twentieth.
    expect(off("Bram", undefined, { ...HOUSE_DEFAULTS, cutOffMm: 0.6 })?.own).toBeCloseTo(0.05, 1));
  it("of a cutter nobody learns by one tape", () =>
    expect(of("Nell").map((f) => f.id)).toEqual(["tape-mm", "tape-in", "off-single", "off-units", "off-inches"]));
  it("is taken on as theirs, and given back", () => {
    const f = off("Nell");
    if (!f) throw new Error("none");
    const own = { seen: 20, of: "sides" } as const;
    expect(toAdopt(of("Nell"))).toEqual([f]);
    expect(adopting(f)).toEqual([
      { kind: "person.figure", payload: { person: "Nell", rule: "cutOffMm", value: f.own, own } },
    ]);
    expect(givingBack(f)).toEqual([
      { kind: "person.figure", payload: { person: "Nell", rule: "cutOffMm", value: 0, own, gone: true } },
    ]);
    const taken: OfPeople = new Map([["Nell", new Map([["cutOffMm", { value: f.own ?? 0, own }]])]]);
    expect(off("Nell", taken)).toMatchObject({ now: f.own, adopted: own });
    expect(toAdopt(of("Nell", taken))).toEqual([]);
    expect(off("Bram", taken)).toMatchObject({ now: 0, adopted: null });
  });
  it("the firm's are taken on as rules, and given back", () => {
    const f = one("off-single", panes);
    expect(adopting(f)).toEqual([{ kind: "house.rule", payload: { rule: "cutOffMm", value: f.own, own: f.from } }]);
    expect(givingBack(f)).toEqual([{ kind: "house.rule", payload: { rule: "cutOffMm", value: 0 } }]);
  });
  const own = { seen: 34, of: "sides" } as const;
  const told: OfPeople = new Map([
    ["Nell", new Map([["cutOffMm", { value: 0.8, own }]])],
    ["Ada", new Map()],
  ]);
  it.each<[string, readonly string[], number, boolean]>([
    ["all hers", ["Nell", "Nell"], 0.8, true],
    ["one of Bram's among them", ["Nell", "Bram"], 0.1, false],
    ["all Bram's", ["Bram"], 0.1, false],
    ["somebody with none left", ["Ada"], 0.1, false],
    ["nobody read it", [], 0.1, false],
  ])("an opening that was read, %s", (_, readers, value, hers) => {
    const got = houseOf({ ...HOUSE_DEFAULTS, cutOffMm: 0.1 }, new Map([["costBinds", own]]), readers, told);
    expect([got.house.cutOffMm, got.own.has("cutOffMm"), got.own.has("costBinds")]).toEqual([value, hers, true]);
  });
});

describe("an inch tape beside a metric one", () => {
  const metric = (n: number, byMm: number, more: Partial<PaneSeen["sides"][number]> = {}) =>
    many(n, () => side(byMm, more));
  const inch = (n: number, byMm: number, more: Partial<PaneSeen["sides"][number]> = {}) =>
    many(n, () => side(byMm, { tape: "in", ...more }));
  it("says nothing before both tapes have measured ten sides of one kind of glass", () => {
    expect(one("off-inches", inch(40, 1)).from.seen).toBe(0);
    expect(one("off-inches", [...metric(9, 0), ...inch(40, 1)]).own).toBeNull();
    expect(one("off-inches", [...metric(20, 0, { sealed: true }), ...inch(40, 1)]).own).toBeNull();
    expect(one("off-inches", [...metric(20, 0), ...inch(9, 1)]).own).toBeNull();
  });
  it("metric 0.2 larger, inches 0.9: 0.7 more; each kind of glass is held against its own", () => {
    const f = one("off-inches", [...metric(60, 0.2), ...inch(60, 0.9)]);
    expect(f.own).toBeCloseTo(0.7, 1);
    expect(f.within.lo).toBeLessThan(0.7);
    expect(f.within.hi).toBeGreaterThan(0.7);
    expect(f.sets).toEqual([{ rule: "inchTapeOffMm", own: f.own, house: 0 }]);
    const both = one("off-inches", [
      ...metric(60, 0),
      ...inch(60, 0.5),
      ...metric(60, 1, { sealed: true }),
      ...inch(60, 1.5, { sealed: true }),
    ]);
    expect(both.own).toBeCloseTo(0.5, 1);
  });
  it("once taken on it no longer stands in what both tapes say together", () => {
    const panes = [...metric(60, 0.2), ...inch(60, 0.9)];
    expect(one("off-single", panes).own).toBeCloseTo(0.55, 1);
    expect(one("off-single", panes, { ...HOUSE_DEFAULTS, inchTapeOffMm: 0.7 }).own).toBeCloseTo(0.2, 1);
  });
  it("the truth lies inside of nine in ten about nine times in ten", () => {
    const c = seeded(11);
    let inside = 0;
    for (let firm = 0; firm < 300; firm++) {
      const truth = 0.7 * c.normal();
      const cutter = 0.5 * c.normal();
      const scatter = 0.4 + 0.4 * c.uniform();
      const f = one("off-inches", [
        ...many(30, () => side(cutter + scatter * c.normal())),
        ...many(20, () => side(cutter + truth + scatter * c.normal(), { tape: "in" })),
      ]);
      inside += Number(f.within.lo <= truth && truth <= f.within.hi);
    }
    expect(inside / 300).toBeGreaterThan(0.87);
  });
});

describe("one supplier's cutting", () => {
  const panes = [
    ...many(30, (i) => side(1.2 + (i % 2 ? 0.9 : -0.9), { supplier: "Fen End" })),
    ...many(30, (i) => side(i % 2 ? 0.6 : -0.6)),
  ];
  const of = (supplier: string, ofSuppliers: OfSuppliers = new Map(), house: HouseRules = HOUSE_DEFAULTS) =>
    supplierFigures(panes, supplier, { house, own: new Map(), defaults: HOUSE_DEFAULTS, today: TODAY, ofSuppliers });
  const by = (id: string, ...more: Parameters<typeof of>) => of(...more).find((f) => f.id === id);

  it("names everybody who sent something, once", () => expect(sendersIn(panes)).toEqual(["Fen End", "Salt Lane"]));
  it("1.2 larger and far apart from the one, as ordered from the other: the firm's own figure is right for neither", () => {
    expect(by("off-single", "Fen End")?.own).toBeCloseTo((1.2 * 30) / 32, 1);
    expect(by("off-single", "Salt Lane")?.own).toBeCloseTo(0, 1);
    expect(by("cut-single", "Fen End")?.own ?? 0).toBeGreaterThan(by("cut-single", "Salt Lane")?.own ?? 9);
    expect(one("off-single", panes).own).toBeCloseTo(0.6, 1);
  });
  it("is taken on as theirs, and given back; what is in use is theirs from then on", () => {
    const f = by("off-single", "Fen End");
    if (!f) throw new Error("none");
    const own = { seen: 30, of: "sides" } as const;
    expect(adopting(f)).toEqual([
      { kind: "supplier.figure", payload: { supplier: "Fen End", rule: "cutOffMm", value: f.own, own } },
    ]);
    expect(givingBack(f)).toEqual([
      { kind: "supplier.figure", payload: { supplier: "Fen End", rule: "cutOffMm", value: 0, own, gone: true } },
    ]);
    const taken: OfSuppliers = new Map([["Fen End", new Map([["cutOffMm", { value: f.own ?? 0, own }]])]]);
    expect(by("off-single", "Fen End", taken)).toMatchObject({ now: f.own, adopted: own });
    expect(by("off-single", "Salt Lane", taken)).toMatchObject({ now: 0, adopted: null });
  });
});

describe("the ledger", () => {
  it.each([
    ["2026-01-01", "2026 Q1"],
    ["2026-03-31", "2026 Q1"],
    ["2026-04-01", "2026 Q2"],
    ["2025-12-31", "2025 Q4"],
  ])("%s is in %s", (day, name) => expect(quarterOf(dayOf(day))).toBe(name));
  it("one of forty, with half a pane of fifteen before: 1.5 of 55; three of a quarter are few", () => {
    const [first, second] = quartersOf([
      ...many(40, (i) => came("2026-02-03", i === 7)),
      ...many(3, () => came("2026-05-03")),
    ]);
    expect(first).toMatchObject({ name: "2026 Q1", came: 40, back: 1, few: false });
    expect(first?.rate).toBeCloseTo(1.5 / 55, 10);
    expect(first?.within.lo).toBeLessThan(1.5 / 55);
    expect(second).toMatchObject({ came: 3, back: 0, few: true });
    expect(second?.within.hi).toBeGreaterThan(0.08);
  });
  it("what went wrong, with what it cost, and what nobody said last", () => {
    const back = (why: "carried" | null, pence: number | null) => ({
      line: "",
      day: "2026-05-01",
      supplier: null,
      said: "",
      why,
      whose: null,
      pence,
    });
    expect(byWhy([back(null, 100), back(null, null), back("carried", 4200)])).toEqual([
      { why: "carried", panes: 1, pence: 4200 },
      { why: null, panes: 2, pence: 100 },
    ]);
  });
});

describe("a supplier's card", () => {
  const calendar = {
    workingWeekdays: MONDAY_TO_FRIDAY,
    daysOff: new Set<never>(),
    wet: new Set<never>(),
    lowC: new Map(),
  };
  const gone = (sent: string, due: string, arrived: string, of: MakesOf = "units") => ({
    of,
    supplier: "Fen End",
    sent: dayOf(sent),
    due: dayOf(due),
    arrived: dayOf(arrived),
  });
  const [card] = supplierCards({
    suppliers: [{ name: "Fen End", leadDays: 3 }],
    gone: [
      gone("2026-05-04", "2026-05-07", "2026-05-07"),
      gone("2026-05-04", "2026-05-08", "2026-05-11"),
      gone("2026-05-11", "2026-05-14", "2026-05-13", "single"),
    ],
    panes: [
      ...many(10, () => came("2026-05-07", false, "Fen End")),
      came("2026-05-08", true, "Fen End", "units"),
      side(1, { supplier: "Fen End" }),
    ],
    calendar,
    limits: { single: 1, sealed: 2 },
    today: TODAY,
  });
  it("came a day late once of three: over a weekend one working day", () =>
    expect(card).toMatchObject({ orders: 3, late: 1, latestBy: 1, panes: 11, back: 1 }));
  it("by what it was: units a day late once of two, float never; of the units one came and went back", () =>
    expect(card?.makes).toMatchObject([
      { make: "single", orders: 1, late: 0, latestBy: 0, panes: 10, back: 0 },
      { make: "units", orders: 2, late: 1, latestBy: 1, panes: 1, back: 1 },
    ]));
  it("of one kind only there is nothing to tell apart", () => {
    const [one] = supplierCards({
      suppliers: [],
      gone: [gone("2026-05-04", "2026-05-07", "2026-05-07")],
      panes: [came("2026-05-07", false, "Fen End", "units")],
      calendar,
      limits: { single: 1, sealed: 2 },
      today: TODAY,
    });
    expect(one?.makes).toEqual([]);
  });
  it("one side is too few to say anything of its cutter", () =>
    expect(card?.kinds).toMatchObject([{ sealed: false, sides: 1, off: null }]));
});
