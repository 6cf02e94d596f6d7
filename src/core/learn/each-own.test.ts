import { describe, expect, it } from "vitest";
import { BY, many, one, side } from "../../../tests/support/seen-panes.ts";
import { HOUSE_DEFAULTS, type HouseRules } from "../house/rules.ts";
import { adopting, givingBack } from "./adopting.ts";
import { type ByEach, personFigures, readersIn, sendersIn, supplierFigures, toAdopt } from "./own-figures.ts";
import { houseOf, type OfPeople } from "./person-rule.ts";
import type { OfSuppliers } from "./supplier-rule.ts";

describe("one person's tape", () => {
  const panes = [...many(20, () => side(0.8)), ...many(20, () => side(0, { who: "Bram" }))];
  const given = (who: string, ofPeople: OfPeople = new Map(), house: HouseRules = HOUSE_DEFAULTS) =>
    personFigures(panes, who, { ...BY, house, ofPeople });
  const off = (who: string, ofPeople?: OfPeople, house?: HouseRules) =>
    given(who, ofPeople, house).find((f) => f.id === "off-single");

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
    expect(given("Nell").map((f) => f.id)).toEqual(["tape-mm", "tape-in", "off-single", "off-units", "off-inches"]));
  it("is taken on as theirs, and given back", () => {
    const f = off("Nell");
    if (!f) throw new Error("none");
    const own = { seen: 20, of: "sides" } as const;
    expect(toAdopt(given("Nell"))).toEqual([f]);
    expect(adopting(f)).toEqual([
      { kind: "person.figure", payload: { person: "Nell", rule: "cutOffMm", value: f.own, own } },
    ]);
    expect(givingBack(f)).toEqual([
      { kind: "person.figure", payload: { person: "Nell", rule: "cutOffMm", value: 0, own, gone: true } },
    ]);
    const taken: OfPeople = new Map([["Nell", new Map([["cutOffMm", { value: f.own ?? 0, own }]])]]);
    expect(off("Nell", taken)).toMatchObject({ now: f.own, adopted: own });
    expect(toAdopt(given("Nell", taken))).toEqual([]);
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

describe("one supplier's cutting", () => {
  const panes = [
    ...many(30, (i) => side(1.2 + (i % 2 ? 0.9 : -0.9), { supplier: "Fen End" })),
    ...many(30, (i) => side(i % 2 ? 0.6 : -0.6)),
  ];
  const given = (supplier: string, ofSuppliers: OfSuppliers = new Map(), house: HouseRules = HOUSE_DEFAULTS) =>
    supplierFigures(panes, supplier, { ...BY, house, ofSuppliers });
  const by = (id: string, ...more: Parameters<typeof given>) => given(...more).find((f) => f.id === id);

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

// Nell checks all that Fen End sends, Bram all that Salt Lane sends: 1.2 larger and as ordered, the firm's own figure 0.6.
describe("one person who checks all of one supplier", () => {
  const panes = [
    ...many(30, () => side(1.2, { supplier: "Fen End" })),
    ...many(30, () => side(0, { who: "Bram", supplier: "Salt Lane" })),
  ];
  const house = { ...HOUSE_DEFAULTS, cutOffMm: 0.6 };
  const own = { seen: 30, of: "sides" } as const;
  const [tape, theirs] = [
    new Map([["Nell", new Map([["cutOffMm", { value: 1.16, own }]])]]),
    new Map([["Fen End", new Map([["cutOffMm", { value: 1.16, own }]])]]),
  ] as const satisfies readonly [OfPeople, OfSuppliers];
  const nells = (more: Partial<ByEach>) =>
    personFigures(panes, "Nell", { ...BY, house, ...more }).find((f) => f.id === "off-single");
  const fenEnds = (more: Partial<ByEach>) =>
    supplierFigures(panes, "Fen End", { ...BY, house, ...more }).find((f) => f.id === "off-single");

  it("says it of either, while neither was taken on", () => {
    expect(nells({})?.own).toBeCloseTo(1.16, 1);
    expect(fenEnds({})?.own).toBeCloseTo(1.16, 1);
  });
  it("says it of the other no more, once it was taken on of the one: it is taken off once", () => {
    expect(fenEnds({ ofPeople: tape })?.own).toBeCloseTo(0.64, 1);
    expect(nells({ ofSuppliers: theirs })?.own).toBeCloseTo(0.64, 1);
  });
  it("leaves a tape of inches what it reads otherwise", () => {
    const inches = many(30, () => side(1.5, { supplier: "Fen End", tape: "in" }));
    const inch = new Map([["Nell", new Map([["inchTapeOffMm", { value: 0.9, own }]])]]) as OfPeople;
    const given = (ofPeople: OfPeople) =>
      supplierFigures(inches, "Fen End", { ...BY, house, ofPeople }).find((f) => f.id === "off-single")?.own;
    expect((given(new Map()) ?? 0) - (given(inch) ?? 0)).toBeCloseTo(0.84, 1);
  });
});
