import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { System } from "../frame/systems.ts";
import { mm, toMm } from "../units/length.ts";
import { stackText } from "../words/opening.ts";
import { sizedPane } from "../words/whole-pane.ts";
import { heldBy } from "./before-order.ts";
import { foldPane } from "./book.ts";
import { candidateFacts, makeupOfStack, stacksOf } from "./candidates.ts";
import { conversionHolds, conversionUnread, unitsForSash } from "./conversion.ts";
import { reckon } from "./reckoning.ts";
import { unknownsOf } from "./unknowns.ts";

const OPENING = { "width-top": "600", "width-bottom": "600", "height-left": "900", "height-right": "900" } as const;
const sash = (more: Parameters<Teller["read"]>[0], unit: "mm" | "in" = "mm", system: System = "timber-putty") => {
  const t = new Teller().opened().added(PANE, system);
  t.tell("look.option", { option: "double", reason: "warmer" });
  return t.read(unit === "mm" ? { ...OPENING, ...more } : more, unit);
};
const now = (t: Teller) => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const firm = withFirm(foldFirm(t.entries));
  return { book, r: reckon(book, firm), house: firm.house };
};
const REBATE = { "rebate-depth": "10", "rebate-width": "18" } as const;

describe("which unit a sash of single glass can take", () => {
  // Bed 2, unit, 1 of air and 10 for bead or putty; the house wants 6 of upstand.
  it.each([
    ["thick timber: all of them, the warmest first", "44", ["4-16-4", "4-12-4", "4-10-4", "4-8-4", "4-6-4"], 5],
    // 36 - 33 = 3 is too little for 20; 36 - 31 = 5 for 18; 36 - 29 = 7 for 16 will do.
    ["thinner timber: up to 16", "36", ["4-8-4", "4-6-4", "4-10-4", "4-12-4", "4-16-4"], 2],
    ["none at all", "30", ["4-6-4", "4-8-4", "4-10-4", "4-12-4", "4-16-4"], 0],
  ] as const)("%s", (_, timber, order, holding) => {
    const { book, house } = now(sash({ ...REBATE, "timber-thickness": timber }));
    const units = unitsForSash(book, house);
    expect(units.map((u) => stackText(u.stack))).toEqual(order);
    expect(units.filter((u) => u.rout?.holds)).toHaveLength(holding);
    expect(conversionHolds(book, house)).toBe(holding > 0);
  });

  it("says for each what is routed: 37 wanted where 18 are there", () => {
    const { book, house } = now(sash({ ...REBATE, "timber-thickness": "44" }));
    expect(unitsForSash(book, house).map((u) => u.rout && toMm(u.rout.width.by))).toEqual([19, 15, 13, 11, 9]);
  });

  it("is told to a program as to the page", () => {
    const { book, r } = now(sash({ ...REBATE, "timber-thickness": "36" }));
    const { takes, plannedWiderMm } = sizedPane(book, r, { unit: "mm", dialect: "a" }).opening;
    // 2 + 16 + 1 + 10 = 29 wanted, 18 there, 36 - 29 stay.
    expect(takes?.[0]).toEqual({ unit: "4-8-4", overallMm: 16, routWiderMm: 11, upstandLeftMm: 7, holds: true });
    expect(plannedWiderMm).toBe(11);
    expect(takes).toHaveLength(5);
  });

  it("is of inch makes where it was read in inches", () => {
    const { book, r } = now(
      sash({ "width-top": "26", "height-left": "29 1/2", "rebate-depth": "3/8", "rebate-width": "5/8" }, "in"),
    );
    expect(stacksOf(book, r)[0]?.make).toBe("inch");
    expect(toMm(stacksOf(book, r)[0]?.overall ?? mm(0))).toBeCloseTo(12.7, 9);
  });

  it.each([
    ["nothing of it", {}, ["rebate-depth", "rebate-width", "timber-thickness"], null],
    ["the rebate alone", REBATE, ["timber-thickness"], null],
    ["all", { ...REBATE, "timber-thickness": "44" }, [], true],
    ["a unit that is in hand: nothing to choose", { "unit-thickness": "14" }, [], null],
  ] as const)("read of it: %s", (_, more, unread, holds) => {
    const { book, house } = now(sash(more));
    expect(conversionUnread(book)).toEqual(unread);
    expect(conversionHolds(book, house)).toBe(holds);
  });
});

describe("what an order of it asks", () => {
  const asked = (t: Teller) => {
    const { book, r } = now(t);
    return unknownsOf(book, r).map((u) => u.id);
  };
  it("the sash, and neither the thickness nor the coating of a unit that was never there", () => {
    const ids = asked(sash({}));
    expect(ids).toContain("sash");
    expect(ids).not.toContain("thickness");
    expect(ids).not.toContain("coating");
  });
  it("no more of the sash once it is read", () =>
    expect(asked(sash({ ...REBATE, "timber-thickness": "44" }))).not.toContain("sash"));
  it("the old unit's thickness where nothing can be routed", () =>
    expect(asked(sash({}, "mm", "metal-frame"))).toContain("thickness"));

  it.each([
    ["4-8-4", false],
    ["4-10-4", true],
  ] as const)("timber of 36 and %s: held back %s", (stack, isHeld) => {
    const t = sash({ ...REBATE, "timber-thickness": "36" });
    const unit = unitsForSash(now(t).book, now(t).house).find((u) => stackText(u.stack) === stack);
    if (!unit) throw new Error("no such unit");
    t.tell("specify.makeup", { makeup: makeupOfStack(unit.stack, null, "float") });
    const { book, r } = now(t);
    const held = heldBy(book, r).find((c) => c.id === "timber");
    expect(held !== undefined).toBe(isHeld);
    if (isHeld) expect(held?.says).toContain("would keep 5 mm of timber");
  });

  it("its columns are of the unit that the sash can take, not of one that is mostly made", () => {
    const { book, r } = now(sash({ ...REBATE, "timber-thickness": "36" }));
    const facts = candidateFacts(book, r);
    expect(facts?.was).toEqual({ panesMm: [4, 4], cavityMm: 8 });
    expect(facts?.again).toBe(false);
    // The timber of 36 less 6 that must stay, 2 of bed, 1 of clearance and 10 of putty: 4-8-4 goes in, 4-10-4 does not.
    expect(facts?.roomMm).toBe(17);
  });
});
