import { describe, expect, it } from "vitest";
import { pence } from "../money/pence.ts";
import { mm } from "../units/length.ts";
import { glassKey, isSameGlass, namesKnown } from "./same-glass.ts";
import type { StockPane } from "./stock.ts";
import { stockChanges } from "./stock-changes.ts";

const given = (name: string, more: Partial<StockPane> = {}): StockPane => ({
  name,
  widthNm: mm(600),
  heightNm: mm(900),
  thicknessNm: mm(4),
  glass: "patterned",
  ...more,
});

describe("the same glass", () => {
  it.each<[string, Partial<StockPane>, Partial<StockPane>, boolean]>([
    ["both plain", {}, {}, true],
    ["a name in other letters, and a space too many", { pattern: "Fine  Reeded " }, { pattern: "fine reeded" }, true],
    ["one that says that it is glass", { pattern: "reeded glass" }, { pattern: "Reeded" }, true],
    ["with a hyphen", { pattern: "fine-reeded" }, { pattern: "fine reeded" }, true],
    ["fine is another than plain reeded", { pattern: "fine reeded" }, { pattern: "reeded" }, false],
    ["a tint that says that it is one", { tint: "bronze tint" }, { tint: "bronze" }, true],
    ["another pattern", { pattern: "reeded" }, { pattern: "stippled" }, false],
    ["a pattern that nobody named is not that one", { pattern: "reeded" }, {}, false],
    ["a tint", { tint: "bronze" }, {}, false],
    ["the same tint", { tint: "bronze" }, { tint: "Bronze" }, true],
    ["a tint is no pattern", { tint: "bronze" }, { pattern: "bronze" }, false],
    ["another thickness", { thicknessNm: mm(6) }, {}, false],
    ["another kind", { glass: "float" }, {}, false],
    ["which way its lines run", { runs: "across" }, { runs: "up" }, true],
  ])("%s", (_, a, b, same) => {
    expect(isSameGlass(given("a", a), given("b", b))).toBe(same);
    expect(glassKey(given("a", a)) === glassKey(given("b", b))).toBe(same);
  });
});

it("names that are known are offered once, as they were first written", () => {
  const stock = [
    given("a", { pattern: "stippled" }),
    given("b", { pattern: "Reeded" }),
    given("c", { pattern: "reeded glass" }),
    given("d", { pattern: " ", tint: "bronze" }),
    given("e"),
  ];
  expect(namesKnown(stock, "pattern")).toEqual(["Reeded", "stippled"]);
  expect(namesKnown(stock, "tint")).toEqual(["bronze"]);
});

describe("a list beside what lies there", () => {
  const now = [
    given("A", { count: 2, slot: "rack 1" }),
    given("B", { bought: true, costPence: pence(7200) }),
    given("C"),
  ];
  it.each<[string, readonly StockPane[], readonly [fresh: string, changed: string, same: number, unnamed: string]]>([
    ["nothing", [], ["", "", 0, "A,B,C"]],
    ["the same", now, ["", "", 3, ""]],
    ["one said to be there that nobody counted", [given("C", { count: 1 })], ["", "", 1, "A,B"]],
    ["nothing said of a field is nothing", [given("C", { pattern: "", tint: "", least: 0 })], ["", "", 1, "A,B"]],
    ["one more of it", [given("A", { count: 3, slot: "rack 1" })], ["", "A", 0, "B,C"]],
    ["in another slot", [given("A", { count: 2, slot: "rack 2" })], ["", "A", 0, "B,C"]],
    ["dearer", [given("B", { bought: true, costPence: pence(7400) })], ["", "B", 0, "A,C"]],
    [
      "of what is bought as needed nothing is counted",
      [given("B", { bought: true, costPence: pence(7200), count: 4 })],
      ["", "", 1, "A,C"],
    ],
    ["no longer bought as needed", [given("B", { costPence: pence(7200) })], ["", "B", 0, "A,C"]],
    ["more is kept", [given("C", { least: 2 })], ["", "C", 0, "A,B"]],
    ["larger", [given("C", { widthNm: mm(601) })], ["", "C", 0, "A,B"]],
    ["higher", [given("C", { heightNm: mm(901) })], ["", "C", 0, "A,B"]],
    ["thicker", [given("C", { thicknessNm: mm(6) })], ["", "C", 0, "A,B"]],
    ["another kind", [given("C", { glass: "float" })], ["", "C", 0, "A,B"]],
    ["a pattern", [given("C", { pattern: "reeded" })], ["", "C", 0, "A,B"]],
    ["a tint", [given("C", { tint: "grey" })], ["", "C", 0, "A,B"]],
    ["lines across", [given("C", { runs: "across" })], ["", "C", 0, "A,B"]],
    ["trimmed", [given("C", { trimNm: mm(10) })], ["", "C", 0, "A,B"]],
    ["a new one", [given("D")], ["D", "", 0, "A,B,C"]],
  ])("%s", (_, list, is) => {
    const c = stockChanges(now, list);
    expect([
      c.fresh.map((s) => s.name).join(),
      c.changed.map((x) => x.is.name).join(),
      c.same,
      c.unnamed.map((s) => s.name).join(),
    ]).toEqual(is);
  });
});
