import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { HOUSE_DEFAULTS, HOUSE_RULES, type HouseRules, schoolOf } from "../house/rules.ts";
import { RULE_SECTIONS } from "../house/sections.ts";
import type { Corner } from "../log/kinds/size.ts";
import { mm, toMm } from "../units/length.ts";
import { shapedText, ticketOf } from "../words/ticket.ts";
import { verdictOf } from "../words/verdict.ts";
import { foldPane } from "./book.ts";
import { orderHeld, orderHolds } from "./order-held.ts";
import { orderLineOf } from "./order-line.ts";
import { reckon } from "./reckoning.ts";
import { roundOf, shapeFor, shapeIsStale } from "./shaped.ts";

const by = { unit: "mm", dialect: "bead", leastCoverMm: 3 } as unknown as Parameters<typeof verdictOf>[1] &
  Parameters<typeof ticketOf>[2];
/** Leans 24 in 900, with a shallow rebate: no true rectangle is likely to do. */
const RACKED = {
  "width-top": "600",
  "width-middle": "600",
  "width-bottom": "600",
  "height-left": "900",
  "height-middle": "900",
  "height-right": "900",
  "diagonal-up": "1095",
  "diagonal-down": "1068.4",
  "rebate-depth": "6",
} as const;

const reckoned = (t: Teller, house: HouseRules = HOUSE_DEFAULTS) => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const { stock } = foldFirm(t.entries);
  return { book, r: reckon(book, { house, calendar, stock }) };
};

describe("a pane of the opening's own shape", () => {
  const racked = () => new Teller().added().read(RACKED);
  const before = reckoned(racked());
  const figure = before.r.cut.ok && before.r.cut.value.opening.ok ? before.r.cut.value.opening.value.figure : null;
  const corners = figure && shapeFor(figure, HOUSE_DEFAULTS.leastGapMm);

  const shaped = () => {
    const t = racked();
    if (corners) t.tell("size.shaped", { corners, reason: "racked" });
    return t;
  };

  it("is called for where no true rectangle does", () => expect(before.r.poor).toBe(true));
  it("keeps 1.5 mm to every side: 596.5 along the bottom, and leans as the opening does", () => {
    if (!corners) throw new Error("no shape");
    expect(corners[0]).toEqual({ x: 0, y: 0 });
    // 600 across the lean is 599.85; less 3, in half millimetres.
    expect((corners[1]?.x ?? 0) / 1e6).toBe(596.5);
    // The opening leans 24 in 900, so does the pane in 897.
    expect((corners[3]?.x ?? 0) / 1e6).toBeCloseTo(24, 0);
    expect(corners.every((c) => c.x % 500_000 === 0 && c.y % 500_000 === 0)).toBe(true);
  });
  it("goes on the order by its corners, within the rectangle round them, and holds nothing up", () => {
    if (!corners) throw new Error("no shape");
    const { book, r } = reckoned(shaped());
    expect(orderLineOf(book, r)).toMatchObject({ corners, ...{ widthNm: roundOf(corners).width } });
    expect(r.tooBigBy).toBe(0);
    expect(verdictOf(r, by).tone).toBe("good");
    expect(ticketOf(book, r, by)).toMatchObject({ trouble: false });
    expect(ticketOf(book, r, by).spoken).toContain(shapedText(corners));
  });
  it.each<[string, (c: readonly Corner[]) => readonly Corner[], boolean]>([
    ["as it was cut", (c) => c, false],
    ["a corner 1 mm further along", (c) => c.map((p, i) => (i === 1 ? { x: p.x + mm(1), y: p.y } : p)), true],
    ["a corner 1 mm higher", (c) => c.map((p, i) => (i === 2 ? { x: p.x, y: p.y + mm(1) } : p)), true],
    ["a corner too few", (c) => c.slice(0, -1), true],
  ])("beside the readings a template is stale or not: %s", (_, cut, stale) => {
    if (!figure || !corners) throw new Error("nothing to cut");
    expect(shapeIsStale({ corners: cut(corners), reason: "" }, figure, HOUSE_DEFAULTS.leastGapMm)).toBe(stale);
  });

  it("is stale once a reading moves, and says so before it is ordered", () => {
    const { book, r } = reckoned(shaped().read({ "width-top": "601" }));
    expect(r.shaped?.stale).toBe(true);
    expect(verdictOf(r, by).says).toContain("changed since its shape was taken");
    expect(ticketOf(book, r, by).trouble).toBe(true);
  });
  it("is dropped for a true rectangle again", () => {
    const t = shaped();
    t.tell("size.shaped-dropped", {});
    expect(reckoned(t).r.shaped).toBeNull();
  });
});

describe("a school for each kind of frame", () => {
  it.each([
    ["timber-putty", {}, "best-odds"],
    ["timber-putty", { schoolTimber: "snug" }, "snug"],
    ["metal-frame", { schoolTimber: "snug" }, "best-odds"],
    ["metal-frame", { schoolMetal: "by-the-book", school: "easy" }, "by-the-book"],
    ["plastic-bead-inside", { school: "easy" }, "easy"],
  ] as const)("%s with %o takes %s", (system, over, school) =>
    expect(schoolOf({ ...HOUSE_DEFAULTS, ...over }, system)).toBe(school),
  );
  it("a pane's own choice comes before the firm's", () => {
    const t = new Teller().added().read({ "width-top": "612", "height-left": "903" });
    const house = { ...HOUSE_DEFAULTS, schoolTimber: "snug" as const };
    expect(reckoned(t, house).r.rule.school).toBe("snug");
    t.tell("size.rule", { school: "easy", off: null, grid: "1 mm" });
    expect(reckoned(t, house).r.rule.school).toBe("easy");
  });
  it("every rule of the house stands in one section and no more", () => {
    const all = RULE_SECTIONS.flatMap((s) => s.rules);
    expect([...all].sort()).toEqual(Object.keys(HOUSE_RULES).sort());
  });
});

describe("next size down, held to the sill, and a height of its own", () => {
  const t = () => new Teller().added().read({ "width-top": "612", "height-left": "903", "rebate-depth": "10" });
  const size = (teller: Teller) => {
    const { cut } = reckoned(teller).r;
    return cut.ok ? [toMm(cut.value.glass.width), toMm(cut.value.glass.height)] : cut.error.kind;
  };
  const inStock = (teller: Teller, width: number, height: number, gone?: boolean) =>
    teller.tell(
      "stock.pane",
      {
        name: "rack",
        widthNm: mm(width),
        heightNm: mm(height),
        thicknessNm: mm(4),
        glass: "float",
        ...(gone ? { gone } : {}),
      },
      {},
    );
  const rule = { school: "next-size-down", off: null, grid: "1 mm" } as const;
  it("takes the stock pane as it is sold, to the tenth", () => {
    const teller = t();
    inStock(teller, 609.6, 895.4);
    teller.tell("size.rule", rule);
    expect(size(teller)).toEqual([609.6, 895.4]);
  });
  it("says so when there is none, or no longer", () => {
    const teller = t();
    teller.tell("size.rule", rule);
    expect(size(teller)).toBe("no-stock-size");
    inStock(teller, 609.6, 895.4);
    inStock(teller, 609.6, 895.4, true);
    expect(size(teller)).toBe("no-stock-size");
  });
  it("takes the height's own figure off the height", () => {
    const teller = t();
    teller.tell("size.rule", {
      school: "own",
      off: { text: "3", unit: "mm" },
      offHeight: { text: "1.5", unit: "mm" },
      grid: "0.5 mm",
    });
    expect(size(teller)).toEqual([609, 901.5]);
  });
  it("a leaning opening has less to spare when the pane is held to the sill", () => {
    const read = { ...RACKED, "diagonal-up": "1083", "diagonal-down": "1080.5" };
    const spare = (hold: "turned" | "sill") => {
      const teller = new Teller().added().read(read);
      teller.tell("size.rule", { school: "easy", off: null, grid: "1 mm", hold });
      const { cut } = reckoned(teller).r;
      if (!cut.ok || !cut.value.opening.ok) throw new Error("not sized");
      return cut.value.opening.value;
    };
    expect(spare("sill").placed.turn).toBe(0);
    expect(spare("sill").spare).toBeLessThan(spare("turned").spare);
    expect(spare("sill").spare).toBeCloseTo(spare("turned").spareAtSill, 9);
  });
});

describe("an insert waits for the door's thickness", () => {
  it("and then goes on", () => {
    const t = new Teller().added(PANE, "cassette");
    t.tell("measure.way", { way: "insert-outside" });
    for (const [place, text] of [
      ["insert-outside-width", "558"],
      ["insert-outside-height", "914"],
    ] as const)
      t.tell("measure.reading", { place, text, unit: "mm", sure: "cleared" });
    expect(orderHeld(reckoned(t).book, reckoned(t).r)).toBe("door");
    // Not the first alone: all that holds it is said together.
    t.tell("measure.coating", { coated: "unsure", face: null, how: "" });
    expect(orderHolds(reckoned(t).book, reckoned(t).r)).toEqual(["coating", "door", "ask"]);
    t.tell("measure.coating", { coated: "no", face: null, how: "" });
    t.tell("measure.reading", { place: "door-thickness", text: "44.5", unit: "mm", sure: "cleared" });
    expect(orderHeld(reckoned(t).book, reckoned(t).r)).toBe("ask");
    t.read({ "sill-height": "1600", "door-distance": "2000" });
    t.tell("measure.bars", {
      uprights: 0,
      crosses: 0,
      width: null,
      colour: "",
      kind: "flat",
      spacing: "even",
      given: "",
    });
    expect(orderHeld(reckoned(t).book, reckoned(t).r)).toBeNull();
  });
});

describe("whether it is cut to shape", () => {
  const corners = [0, 1, 2, 3].map((i) => ({ x: i * 1e6, y: i * 1e6 }));
  const shape = (t: Teller) => t.tell("size.shaped", { corners, reason: "" });
  const drop = (t: Teller) => t.tell("size.shaped-dropped", {});
  it.each<[string, readonly ((t: Teller) => void)[], boolean]>([
    ["never said", [], false],
    ["said", [shape], true],
    ["dropped before it was said counts for nothing", [drop, shape], true],
    ["said and dropped", [shape, drop], false],
    ["said, dropped, and said again", [shape, drop, shape], true],
  ])("%s", (_, say, is) => {
    const t = new Teller().opened().added();
    for (const one of say) one(t);
    expect(foldPane(PANE, t.entries)?.shaped !== null).toBe(is);
  });
});
