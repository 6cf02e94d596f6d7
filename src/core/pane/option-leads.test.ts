import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { LEANING, PANE, Teller } from "../../../tests/support/told.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { OptionKind } from "../look/options.ts";
import { pence } from "../money/pence.ts";
import type { MakesOf } from "../order/sources.ts";
import { dayOf } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { optionLeads } from "./option-leads.ts";
import { reckon } from "./reckoning.ts";

/** Suppliers by name, what they make, and the days they say. */
function firmOf(all: readonly (readonly [name: string, makes: readonly MakesOf[], days: number])[]) {
  const t = new Teller(500);
  for (const [name, makes, leadDays] of all) {
    t.tell("supplier.added", { name, cuts: "single", unit: "mm", leadDays }, {});
    t.tell(
      "supplier.terms",
      { name, makes, products: [], extras: [], leastPence: pence(0), deliveryPence: pence(0) },
      {},
    );
  }
  return foldFirm(t.entries);
}

function leads(system: System, firm: ReturnType<typeof firmOf>, read = true, option?: OptionKind) {
  const t = new Teller().added(PANE, system);
  if (option) t.tell("look.option", { option, reason: "as agreed" });
  if (read) t.read(LEANING);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  return optionLeads(book, r, { firm, today: dayOf("2026-05-20"), record: [] });
}

describe("how long each way of repair waits for its makers", () => {
  it("by nobody while nobody is known to make anything", () => {
    expect(leads("timber-putty", foldFirm([]))).toEqual({});
  });
  it("a glass shop, a unit maker and two joiners, of whom the quicker", () => {
    const firm = firmOf([
      ["Shop", ["single"], 1],
      ["Fen End", ["units"], 8],
      ["Joinery", ["sashes"], 25],
      ["Quick Joinery", ["sashes"], 15],
    ]);
    const all = { glass: 1, double: 8, sash: 15, window: 15 };
    expect(leads("timber-putty", firm)).toEqual(all);
    // The same before anything is read, and for a unit by who makes units.
    expect(leads("timber-putty", firm, false)).toEqual(all);
    expect(leads("plastic-bead-inside", firm, false)).toEqual({ ...all, glass: 8 });
  });
  it("inserts by who makes them", () => {
    expect(leads("cassette", firmOf([["Door Works", ["inserts"], 6]]), false)).toEqual({ insert: 6 });
  });
  it.each<[System, OptionKind]>([
    ["cassette", "insert"],
    ["cassette", "window"],
    ["cassette", "refurbish"],
    ["plastic-bead-inside", "window"],
    ["timber-putty", "double"],
    ["timber-putty", "sash"],
  ])("%s: what is turned down is made by who made it before %s was chosen", (system, option) => {
    const firm = firmOf([
      ["Shop", ["single"], 1],
      ["Fen End", ["units"], 8],
      ["Joinery", ["sashes"], 25],
      ["Door Works", ["inserts"], 6],
    ]);
    const before = leads(system, firm, false);
    expect(before.glass).toBe(system === "timber-putty" ? 1 : 8);
    expect(leads(system, firm, false, option)).toEqual(before);
    if (system === "timber-putty") expect(leads(system, firm, true, option)).toEqual(before);
  });
  it("of a sash that was chosen, whoever never said that they make any promises nothing", () => {
    expect(leads("timber-putty", firmOf([["Kiln Yard", [], 6]]), true, "sash")).toEqual({});
    expect(leads("timber-putty", firmOf([["Kiln Yard", [], 6]]))).toEqual({ glass: 6 });
  });
  it("one who sells it the same day has it in by tomorrow", () => {
    expect(leads("timber-putty", firmOf([["Shop", ["single"], 0]]))).toEqual({ glass: 1 });
  });
});
