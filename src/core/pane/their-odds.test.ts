import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { plainUnit } from "../../../tests/support/plain-unit.ts";
import { PANE, SQUARE, Teller } from "../../../tests/support/told.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { OfSuppliers } from "../learn/supplier-rule.ts";
import { chancesOf } from "../size/best.ts";
import { mm } from "../units/length.ts";
import { foldPane } from "./book.ts";
import { orderLineOf } from "./order-line.ts";
import { reckon } from "./reckoning.ts";
import { theirChances } from "./their-odds.ts";

const own = { seen: 34, of: "sides" } as const;
const book = foldPane(PANE, new Teller().added().read(SQUARE).read({ "rebate-depth": "10" }).entries);
if (!book) throw new Error("no pane");
const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
const line = orderLineOf(book, r);
if (!line) throw new Error("no line");
const firm = (ofSuppliers: OfSuppliers) => ({ ...foldFirm([]), ofSuppliers });
const from = (figures: Readonly<Partial<Record<"cutOffMm" | "cutErrorMm" | "cutErrorUnitMm", number>>>) =>
  theirChances(
    r.odds,
    line,
    "Fen End",
    firm(
      new Map([
        ["Fen End", new Map(Object.entries(figures).map(([rule, value]) => [rule, { value, own }]))],
      ]) as OfSuppliers,
    ),
  );

describe("what may go wrong where one supplier cuts it", () => {
  it("nothing is said while nobody took their scatter on, or it is of another kind of thing", () => {
    expect(theirChances(r.odds, line, "Fen End", firm(new Map()))).toBeNull();
    expect(from({ cutOffMm: 1 })).toBeNull();
    expect(from({ cutErrorUnitMm: 3 })).toBeNull();
  });
  it("as the house believes of everybody: the size's own odds", () =>
    expect(from({ cutErrorMm: HOUSE_DEFAULTS.cutErrorMm })?.chances).toEqual(
      chancesOf(r.odds, { width: mm(line.widthNm / 1e6), height: mm(line.heightNm / 1e6) }),
    ));
  it("scattered three times as far there is more trouble", () => {
    const usual = from({ cutErrorMm: 1 })?.chances.trouble ?? 1;
    expect(from({ cutErrorMm: 3 })?.chances.trouble).toBeGreaterThan(usual + 0.01);
  });
  it("2 mm larger, and ordered 2 mm smaller: the odds are those of a pane that comes as wished", () => {
    const square = from({ cutErrorMm: 1, cutOffMm: 2 })?.chances;
    expect(square?.trouble).toBeCloseTo(from({ cutErrorMm: 1 })?.chances.trouble ?? 0, 6);
  });
});

describe("a sealed unit", () => {
  const unitLine = { ...line, makeup: plainUnit() };
  const given = (rule: "cutErrorMm" | "cutErrorUnitMm") =>
    theirChances(
      r.odds,
      unitLine,
      "Fen End",
      firm(new Map([["Fen End", new Map([[rule, { value: 2, own }]])]]) as OfSuppliers),
    );
  it("goes by how their units scatter, and not by their sheets", () => {
    expect(given("cutErrorUnitMm")?.scatterMm).toBe(2);
    expect(given("cutErrorMm")).toBeNull();
  });
});
