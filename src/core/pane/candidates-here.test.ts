import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { pence } from "../money/pence.ts";
import { sourcesFor } from "../order/sources.ts";
import { quotedPane } from "../page/quoted-pane.ts";
import { PLAIN_LOOKS } from "../specify/looks.ts";
import { dayOf } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { candidatesHere } from "./candidates-here.ts";
import { reckon } from "./reckoning.ts";
import { sourceFacts } from "./source-facts.ts";

const TODAY = dayOf("2026-05-20");

/** A unit maker at 80 a square metre, coating 8 and argon 3 a square metre more, in eight working days. */
const maker = () => {
  const t = new Teller(500);
  t.tell("supplier.added", { name: "Fen End", cuts: "units", unit: "mm", leadDays: 8 }, {});
  t.tell(
    "supplier.terms",
    {
      name: "Fen End",
      makes: ["units"],
      products: [
        { product: "unit/2", pencePerM2: pence(8000) },
        { product: "unit/3", pencePerM2: pence(11000) },
      ],
      extras: [
        { extra: "coating", pence: pence(800), per: "m2" },
        { extra: "argon", pence: pence(300), per: "m2" },
        { extra: "pattern", pence: pence(900), per: "each" },
      ],
      leastPence: pence(2000),
      deliveryPence: pence(0),
    },
    {},
  );
  return foldFirm(t.entries);
};
const nobody = () => foldFirm([]);

/** The unit of a plastic sash copied: 500 × 1000, 24 mm thick. */
const sash = () => {
  const t = new Teller().added(PANE, "plastic-bead-inside");
  t.tell("measure.way", { way: "old-unit" });
  return t.read({ "old-width": "500", "old-height": "1000", "unit-thickness": "24" });
};
const here = (t: Teller, firm = maker()) => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { book, r: reckon(book, { house: HOUSE_DEFAULTS, calendar }), by: { firm, today: TODAY, record: [] } };
};

describe("units to choose from, half a square metre", () => {
  it("each at the maker's own price: 40, 44, 45.50 with argon, and three sheets with two coats and two fills", () => {
    const { book, r, by } = here(sash());
    expect(candidatesHere(book, r, by, "toughened")?.map((c) => [c.id, c.pence, c.days])).toEqual([
      ["same", 4000, 8],
      ["coated", 4400, 8],
      ["argon", 4550, 8],
      ["triple", 6600, 8],
    ]);
  });
  it("with one sheet patterned, each dearer by what its maker asks for that", () => {
    const t = sash();
    t.tell("specify.looks", { ...PLAIN_LOOKS, pattern: "stippled", patternOn: "outer" });
    const { book, r, by } = here(t);
    expect(candidatesHere(book, r, by, "toughened")?.map((c) => c.pence)).toEqual([4900, 5300, 5450, 7500]);
  });
  it("by the house's own where nobody has a list: 60 plain at 120 a square metre, a tenth and a sixteenth more", () => {
    const { book, r, by } = here(sash(), nobody());
    const house = HOUSE_DEFAULTS;
    const base = Math.max(house.leastCharge, 0.5 * house.unitPerM2) * 100;
    expect(candidatesHere(book, r, by, "toughened")?.map((c) => c.pence)).toEqual(
      [1, 1.1, 1.16, 1.55].map((x) => Math.round(base * x)),
    );
  });
  it.each([
    ["with a list", maker],
    ["without", nobody],
  ])("%s, the one chosen costs at Order and in the quote what its column said", (_, firm) => {
    const t = sash();
    const first = here(t, firm());
    const argon = candidatesHere(first.book, first.r, first.by, "toughened")?.find((c) => c.id === "argon");
    if (!argon) throw new Error("no argon");
    t.tell("specify.makeup", { makeup: { ...argon.makeup, spacer: "warm edge, grey" } });
    const { book, r, by } = here(t, firm());
    const asked = sourceFacts(book, r, by);
    const best = asked && sourcesFor(asked)[0];
    if (best) expect(best.pence).toBe(argon.pence);
    expect(quotedPane(book, r, { ...by, dialect: "a", unit: "mm" })?.glassPence).toBe(argon.pence);
  });
  it("single glass has none", () => {
    const { book, r, by } = here(new Teller().added().read({ "width-top": "600", "height-left": "900" }));
    expect(candidatesHere(book, r, by, "toughened")).toBeNull();
  });
});
