import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller, uuid } from "../../../tests/support/told.ts";
import { withFirm } from "../firm/firm.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS, type HouseRules } from "../house/rules.ts";
import type { Entry } from "../log/kinds.ts";
import { foldPane, type PaneBook } from "./book.ts";
import { optionsFacts } from "./options-facts.ts";
import { type Reckoning, reckon } from "./reckoning.ts";
import { hazardsOf, stepFacts } from "./step-facts.ts";
import { metresRound, stepsAt } from "./steps-at.ts";

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
const item = (n: number, share = 0.2) =>
  ({ item: uuid(n), thing: "packer", edge: "bottom", share, thickness: null, width: null, material: "" }) as const;

describe("what looking, taking out and making ready have found", () => {
  it("nothing at first", () => {
    const b = book(pane()).before;
    expect([b.exam, b.opens, b.special, b.map, b.counts, b.photos, b.dryFit]).toEqual([{}, null, [], [], {}, [], null]);
  });
  it("an answer is changed, and taken back", () => {
    const t = pane();
    t.tell("look.answer", { question: "kind", answer: "sealed" });
    t.tell("look.answer", { question: "kind", answer: "single" });
    expect(book(t).before.exam.kind).toBe("single");
    t.tell("look.answer", { question: "kind", answer: null });
    expect(book(t).before.exam.kind).toBeUndefined();
  });
  it("details are kept one by one", () => {
    const t = pane("timber-bead");
    t.tell("takeout.detail", { bond: "silicone" });
    t.tell("takeout.detail", { keep: "destroy" });
    expect(book(t).before.detail).toEqual({ bond: "silicone", keep: "destroy" });
  });
  it("what broke, what left, who helps and what was cleaned with what", () => {
    const t = pane("timber-bead");
    t.tell("takeout.broken", { beads: ["left"] });
    t.tell("takeout.broken", { beads: ["left", "top"] });
    t.tell("waste.out", { waste: "float", bags: 1, where: "skip" });
    t.tell("waste.out", { waste: "float", bags: 2, where: "yard" });
    t.tell("hands.booked", { day: "2026-05-22", from: "09:30", hours: 1, helper: "Tamsin" });
    t.tell("refurbish.cleaned", { cleaner: "alcohol", result: "streaks" });
    t.tell("refurbish.cleaned", { cleaner: "glass-cleaner", result: "clear" });
    const b = book(t).before;
    expect(b.broken).toEqual(["left", "top"]);
    expect(b.waste.map((w) => w.bags)).toEqual([1, 2]);
    expect(b.hands?.helper).toBe("Tamsin");
    expect(b.refurbish.cleaned.map((c) => c.result)).toEqual(["streaks", "clear"]);
  });
  it("a profile that was met before tells how its beads let go", () => {
    const t = pane("plastic-bead-inside");
    const known = {
      profile: "ovolo",
      unhooks: "lift",
      gave: "middle",
      tape: "thin",
      brittle: false,
      lesson: "",
    } as const;
    t.tell("profile.known", known, {});
    t.tell("takeout.profile", { profile: "ovolo" });
    const b = book(t);
    const r = reckon(b, withFirm(foldFirm(t.entries)));
    expect(stepFacts(b, r).profile).toEqual(known);
    expect(reckon(b, { house: HOUSE_DEFAULTS, calendar }).profile).toBeNull();
  });
  it("what the firm took three times is what a step takes; by the metre where it runs along the edge", () => {
    const t = pane("timber-bead").read({ "width-middle": "506", "height-middle": "506" });
    for (const minutes of [6, 8, 4])
      t.tell("work.took", { system: "timber-bead", station: "takeout", step: "cut-free", minutes, metres: 2 }, {});
    const b = book(t);
    const r = reckon(b, withFirm(foldFirm(t.entries)));
    const metres = metresRound(r) ?? 0;
    const cut = stepsAt("takeout", b, r).find((s) => s.id === "cut-free");
    // 3, 4 and 2 a metre, and the house's 20 on 2 m for half a time: the 3.5th root of √10 × 24 is 3.4 a metre.
    expect([cut?.usual, cut?.minutes, cut?.timed]).toEqual([20, 7, 3]);
    expect(metres).toBeGreaterThan(1.9);
  });
  it("things go on the map, move, and come off", () => {
    const t = pane();
    t.tell("takeout.map", item(1));
    t.tell("takeout.map", item(2, 0.8));
    t.tell("takeout.map", item(1, 0.25));
    expect(book(t).before.map.map((i) => [i.item, i.share])).toEqual([
      [uuid(1), 0.25],
      [uuid(2), 0.8],
    ]);
    t.tell("takeout.map-off", { item: uuid(1) });
    expect(book(t).before.map).toHaveLength(1);
  });
  it("counts out and back stand apart", () => {
    const t = pane();
    t.tell("takeout.counted", { what: "screws", way: "out", count: 12 });
    t.tell("takeout.counted", { what: "screws", way: "back", count: 11 });
    t.tell("takeout.counted", { what: "screws", way: "out", count: 13 });
    expect(book(t).before.counts).toEqual({ screws: { out: 13, back: 11 } });
  });
  it("a photo is marked and taken off; marks on one that is off bring nothing back", () => {
    const t = pane();
    t.tell("photo.added", { photo: uuid(5), station: "look", width: 1600, height: 1200, caption: "" });
    t.tell("photo.marked", { photo: uuid(5), arrows: [{ x1: 0, y1: 0, x2: 1, y2: 1 }], caption: "crack" });
    expect(book(t).before.photos).toMatchObject([{ caption: "crack", arrows: [{ x2: 1 }] }]);
    t.tell("photo.off", { photo: uuid(5) });
    t.tell("photo.marked", { photo: uuid(5), arrows: [], caption: "again" });
    expect(book(t).before.photos).toEqual([]);
  });
  it("what is struck is as if it had never been", () => {
    const t = pane();
    const e = t.tell("takeout.map", item(1)) as unknown as Entry;
    t.strike(e);
    expect(book(t).before.map).toEqual([]);
  });
  it("entries twice, or in another order, come to the same", () => {
    const t = pane("timber-bead");
    t.tell("look.answer", { question: "near", answer: "cracked" });
    t.tell("takeout.map", item(1));
    t.tell("takeout.map", item(1, 0.6));
    t.tell("takeout.counted", { what: "plugs", way: "out", count: 4 });
    t.tell("ready.dry-fit", { fit: "tight", note: "" });
    t.tell("refurbish.weighed", { grams: 170, minutes: 0 });
    const once = book(t).before;
    fc.assert(
      fc.property(fc.shuffledSubarray([...t.entries, ...t.entries], { minLength: 2 * t.entries.length }), (entries) => {
        expect(foldPane(PANE, entries)?.before).toEqual(once);
      }),
      { numRuns: 60 },
    );
  });
});

describe("old putty, and what it may hold", () => {
  it.each<[string, System, (t: Teller) => void, boolean]>([
    ["a putty sash", "timber-putty", () => undefined, true],
    ["beads of timber, bedded in it or not", "timber-bead", () => undefined, true],
    ["steel in compound", "metal-frame", (t) => t.tell("takeout.detail", { metal: "compound" }), true],
    ["metal with beads and gaskets", "metal-frame", (t) => t.tell("takeout.detail", { metal: "beads" }), false],
    ["plastic", "plastic-bead-inside", () => undefined, false],
  ])("%s", (_, system, tell, may) => {
    const t = pane(system);
    tell(t);
    expect(hazardsOf(...both(t), "takeout").oldPutty).toBe(may);
  });
});

describe("what the options follow from", () => {
  it.each<[string, System, (t: Teller) => void, object]>([
    [
      "cracked",
      "timber-putty",
      (t) => t.tell("look.damage", { damage: ["cracked"] }),
      { glass: "broken", paints: true },
    ],
    [
      "misted",
      "plastic-bead-inside",
      (t) => t.tell("look.damage", { damage: ["misted"] }),
      { glass: "seal-gone", sealed: true, paints: false },
    ],
    [
      "nobody looked",
      "timber-putty",
      () => undefined,
      { glass: "not-looked", worst: null, doubleHolds: null, areaM2: null },
    ],
    ["rotten by the damage", "timber-putty", (t) => t.tell("look.damage", { damage: ["rotten"] }), { worst: "mend" }],
    [
      "the worst member counts",
      "timber-putty",
      (t) => {
        t.tell("look.condition", { member: "left", state: "sound", note: "" });
        t.tell("look.condition", { member: "bottom", state: "not-worth", note: "" });
      },
      { worst: "not-worth" },
    ],
    [
      "an opened joint and a chewed corner: half an hour and ten minutes, a day's drying",
      "timber-putty",
      (t) => {
        t.tell("look.condition", { member: "left", state: "mend", fault: "joint", note: "" });
        t.tell("look.condition", { member: "bottom", state: "mend", fault: "chewed", note: "" });
      },
      { worst: "mend", mending: { hours: 0.75, days: 1 } },
    ],
    [
      "to mend, nobody said what: an hour and a day",
      "timber-putty",
      (t) => t.tell("look.condition", { member: "left", state: "mend", note: "" }),
      { mending: { hours: 1, days: 1 } },
    ],
    ["it rattles", "timber-putty", (t) => t.tell("look.damage", { damage: ["rattling"] }), { loose: true }],
    [
      "too little timber to rout",
      "timber-putty",
      (t) => void t.read({ "rebate-width": "18", "rebate-depth": "9", "timber-thickness": "30", "member-face": "40" }),
      { doubleHolds: false },
    ],
    [
      "coated",
      "plastic-bead-inside",
      (t) => t.tell("measure.coating", { coated: "yes", face: 3, how: "" }),
      { coated: true },
    ],
    [
      "unsure is not known",
      "plastic-bead-inside",
      (t) => t.tell("measure.coating", { coated: "unsure", face: null, how: "" }),
      { coated: null },
    ],
  ])("%s", (_, system, tell, expected) => {
    const t = pane(system);
    tell(t);
    expect(optionsFacts(...both(t))).toMatchObject(expected);
  });
  it("a unit's heat by its thickness: 24 mm of air loses 2.7", () => {
    const t = pane("plastic-bead-inside").read({ "unit-thickness": "24" });
    expect(optionsFacts(...both(t)).heat.now).toBeCloseTo(2.73, 2);
  });
  it("reckoning takes all of the firm's lists", () => {
    const t = pane();
    t.tell("building.lead", { address: "No. 5", result: "found" }, {});
    const firm = foldFirm(t.entries);
    expect(reckon(book(t), withFirm(firm)).lead).toBe("found");
  });
});
