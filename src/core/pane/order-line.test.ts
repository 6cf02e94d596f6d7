import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { ORDER, PANE, Teller } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS, type HouseRules } from "../house/rules.ts";
import type { StockInsert } from "../house/stock.ts";
import { NO_BARS } from "../measure/found.ts";
import { PLAIN_LOOKS } from "../specify/looks.ts";
import { type Makeup, makeupText } from "../specify/makeup.ts";
import { writeNumber } from "../tape/write.ts";
import { mm, NM_PER_INCH } from "../units/length.ts";
import { orderLineWords } from "../words/order-sheet.ts";
import { readBackOf } from "../words/read-back.ts";
import { ticketOf } from "../words/ticket.ts";
import { foldPane } from "./book.ts";
import { untouched } from "./line-life.ts";
import { orderHeld } from "./order-held.ts";
import { lineMass, orderLineOf, statedSize } from "./order-line.ts";
import { reckon } from "./reckoning.ts";
import { standings } from "./standing.ts";
import { unknownsOf } from "./unknowns.ts";

const by = { unit: "mm", dialect: "a" } as const;

const reckoned = (t: Teller, house: HouseRules = HOUSE_DEFAULTS, inserts: readonly StockInsert[] = []) => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { book, r: reckon(book, { house, calendar, inserts }) };
};
const sized = (system: System): Teller => {
  const t = new Teller().added(PANE, system);
  t.tell("measure.circumstance", { state: "cleared" });
  for (const [place, text] of [
    ["width-top", "606"],
    ["height-left", "906"],
    ["unit-thickness", "24"],
    ["pane-thickness", "4"],
  ] as const)
    t.tell("measure.reading", { place, text, unit: "mm", sure: "cleared" });
  return t;
};
/** Over its frame 24 × 38, seen 22 × 36, for doors of 1 11/16 to 1 13/16 in. */
const FAMILY: StockInsert = {
  family: "Tern Quay",
  outsideWidthNm: 24 * NM_PER_INCH,
  outsideHeightNm: 38 * NM_PER_INCH,
  seenWidthNm: 22 * NM_PER_INCH,
  seenHeightNm: 36 * NM_PER_INCH,
  doorFromNm: mm(42.8),
  doorToNm: mm(46.1),
};
const ARGON: Makeup = {
  panes: [
    { mm: 4, kind: "float" },
    { mm: 4, kind: "float" },
  ],
  cavities: [{ mm: 16, gas: "argon", fill: 0.9 }],
  coatings: [{ face: 3, emissivity: 0.05 }],
  spacer: "warm edge, black",
};

describe("a unit on its order", () => {
  const open = () => sized("plastic-bead-inside");
  const chosen = () => {
    const t = open();
    t.tell("specify.makeup", { makeup: ARGON });
    return t;
  };
  it("is held until somebody says what it is made of", () => {
    const t = open();
    expect(orderHeld(reckoned(t).book, reckoned(t).r)).toBe("makeup");
    expect(unknownsOf(reckoned(t).book, reckoned(t).r).map((u) => u.id)).toEqual([
      "safety",
      "makeup",
      "coating",
      "bars",
    ]);
  });
  it("the ticket says so, the next thing is to choose it, and it weighs as two sheets of 4 do", () => {
    const { book, r } = reckoned(open());
    expect(ticketOf(book, r, by).what).toContain("sealed unit, not chosen yet");
    if (!r.cut.ok) throw new Error("not sized");
    const { width, height } = r.cut.value.glass;
    expect(r.massKg).toBeCloseTo((width / 1e6) * (height / 1e6) * 8 * 2.5e-6, 9);
    expect(standings(book, r).specify.says.kind).toBe("unit-open");
  });
  it("then goes with all a unit maker needs, and weighs what its sheets weigh", () => {
    const { book, r } = reckoned(chosen());
    expect(orderHeld(book, r)).toBe("ask");
    const line = orderLineOf(book, r);
    if (!line) throw new Error("no line");
    expect(line).toMatchObject({ thicknessNm: mm(24), makeup: ARGON, glass: "float" });
    expect(lineMass(line)).toBeCloseTo((line.widthNm / 1e6) * (line.heightNm / 1e6) * 8 * 2.5e-6, 9);
    expect(r.massKg).toBeCloseTo(lineMass(line), 9);
    expect(ticketOf(book, r, by).what).toContain("24 mm sealed unit, 4-16-4, argon, coated on 3, warm edge, black");
    const words = orderLineWords(
      {
        ...line,
        line: "",
        entry: "",
        pane: PANE,
        ...untouched("open"),
        due: null,
        readBack: [],
      },
      by,
    );
    expect(words.glass).toContain(makeupText(ARGON));
  });
  it("nothing is left to guess once coating, place and bars are said", () => {
    const t = chosen();
    t.read({ "sill-height": "1600", "door-distance": "2000" });
    t.tell("measure.coating", { coated: "no", face: null, how: "" });
    t.tell("measure.bars", {
      uprights: 0,
      crosses: 0,
      width: null,
      colour: "",
      kind: "flat",
      spacing: "even",
      given: "",
    });
    expect(unknownsOf(reckoned(t).book, reckoned(t).r)).toEqual([]);
    expect(orderHeld(reckoned(t).book, reckoned(t).r)).toBeNull();
  });
  it("one sheet, said at Look, needs no makeup", () => {
    const one = sized("plastic-bead-inside").read({ "sill-height": "1600", "door-distance": "2000" });
    one.tell("look.answer", { question: "kind", answer: "single" });
    expect(orderHeld(reckoned(one).book, reckoned(one).r)).toBe("ask");
    one.tell("specify.glass", { kind: "float", thickness: { text: "4", unit: "mm" }, edges: "arrissed", pattern: "" });
    expect(orderHeld(reckoned(one).book, reckoned(one).r)).toBeNull();
  });
});

describe("all that a cutter needs", () => {
  const t = sized("plastic-bead-inside");
  t.tell("specify.makeup", { makeup: ARGON });
  t.tell("measure.bars", {
    uprights: 1,
    crosses: 0,
    width: { text: "18", unit: "mm" },
    colour: "white",
    kind: "flat",
    spacing: "even",
    given: "",
  });
  t.tell("specify.looks", { tint: "", runs: "neither", texture: "not-said", mark: "stamp", markAt: "bottom-left" });
  t.tell("specify.parts", { parts: ["packers"], note: "ring before delivery" });
  const { book, r } = reckoned(t);
  it("stands on the line: bars, looks, what comes with it and what else", () => {
    const line = orderLineOf(book, r);
    expect(line?.bars?.uprights).toBe(1);
    expect([line?.parts, line?.note, line?.looks?.mark]).toEqual([["packers"], "ring before delivery", "stamp"]);
  });
  it("and nothing stands there that was left as it mostly is, taken off again, or is another kind of glass's", () => {
    const plain = new Teller().added(PANE, "timber-bead").read({ "width-top": "606", "height-left": "906" });
    plain.tell("specify.looks", PLAIN_LOOKS);
    plain.tell("specify.parts", { parts: [], note: "" });
    plain.tell("measure.bars", { ...NO_BARS, uprights: 1 });
    const { book: b, r: of } = reckoned(plain);
    const on = orderLineOf(b, of);
    if (!on) throw new Error("no line");
    expect(["looks", "parts", "note", "bars", "makeup"].filter((k) => k in on)).toEqual([]);
  });
  it("is said in words on ticket and sheet", () => {
    const line = orderLineOf(book, r);
    if (!line) throw new Error("no line");
    const words = orderLineWords({ ...line, line: "x", pane: PANE, state: "open", check: null } as never, by);
    expect(words.glass).toMatch(
      /4-16-4, argon, coated on 3.*stamp bottom left, bars 1 upright, no crosses, 18 mm white flat/,
    );
    expect(words.extra).toBe("with packers; ring before delivery");
    expect(ticketOf(book, r, by).spoken).toContain("bars 1 upright");
  });
  it("a door's insert says how it was measured and which door it closes on", () => {
    const insert = new Teller().added(PANE, "cassette");
    insert.tell("measure.way", { way: "insert-outside" });
    insert.read({ "insert-outside-width": "458", "insert-outside-height": "914", "door-thickness": "44.5" });
    insert.read({ "sill-height": "900" });
    const now = reckoned(insert);
    // It is in a door, 900 above the floor: safety glass, and nobody said yet that it is in it.
    expect(now.r.unsafe).toBe(true);
    expect(unknownsOf(now.book, now.r).map((u) => u.id)).toContain("unsafe");
    insert.tell("specify.insert", { safety: true });
    const { book, r } = reckoned(insert);
    expect(r.unsafe).toBe(false);
    expect(unknownsOf(book, r).map((u) => u.id)).toEqual([]);
    const line = orderLineOf(book, r);
    if (!line) throw new Error("no line");
    const words = orderLineWords({ ...line, line: "x", pane: PANE, state: "open", check: null } as never, by);
    expect([words.glass, words.basis, words.edges, words.extra]).toEqual([
      "complete insert, safety glass in it",
      "size over its frame, outside to outside",
      "",
      "for a door 44.5 mm thick",
    ]);
    const read = readBackOf({ ...line, line: "x", pane: PANE, state: "open", check: null } as never, "mm", "a");
    expect(read.map((f) => f.says)).toEqual([
      "1 off",
      "458 mm",
      "914 mm",
      "size over its frame, outside to outside",
      "complete insert, safety glass in it",
      "for a door 44.5 mm thick",
      line.label,
    ]);
  });
  it("ordered as an insert it stays one, on its ticket and by its weight", () => {
    const insert = new Teller().added(PANE, "cassette");
    insert.tell("measure.way", { way: "insert-outside" });
    insert.read({
      "insert-outside-width": "609.6",
      "insert-outside-height": "965.2",
      "door-thickness": "44.5",
    });
    insert.tell("specify.insert", { safety: true });
    const worked = reckoned(insert, HOUSE_DEFAULTS, [FAMILY]);
    const line = orderLineOf(worked.book, worked.r);
    if (!line) throw new Error("no line");
    // Two sheets of 4: 0.6096 × 0.9652 × 8 mm × 2.5 kg.
    expect(lineMass(line)).toBeCloseTo(11.77, 2);
    insert.tell("order.opened", { supplier: "Heronsgate Door Works", reference: "" }, { order: ORDER });
    insert.tell("order.line", { ...line, line: ORDER }, { order: ORDER, pane: PANE });
    const on = reckoned(insert, HOUSE_DEFAULTS, [FAMILY]);
    expect(on.r.stands.as).toBe("ordered");
    expect(ticketOf(on.book, on.r, by).what).toMatch(/complete insert, Tern Quay, safety glass in it/);
    expect(ticketOf(on.book, on.r, by).what).not.toMatch(/float/);
  });
  it.each([
    ["as it was read, with none on the list", "24 15/16", "40 3/4", [], "24 15/16", "40 3/4"],
    ["as it was read, far from any on the list", "24 15/16", "40 3/4", [FAMILY], "24 15/16", "40 3/4"],
    ["as its family has it, an eighth taller than read", "23 15/16", "37 7/8", [FAMILY], "24", "38"],
  ] as const)("a door's insert is ordered %s, and no room round it is judged", (_, width, height, families, w, h) => {
    const insert = new Teller().added(PANE, "cassette");
    // Read as an opening before anybody chose the insert: nothing of that counts now.
    insert.read({ "width-top": "540", "height-left": "900" });
    insert.tell("measure.way", { way: "insert-outside" });
    for (const [place, text] of [
      ["insert-outside-width", width],
      ["insert-outside-height", height],
      ["door-thickness", "1 3/4"],
    ] as const)
      insert.tell("measure.reading", { place, text, unit: "in", sure: "cleared" });
    const { r } = reckoned(insert, HOUSE_DEFAULTS, families);
    expect(r.tooBigBy).toBe(0);
    expect(r.poor).toBe(false);
    if (!r.cut.ok) throw new Error("not sized");
    expect(writeNumber(r.cut.value.glass.width, "in")).toBe(w);
    expect(writeNumber(r.cut.value.glass.height, "in")).toBe(h);
    expect(r.cut.value.edgeGap).toEqual({ width: 0, height: 0 });
  });
  it("a solid panel is as thick as its sheets, and weighs so", () => {
    const panel = sized("timber-putty");
    panel.tell("specify.panel", { panel: { make: "two-thin", mm: 4, lineMm: null, neighbourMm: null } });
    const now = reckoned(panel);
    expect(now.r.glass.thickness).toBe(mm(8));
    expect(orderLineOf(now.book, now.r)?.note).toBe("solid panel, two thin, texture between them");
    panel.tell("specify.panel", { panel: null });
    expect(reckoned(panel).r.glass.thickness).toBe(mm(4));
  });
});

describe("the size that a line states", () => {
  const line = { widthNm: mm(600), heightNm: mm(900) };
  const allowanceNm = { width: mm(6), height: mm(8) };
  it.each([
    ["the glass", {}, ["glass", 600, 900]],
    ["the opening: what comes off is added", { basis: "opening", allowanceNm } as const, ["opening", 606, 908]],
    ["the glass, whatever comes off an opening", { allowanceNm }, ["glass", 600, 900]],
    ["the opening, and nothing is said to come off", { basis: "opening" } as const, ["glass", 600, 900]],
  ])("%s", (_, more, is) => {
    const stated = statedSize({ ...line, ...more });
    expect([stated.basis, stated.width / 1e6, stated.height / 1e6]).toEqual(is);
  });
});
