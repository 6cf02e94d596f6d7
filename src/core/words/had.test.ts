import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { foldPane } from "../pane/book.ts";
import { nextFor } from "../pane/next.ts";
import { reckon } from "../pane/reckoning.ts";
import { stepHeld } from "../pane/step-held.ts";
import { stepsAt } from "../pane/steps-at.ts";
import { dayOf } from "../units/day.ts";
import type { LengthUnit } from "../units/length.ts";
import { hadSays } from "./had.ts";
import { inUnit } from "./in-unit.ts";

const SQUARE = {
  "width-top": "600",
  "width-middle": "600",
  "width-bottom": "600",
  "height-left": "900",
  "height-middle": "900",
  "height-right": "900",
  "rebate-depth": "10",
  "rebate-width": "14",
};

function at(t: Teller) {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return { book, r: reckon(book, { house: HOUSE_DEFAULTS, calendar: foldFirm([]).calendar }) };
}

function says(width: string, height: string, thickness?: string, unit: LengthUnit = "mm", read = SQUARE as object) {
  const t = new Teller().opened().added().read(read);
  const as = (text: string) => ({ text, unit });
  t.tell("order.had", {
    from: "bought",
    width: as(width),
    height: as(height),
    ...(thickness ? { thickness: as(thickness) } : {}),
    note: "",
  });
  const { book, r } = at(t);
  return hadSays(book, r, unit).map((s) => s.says);
}

describe("glass that is here without an order", () => {
  it("goes in where it is smaller than the opening", () =>
    expect(says("596", "896", "4")).toEqual([
      "The glass is here, bought over the counter: 596 × 896 mm.",
      expect.stringMatching(/ It will go in\.$/),
    ]));
  it("is no sure fit where only the readings' own error makes the room", () =>
    expect(says("599.5", "896", "4").at(-1)).toMatch(
      /^It binds with a chance of \d\d%.* Do not take the old pane out yet: ease the opening first, or take another\.$/,
    ));
  it("says that nobody read how thick it is", () =>
    expect(says("596", "896").at(-1)).toBe("Nobody read its thickness: it is taken as chosen, 4 mm."));
  it("weighs what its own thickness does: 0.596 × 0.896 m of 3 mm are 4 kg", () => {
    const t = new Teller().opened().added().read(SQUARE);
    const as = (text: string) => ({ text, unit: "mm" as const });
    t.tell("order.had", { from: "bought", width: as("596"), height: as("896"), thickness: as("3"), note: "" });
    const { r } = at(t);
    expect(r.massKg).toBeCloseTo(4.005, 3);
  });
  it("says what to ease where it is not", () => {
    const [, second] = says("602", "896");
    expect(second).toMatch(/^It does not go in as it stands: ease .*mm\.$/);
  });
  it("says how far it stands proud through the frame: 2 bed and 14 of glass in 14", () =>
    expect(says("596", "896", "14").at(-1)).toBe("Through the frame it stands 2 mm proud."));
  it("says what of the rack it is cut out of", () => {
    const t = new Teller().opened().added().read(SQUARE);
    const as = (text: string) => ({ text, unit: "mm" as const });
    t.tell("order.had", { from: "rack", width: as("596"), height: as("896"), cuts: 1, note: "Rack B, 600 by 900" });
    const { book, r } = at(t);
    expect(hadSays(book, r, "mm")[0]?.says).toBe(
      "The glass is here, off the rack: 596 × 896 mm. Out of Rack B, 600 by 900, 1 edge to cut.",
    );
    const cut = stepsAt("ready", book, r).find((s) => s.id === "cut-down");
    expect(inUnit(cut?.does ?? "", "mm")).toBe(
      "Cut it out of Rack B, 600 by 900: 596 × 896 mm, 1 edge. Arris what was cut.",
    );
  });
  it("asks for the opening where nobody read it", () =>
    expect(says("596", "896", "4", "mm", {})).toEqual([
      "The glass is here, bought over the counter: 596 × 896 mm.",
      "Read the opening, and it says whether this goes in.",
    ]));
  it("speaks in inches of what was read in inches", () =>
    expect(says("23 7/16", "35 1/4", undefined, "in")[0]).toBe(
      "The glass is here, bought over the counter: 23 7/16 × 35 1/4 in.",
    ));
  it("speaks to the nearest mark of a reader's tape: 399 mm are 15 23/32 in, 595 are 23 7/16", () => {
    const t = new Teller().opened().added().read(SQUARE);
    const as = (text: string) => ({ text, unit: "mm" as const });
    t.tell("order.had", { from: "brought", width: as("399"), height: as("595"), thickness: as("3"), note: "" });
    const { book, r } = at(t);
    expect(hadSays(book, r, "in")[0]?.says).toBe("The glass is here, brought by the customer: 15 23/32 × 23 7/16 in.");
  });
  it("what is taken back is not here", () => {
    const t = new Teller().opened().added().read(SQUARE);
    const had = {
      from: "rack",
      width: { text: "596", unit: "mm" },
      height: { text: "896", unit: "mm" },
      note: "",
    } as const;
    t.tell("order.had", had);
    t.tell("order.had", { ...had, gone: true });
    const book = foldPane(PANE, t.entries);
    expect(book?.had).toBeNull();
  });
});

it("once somebody said why, ordinary glass goes on, and its reason stands", () => {
  const t = new Teller().opened().added();
  t.tell("look.damage", { damage: ["cracked"] });
  t.read({ ...SQUARE, "sill-height": "300", "door-distance": "200" });
  const as = (text: string) => ({ text, unit: "mm" as const });
  t.tell("order.had", {
    from: "bought",
    width: as("596"),
    height: as("896"),
    thickness: as("4"),
    glass: "float",
    note: "",
  });
  t.tell("order.stood-by", { ids: ["unsafe"], reason: "behind a fixed rail" });
  const { book, r } = at(t);
  expect(hadSays(book, r, "mm").at(-1)?.says).toMatch(
    /this is clear float: it goes in all the same: behind a fixed rail\.$/,
  );
  expect(nextFor(book, r, dayOf("2026-05-20")).kind).toBe("take-out");
  const [first] = stepsAt("set", book, r);
  const held = first && stepHeld(first, "set", book, r, { today: dayOf("2026-05-20"), nowMs: 0 });
  expect(held ?? "").not.toMatch(/Safety glass/);
});

describe("what glass it is that is here, where safety glass is called for", () => {
  const low = (glass: "float" | "toughened" | undefined, chosen?: "toughened", sill = "300") => {
    const t = new Teller().opened().added();
    t.tell("look.damage", { damage: ["cracked"] });
    t.read({ ...SQUARE, "sill-height": sill, "door-distance": "200" });
    const as = (text: string) => ({ text, unit: "mm" as const });
    if (chosen) t.tell("specify.glass", { kind: chosen, thickness: as("4"), edges: "arrissed", pattern: "" });
    t.tell("order.had", { from: "bought", width: as("596"), height: as("896"), thickness: as("4"), glass, note: "" });
    return at(t);
  };
  const SAFE = /find its mark in a corner before it goes in/;
  const WRONG = /called for here, and this is clear float: take another/;
  it.each<[string, Parameters<typeof low>, unsafe: boolean, RegExp | null]>([
    ["nobody said what it is", [undefined], true, /say what glass this is/],
    ["clear float", ["float"], true, WRONG],
    ["clear float, though toughened was chosen", ["float", "toughened"], true, WRONG],
    ["toughened", ["toughened"], false, SAFE],
    ["as it was chosen: toughened", [undefined, "toughened"], false, SAFE],
    ["high up, where any glass will do", ["float", undefined, "1800"], false, null],
  ])("%s", (_, told, unsafe, sentence) => {
    const { book, r } = low(...told);
    expect(r.unsafe).toBe(unsafe);
    const safety = hadSays(book, r, "mm").filter((s) => /[Ss]afety glass/.test(s.says));
    expect(safety.map((s) => sentence?.test(s.says))).toEqual(sentence === null ? [] : [true]);
    const next = nextFor(book, r, dayOf("2026-05-20"));
    expect([next.kind, next.station]).toEqual(unsafe ? ["settle", "order"] : ["take-out", "takeout"]);
    // Whatever is next, the first step of setting holds it.
    const [first] = stepsAt("set", book, r);
    if (!first) throw new Error("no step");
    const held = stepHeld(first, "set", book, r, { today: dayOf("2026-05-20"), nowMs: 0 });
    expect(/^Safety glass is called for here/.test(held ?? "")).toBe(unsafe);
  });
});
