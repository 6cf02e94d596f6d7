import { describe, expect, it } from "vitest";
import { PANE, SQUARE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { Payloads } from "../log/kinds.ts";
import { pence } from "../money/pence.ts";
import { MAKES_OF } from "../order/sources.ts";
import type { Makeup } from "../specify/makeup.ts";
import { dayOf } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { quickestMaker } from "./quickest-maker.ts";
import { reckon } from "./reckoning.ts";
import { sourceFacts, unitsInOf } from "./source-facts.ts";

const TODAY = dayOf("2026-05-20");
const makeup = (pane: number, cavity: number): Makeup => ({
  panes: [
    { mm: pane, kind: "float" },
    { mm: pane, kind: "float" },
  ],
  cavities: [{ mm: cavity, gas: "air", fill: 1 }],
  coatings: [],
  spacer: "",
});

describe("in which makes a unit is", () => {
  it.each([
    ["no unit", null, null],
    ["4-16-4", makeup(4, 16), "mm"],
    ["1/8 - 5/8 - 1/8", makeup(3.175, 15.875), "in"],
  ] as const)("%s", (_, given, is) => expect(unitsInOf({ makeup: given })).toBe(is));
});

describe("who is known to make what", () => {
  const terms = (name: string, makes: Payloads["supplier.terms"]["makes"]) => ({
    name,
    makes,
    products: [],
    extras: [],
    leastPence: pence(0),
    deliveryPence: pence(0),
  });
  const firm = foldFirm(
    new Teller(500)
      .also("supplier.added", { name: "Joiner", cuts: "", unit: "mm", leadDays: 25 }, {})
      .also("supplier.added", { name: "Quick joiner", cuts: "", unit: "mm", leadDays: 15 }, {})
      .also("supplier.added", { name: "Said nothing", cuts: "", unit: "mm", leadDays: 2 }, {})
      .also("supplier.added", { name: "Empty list", cuts: "", unit: "mm", leadDays: 3 }, {})
      .also("supplier.terms", terms("Joiner", ["sashes", "single"]), {})
      .also("supplier.terms", terms("Quick joiner", ["sashes"]), {})
      .also("supplier.terms", terms("Empty list", []), {}).entries,
  );
  it("may be asked for anything where nobody said it, and is told apart", () => {
    const t = new Teller().opened().added().read(SQUARE);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    const facts = sourceFacts(book, reckon(book, withFirm(firm)), { firm, today: TODAY, record: [] });
    expect(Object.fromEntries((facts?.suppliers ?? []).map((s) => [s.name, [s.unsaid, s.makes]]))).toEqual({
      Joiner: [false, ["sashes", "single"]],
      "Quick joiner": [false, ["sashes"]],
      "Said nothing": [true, MAKES_OF],
      "Empty list": [true, MAKES_OF],
    });
  });
  it.each([
    ["sashes", 15],
    ["single", 25],
    ["units", null],
  ] as const)("the quickest who says %s: %s working days", (make, days) =>
    expect(quickestMaker(make, { firm, today: TODAY, record: [] })).toBe(days),
  );
});
