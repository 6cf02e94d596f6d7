import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { ORDER, ORDER_LINE, PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS, type HouseRules } from "../house/rules.ts";
import { foldPane, type PaneBook } from "./book.ts";
import { type Reckoning, reckon } from "./reckoning.ts";
import { beadsOf, hasBeads, hazardsOf, readyFacts, stepFacts } from "./step-facts.ts";
import { isUnit, isUnitOpen, wasUnit } from "./unit.ts";

const book = (t: Teller): PaneBook => {
  const found = foldPane(PANE, t.entries);
  if (!found) throw new Error("no pane");
  return found;
};
const both = (t: Teller, house: HouseRules = HOUSE_DEFAULTS): readonly [PaneBook, Reckoning] => {
  const b = book(t);
  return [b, reckon(b, { house, calendar, leadTests: foldFirm(t.entries).leadTests })];
};
const pane = (system: System = "timber-putty"): Teller => new Teller().added(PANE, system);

describe("what the steps follow from", () => {
  it.each<[string, (t: Teller) => void, Partial<ReturnType<typeof stepFacts>>]>([
    [
      "nothing said",
      () => undefined,
      {
        closed: false,
        sealed: false,
        toughened: false,
        lift: 1,
        front: [],
        hinge: "not-said",
        beads: null,
        lead: true,
      },
    ],
    ["built after the cut-off", (t) => t.tell("look.building", { year: 2005, storey: 2 }), { lead: false, storey: 2 }],
    ["tested: none", (t) => t.tell("building.lead", { address: "No. 5", result: "none" }, {}), { lead: false }],
    ["tested elsewhere", (t) => t.tell("building.lead", { address: "No. 6", result: "none" }, {}), { lead: true }],
    [
      "a stamp that says toughened",
      (t) => t.tell("look.answer", { question: "stamp", answer: "toughened" }),
      { toughened: true },
    ],
    ["welded", (t) => t.tell("look.opens", { opens: false }), { closed: true }],
    [
      "a blind in front",
      (t) => t.tell("takeout.front", { front: [{ what: "blind", kept: "", fate: "back" }] }),
      { front: ["blind"] },
    ],
    [
      "slides",
      (t) => t.tell("measure.found", { hinge: "slides", marks: "", spacerDate: "", held: "bead" }),
      { hinge: "slides" },
    ],
    ["large", (t) => void t.read({ "width-top": "1604", "height-left": "1804" }), { lift: 2 }],
    ["larger", (t) => void t.read({ "width-top": "2404", "height-left": "2404" }), { lift: "machine" }],
  ])("%s", (_, tell, expected) => {
    const t = pane();
    tell(t);
    expect(stepFacts(...both(t))).toMatchObject(expected);
  });
  it.each<[System, boolean]>([
    ["timber-putty", false],
    ["timber-bead", true],
    ["plastic-bead-inside", true],
    ["plastic-bead-outside", true],
    ["plastic-no-bead", false],
    ["pinned-stop", true],
    ["cassette", false],
    ["compression-moulding", false],
    ["metal-frame", false],
    ["in-front", false],
  ])("%s has beads: %s", (system, has) => expect(hasBeads(book(pane(system)))).toBe(has));
  it("metal with beads has them; their order follows the pane's own shape", () => {
    const t = pane("metal-frame");
    t.tell("takeout.detail", { metal: "beads" });
    t.tell("takeout.joints", { joints: {}, school: "longest" });
    t.read({ "width-top": "900", "height-left": "600" });
    const order = beadsOf(...both(t));
    expect(order?.kind === "order" && order.steps[0]?.side).toBe("bottom");
  });
  it.each<[System, Partial<PaneBook["before"]["detail"]>, string]>([
    ["timber-putty", {}, "putty"],
    ["metal-frame", {}, "putty"],
    ["metal-frame", { metal: "beads" }, "gasket"],
    ["plastic-bead-outside", {}, "tape"],
    ["pinned-stop", {}, "silicone"],
  ])("%s with %o is bedded in %s", (system, detail, bed) => {
    const t = pane(system);
    t.tell("takeout.detail", detail);
    expect(readyFacts(...both(t)).bed).toBe(bed);
  });
  it("hazards know the rule set and the mass", () => {
    const t = pane().read({ "width-top": "1604", "height-left": "1804" });
    expect(hazardsOf(...both(t, { ...HOUSE_DEFAULTS, safetySet: "F" }), "look")).toMatchObject({
      ruleSet: "F",
      lead: "not-tested",
    });
    expect(hazardsOf(...both(t), "set").massKg).toBeGreaterThan(20);
  });
});

describe("glass that bursts is the glass hands are at", () => {
  it.each([
    ["the old was stamped, float is ordered", "toughened", "float", true, false],
    ["the old was plain, toughened is ordered", "none", "toughened", false, true],
  ] as const)("%s", (_, stamp, kind, out, setting) => {
    const t = pane();
    t.tell("look.answer", { question: "stamp", answer: stamp });
    t.tell("specify.glass", { kind, thickness: { text: "4", unit: "mm" }, edges: "arrissed", pattern: "" });
    expect(stepFacts(...both(t)).toughened).toBe(out);
    expect(readyFacts(...both(t)).toughened).toBe(setting);
    expect(hazardsOf(...both(t), "takeout").toughened).toBe(out);
    expect(hazardsOf(...both(t), "set").toughened).toBe(setting);
  });
});

describe("safety glass carries its mark, whatever holds it", () => {
  it.each<[string, System, (t: Teller) => void, boolean]>([
    ["float", "timber-putty", () => undefined, false],
    [
      "laminated",
      "timber-putty",
      (t) =>
        t.tell("specify.glass", {
          kind: "laminated",
          thickness: { text: "6.4", unit: "mm" },
          edges: "arrissed",
          pattern: "",
        }),
      true,
    ],
    ["an insert, nobody said", "cassette", (t) => t.tell("measure.way", { way: "insert-outside" }), false],
    [
      "an insert with safety glass in it",
      "cassette",
      (t) => {
        t.tell("measure.way", { way: "insert-outside" });
        t.tell("specify.insert", { safety: true });
      },
      true,
    ],
  ])("%s: %s", (_, system, tell, marked) => {
    const t = pane(system);
    tell(t);
    expect(readyFacts(...both(t)).marked).toBe(marked);
  });
});

describe("one sheet or a unit", () => {
  it.each<[string, System, (t: Teller) => void, boolean, boolean]>([
    ["putty", "timber-putty", () => undefined, false, false],
    ["plastic", "plastic-bead-inside", () => undefined, true, true],
    [
      "plastic, one sheet found",
      "plastic-bead-inside",
      (t) => t.tell("look.answer", { question: "kind", answer: "single" }),
      false,
      false,
    ],
    [
      "putty, a unit found",
      "timber-putty",
      (t) => t.tell("look.answer", { question: "kind", answer: "sealed" }),
      true,
      true,
    ],
    [
      "plastic, single glass chosen",
      "plastic-bead-inside",
      (t) =>
        t.tell("specify.glass", {
          kind: "toughened",
          thickness: { text: "4", unit: "mm" },
          edges: "arrissed",
          pattern: "",
        }),
      false,
      false,
    ],
    [
      "one sheet found, a unit to go in",
      "timber-putty",
      (t) => {
        t.tell("look.answer", { question: "kind", answer: "single" });
        t.tell("look.option", { option: "double", reason: "warmer" });
      },
      true,
      true,
    ],
    ["a door's insert, whole", "cassette", (t) => t.tell("measure.way", { way: "insert-outside" }), true, false],
  ])("%s", (_, system, tell, unit, open) => {
    const t = pane(system);
    tell(t);
    expect([isUnit(book(t)), isUnitOpen(book(t))]).toEqual([unit, open]);
  });
});

describe("single glass that gives way to a unit", () => {
  it("is taken out as one sheet, and made ready and set as a unit", () => {
    const t = pane("timber-putty");
    t.tell("look.answer", { question: "kind", answer: "single" });
    t.tell("look.option", { option: "double", reason: "warmer" });
    const b = book(t);
    const r = reckon(b, withFirm(foldFirm(t.entries)));
    expect([wasUnit(b), isUnit(b)]).toEqual([false, true]);
    expect([stepFacts(b, r).sealed, readyFacts(b, r).sealed]).toEqual([false, true]);
    // Linseed lets go of a unit's edge seal: something else is offered.
    expect(r.compound.id).not.toBe("linseed");
  });
});

describe("how large it is, and whether its card is kept", () => {
  it("as large as its glass, once that is sized", () => {
    const t = pane();
    expect(stepFacts(...both(t)).size).toBeNull();
    t.tell("size.rule", { school: "easy", off: null, grid: "1 mm" });
    t.read({ "width-top": "600", "height-left": "900" });
    expect(stepFacts(...both(t)).size).toEqual({ width: 597, height: 897 });
  });
  it.each<[string, "sent" | "arrived" | "accepted" | "sent-back", boolean]>([
    ["on its way", "sent", false],
    ["here, and not looked at", "arrived", true],
    ["accepted", "accepted", true],
    ["sent back with its card", "sent-back", false],
  ])("a card to lean on the wall came with it: %s", (_, state, kept) => {
    const t = pane();
    t.tell("order.opened", { supplier: "S", reference: "" }, { order: ORDER });
    t.tell("order.line", ORDER_LINE, { order: ORDER, pane: PANE });
    t.tell("order.sent", { day: "2026-05-05", due: "2026-05-12" }, { order: ORDER });
    if (state !== "sent") t.tell("order.arrived", { day: "2026-05-12" }, { order: ORDER });
    if (state === "accepted" || state === "sent-back")
      t.tell(
        "order.checked",
        {
          line: ORDER_LINE.line,
          width: { text: "608", unit: "mm" },
          height: { text: "900", unit: "mm" },
          verdict: state,
          reason: "",
        },
        { order: ORDER },
      );
    expect(stepFacts(...both(t)).cardKept).toBe(kept);
  });
  it("none is kept where nothing was ordered", () => expect(stepFacts(...both(pane())).cardKept).toBe(false));
});

describe("metalwork, each by what becomes of it", () => {
  it.each<
    [
      string,
      readonly (readonly ["hinges" | "handle" | "lock", "as-is" | "strip" | "new"])[],
      readonly string[],
      readonly string[],
    ]
  >([
    ["nothing said", [], [], []],
    [
      "stripped and renewed",
      [
        ["hinges", "strip"],
        ["handle", "new"],
        ["lock", "as-is"],
      ],
      ["hinges"],
      ["handle"],
    ],
    [
      "two of a kind, in the order of the list",
      [
        ["lock", "new"],
        ["hinges", "new"],
      ],
      [],
      ["hinges", "lock"],
    ],
    [
      "said otherwise since",
      [
        ["hinges", "new"],
        ["hinges", "as-is"],
      ],
      [],
      [],
    ],
  ])("%s", (_, said, strips, renews) => {
    const t = pane();
    for (const [what, fate] of said) t.tell("ready.hardware", { what, fate });
    expect(readyFacts(...both(t))).toMatchObject({ strips, renews });
  });
});

describe("how many lift it", () => {
  // 4 mm float is 10 kg a square metre: one lifts 25 kg and a square metre, two lift 50.
  it.each([
    ["small and light", "600", "900", 1],
    ["a square metre, to the edge", "1003", "1003", 1],
    ["over a square metre, though light", "1103", "1003", 2],
    ["light, and long", "403", "2403", 1],
  ] as const)("%s", (_, width, height, lift) => {
    const t = pane();
    t.tell("size.rule", { school: "easy", off: null, grid: "1 mm" });
    t.read({ "width-middle": width, "height-middle": height });
    expect(stepFacts(...both(t)).lift).toBe(lift);
  });
});

describe("what is known of its beads", () => {
  it.each<[string, "untried" | "bends" | "brittle", boolean | null]>([
    ["nobody flexed one: nothing", "untried", null],
    ["one bends", "bends", false],
    ["one whitened", "brittle", true],
  ])("%s", (_, flex, brittle) => {
    const t = pane("plastic-bead-inside");
    if (flex !== "untried") t.tell("takeout.detail", { flex });
    expect(stepFacts(...both(t)).profile?.brittle ?? null).toBe(brittle);
  });
});
