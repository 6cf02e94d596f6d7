import { describe, expect, it } from "vitest";
import { ORDER, PANE, Teller } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS, type HouseRules } from "../house/rules.ts";
import type { StockInsert } from "../house/stock.ts";
import { MONDAY_TO_FRIDAY } from "../plan/calendar.ts";
import { bestCandidate, candidatesFor } from "../specify/candidates.ts";
import { type Makeup, makeupText } from "../specify/makeup.ts";
import { windKpa } from "../specify/wind.ts";
import { writeNumber } from "../tape/write.ts";
import { mm, NM_PER_INCH } from "../units/length.ts";
import { orderLineWords } from "../words/order-sheet.ts";
import { readBackOf } from "../words/read-back.ts";
import { ticketOf } from "../words/ticket.ts";
import { mayTouch } from "./bed-here.ts";
import { beforeHere } from "./before-here.ts";
import { foldPane } from "./book.ts";
import { candidateFacts } from "./candidates.ts";
import { lineMass, orderLineOf } from "./order-line.ts";
import { reckon } from "./reckoning.ts";
import { standings } from "./standing.ts";
import { readyFacts } from "./step-facts.ts";
import { orderHeld } from "./sure.ts";
import { unknownsOf } from "./unknowns.ts";

const calendar = {
  workingWeekdays: MONDAY_TO_FRIDAY,
  daysOff: new Set<never>(),
  wet: new Set<never>(),
  lowC: new Map(),
};
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

describe("what can be there instead", () => {
  const facts = (t: Teller, house?: HouseRules) => {
    const { book, r } = reckoned(t, house);
    const found = candidateFacts(book, r);
    if (!found) throw new Error("no candidates");
    return found;
  };
  it("from 24 mm and panes of 4: 4-16-4 plain, coated, with argon, and three sheets", () => {
    const all = candidatesFor(facts(sized("plastic-bead-inside")));
    expect(all.map((c) => [c.id, c.overallMm, c.heat.toFixed(1)])).toEqual([
      ["same", 24, "2.7"],
      ["coated", 24, "1.4"],
      ["argon", 24, "1.2"],
      ["triple", 24, "1.3"],
    ]);
    expect(bestCandidate(all)?.id).toBe("argon");
  });
  it("a unit of 14 leaves no room for a third sheet", () => {
    const t = sized("plastic-bead-inside");
    t.tell("measure.reading", { place: "unit-thickness", text: "14", unit: "mm" });
    expect(candidatesFor(facts(t)).map((c) => c.id)).toEqual(["same", "coated", "argon"]);
  });
  it("says by how much it is too thick for the rebate, and advises none that is", () => {
    const t = sized("timber-bead").read({ "rebate-width": "30", "bead-width": "10" });
    t.tell("look.answer", { question: "kind", answer: "sealed" });
    // 30 less a bed of 2 and a bead of 10 is 18: a unit of 24 is 6 over.
    const all = candidatesFor(facts(t));
    expect(all.map((c) => c.spareMm)).toEqual([-6, -6, -6, -6]);
    expect(bestCandidate(all)).toBeNull();
  });
  it("in a safety zone every sheet is safety glass, and dearer", () => {
    const t = sized("plastic-bead-inside").read({ "sill-height": "300", "door-distance": "2000" });
    const [same] = candidatesFor(facts(t));
    expect(same?.makeup.panes.every((p) => p.kind === "toughened")).toBe(true);
    const [plain] = candidatesFor(facts(sized("plastic-bead-inside")));
    expect(same?.pence).toBeGreaterThan(plain?.pence ?? 0);
  });
  it("single glass has none", () => {
    const { book, r } = reckoned(sized("timber-putty"));
    expect(candidateFacts(book, r)).toBeNull();
  });
});

describe("a unit on its order", () => {
  const t = sized("plastic-bead-inside");
  it("is held until somebody says what it is made of", () => {
    expect(orderHeld(reckoned(t).book, reckoned(t).r)).toBe("makeup");
    expect(unknownsOf(reckoned(t).book, reckoned(t).r).map((u) => u.id)).toEqual([
      "makeup",
      "coating",
      "safety",
      "bars",
    ]);
  });
  it("the ticket says so, the next thing is to choose it, and it weighs as two sheets of 4 do", () => {
    const { book, r } = reckoned(t);
    expect(ticketOf(book, r, by).what).toContain("sealed unit, not chosen yet");
    if (!r.cut.ok) throw new Error("not sized");
    const { width, height } = r.cut.value.glass;
    expect(r.massKg).toBeCloseTo((width / 1e6) * (height / 1e6) * 8 * 2.5e-6, 9);
    expect(standings(book, r).specify.says.kind).toBe("unit-open");
  });
  it("then goes with all a unit maker needs, and weighs what its sheets weigh", () => {
    t.tell("specify.makeup", { makeup: ARGON });
    const { book, r } = reckoned(t);
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
        state: "open",
        check: null,
        readBack: [],
        outcome: null,
        broke: null,
      },
      by,
    );
    expect(words.glass).toContain(makeupText(ARGON));
  });
  it("nothing is left to guess once coating, place and bars are said", () => {
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

describe("what it is set in", () => {
  const compound = (system: System, tell: (t: Teller) => void = () => undefined): string => {
    const t = sized(system);
    tell(t);
    return reckoned(t).r.compound.id;
  };
  const glass = (kind: "laminated" | "float") => (t: Teller) =>
    t.tell("specify.glass", { kind, thickness: { text: "6.4", unit: "mm" }, edges: "arrissed", pattern: "" });
  it.each([
    ["clear glass in a putty sash: putty", "timber-putty", glass("float"), "linseed"],
    ["laminated in a putty sash: not putty", "timber-putty", glass("laminated"), "silicone"],
    [
      "a unit in a putty sash: not putty",
      "timber-putty",
      (t: Teller) => t.tell("look.answer", { question: "kind", answer: "sealed" }),
      "silicone",
    ],
    ["beads of timber: silicone", "timber-bead", () => undefined, "silicone"],
    ["plastic: its gaskets", "plastic-bead-inside", () => undefined, "gasket"],
  ] as const)("%s", (_, system, tell, expected) => expect(compound(system, tell)).toBe(expected));
  it("says why not, of what somebody would use all the same", () => {
    const { book, r } = reckoned(sized("plastic-bead-inside"));
    expect(mayTouch({ kind: "linseed" }, book, r.glass)).toMatchObject({ says: "no" });
  });
});

describe("the firm's own figures", () => {
  it("change what safety says", () => {
    const t = sized("timber-putty").read({ "sill-height": "850", "door-distance": "2000" });
    expect(reckoned(t).r.safety?.kind).toBe("not-needed");
    expect(reckoned(t, { ...HOUSE_DEFAULTS, safeLowZoneMm: 900 }).r.safety?.kind).toBe("needed");
  });
  it.each([
    ["town", 0, 0.7],
    ["town", 2, 0.86],
    ["coast", 0, 1.4],
    ["sheltered", -1, 0.5],
  ] as const)("wind, %s, floor %i: %f kPa", (exposure, floor, kpa) =>
    expect(windKpa(exposure, floor, HOUSE_DEFAULTS)).toBeCloseTo(kpa, 9),
  );
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
    insert.read({ "insert-outside-width": "458", "insert-outside-height": "914", "door-thickness": "44.5" } as never);
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
    } as never);
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
    insert.read({ "width-top": "540", "height-left": "900" } as never);
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

describe("an opening that was done before", () => {
  it("leaves its size as ordered, its frame's answers and notes, but no reading", () => {
    const t = sized("plastic-bead-inside");
    t.tell("takeout.joints", { joints: { "top-left": { kind: "mitred" } }, school: "longest" });
    t.tell("takeout.profile", { profile: "ovolo" });
    t.tell("note.written", { station: "set", text: "the latch sticks" });
    t.tell("set.done", { day: "2026-05-10", compound: "tape", sprigs: null });
    const was = beforeHere(reckoned(t).book);
    expect([was.setDay, was.profile, was.notes, was.ordered]).toEqual([
      "2026-05-10",
      "ovolo",
      ["the latch sticks"],
      null,
    ]);
    expect(was.joints?.joints["top-left"]).toEqual({ kind: "mitred" });
    expect(JSON.stringify(was)).not.toContain("606");
  });
});

describe("what it lies in follows from what it is set in", () => {
  const bed = (system: System, tell: (t: Teller) => void = () => undefined): string => {
    const t = sized(system);
    tell(t);
    const { book, r } = reckoned(t);
    return readyFacts(book, r).bed;
  };
  it.each<[string, System, (t: Teller) => void, string]>([
    ["putty sash", "timber-putty", () => undefined, "putty"],
    ["timber beads, whatever the old bed was", "timber-bead", () => undefined, "silicone"],
    ["timber beads on tape", "timber-bead", (t) => t.tell("takeout.detail", { bond: "tape" }), "tape"],
    ["plastic, gasket", "plastic-bead-inside", () => undefined, "gasket"],
    ["plastic, tape", "plastic-bead-outside", () => undefined, "tape"],
    ["cassette in sealant", "cassette", () => undefined, "silicone"],
    ["cassette with its own gasket", "cassette", (t) => t.tell("takeout.detail", { bond: "gasket" }), "gasket"],
    ["steel in compound", "metal-frame", () => undefined, "putty"],
    ["aluminium with gaskets", "metal-frame", (t) => t.tell("takeout.detail", { metal: "beads" }), "gasket"],
    [
      "a unit in a putty sash is never in putty",
      "timber-putty",
      (t) => t.tell("look.answer", { question: "kind", answer: "sealed" }),
      "silicone",
    ],
    [
      "set in what it was set in",
      "timber-bead",
      (t) => t.tell("set.done", { day: "2026-05-10", compound: "acrylic", sprigs: null }),
      "putty",
    ],
  ])("%s", (_, system, tell, expected) => expect(bed(system, tell)).toBe(expected));
});
