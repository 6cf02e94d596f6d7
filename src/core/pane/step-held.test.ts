import { describe, expect, it } from "vitest";
import { away, pane, ticked } from "../../../tests/support/held-panes.ts";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { ORDER, ORDER_LINE, PANE, type Teller } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { Station } from "../plan/stations.ts";
import { dayOf } from "../units/day.ts";
import { foldPane } from "./book.ts";
import { reckon } from "./reckoning.ts";
import { stepHeld, stepHold } from "./step-held.ts";
import { stepsAt } from "./steps-at.ts";

function held(t: Teller, station: Station, id: string, now = Date.UTC(2026, 4, 4, 12)): string | null {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  const step = stepsAt(station, book, r).find((s) => s.id === id);
  if (!step) throw new Error(`no step ${id}`);
  return stepHeld(step, station, book, r, { today: dayOf("2026-05-04"), nowMs: now });
}
describe("what speaks against ticking a step", () => {
  it("nothing, where nobody said anything", () => {
    expect(held(pane("timber-putty"), "ready", "clean")).toBeNull();
    expect(held(pane("cassette"), "takeout", "cassette-screws")).toBeNull();
  });
  it("what is said to have the pane, where it is not enough", () => {
    const t = pane("timber-bead");
    t.tell("look.building", { year: null, storey: 2 });
    expect(held(t, "takeout", "glass-loose")).toBe("First say what has the {pane}: nothing else keeps it up now.");
    ticked(t, "takeout", "glass-loose", ["hand"]);
    expect(held(t, "takeout", "glass-loose")).toMatch(/^Upstairs one hand is not enough/);
    ticked(t, "takeout", "glass-loose", ["hand", "tape"]);
    expect(held(t, "takeout", "glass-loose")).toBeNull();
    ticked(t, "takeout", "glass-loose", ["bond"]);
    expect(held(t, "takeout", "glass-loose")).toMatch(/^A bond that looks tight lets go all at once/);
  });
  it("nobody said that it is set: once, at the first step after it", () => {
    const says = "First say that it is set, and on which day: what follows counts from there.";
    const t = pane("timber-bead");
    const ids = (given: Teller) => {
      const book = foldPane(PANE, given.entries);
      if (!book) throw new Error("no pane");
      return stepsAt("finish", book, reckon(book, { house: HOUSE_DEFAULTS, calendar })).map((s) => s.id);
    };
    expect(ids(t).map((id) => held(t, "finish", id) === says)).toEqual(ids(t).map((_, i) => i === 0));
    t.tell("set.done", { day: "2026-05-04", compound: "tape", sprigs: null });
    expect(ids(t).filter((id) => held(t, "finish", id) === says)).toEqual([]);
  });
  it("sides that are still open", () => {
    const t = ticked(pane("timber-putty"), "ready", "clean", ["left", "top"]);
    expect(held(t, "ready", "clean")).toBe("Still open: right, bottom.");
    ticked(t, "ready", "clean", ["left", "top", "right", "bottom"]);
    expect(held(t, "ready", "clean")).toBeNull();
  });
  it("a corner that is not cut holds the cut and the lift", () => {
    const t = ticked(pane("plastic-bead-outside"), "takeout", "cut-free", ["left", "right", "top", "bottom"]);
    expect(held(t, "takeout", "cut-free")).toContain("bottom left");
    expect(held(t, "takeout", "lift-out")).toBe(
      "Not cut free yet: bottom left, bottom right, top right, top left. Prised now, it breaks.",
    );
    ticked(t, "takeout", "cut-free", [
      ...["left", "right", "top", "bottom"],
      ...["bottom left", "bottom right", "top right", "top left"],
    ]);
    expect(held(t, "takeout", "lift-out")).toBeNull();
  });
  it("cracked glass, until somebody says which faces are taped; whole glass does not wait", () => {
    expect(held(pane("timber-putty"), "takeout", "face-putty")).toBeNull();
    const t = pane("timber-putty");
    t.tell("look.damage", { damage: ["cracked"] });
    expect(held(t, "takeout", "sheet")).toBeNull();
    expect(held(t, "takeout", "tape-glass")).toBeNull();
    expect(held(t, "takeout", "face-putty")).toMatch(/none, one or both/);
    t.tell("step.marked", { station: "takeout", step: "tape-glass", state: "skipped", reason: "one face, no reach" });
    expect(held(t, "takeout", "face-putty")).toBeNull();
  });
  it.each([
    ["nobody said how it hangs", "not-said", /say how it hangs/],
    ["a fixed light", "fixed", null],
    ["hinges", "left", null],
  ] as const)("packers, where %s", (_, hinge, says) => {
    const t = pane("plastic-no-bead").read({ "width-middle": "600", "height-middle": "900" });
    t.tell("measure.found", { hinge, marks: "", spacerDate: "", held: "not-said" });
    const found = held(t, "set", "pack-channel");
    expect(held(t, "takeout", "packers-map") ?? "").not.toMatch(/hangs/);
    if (says) expect(found).toMatch(says);
    else expect(found ?? "").not.toMatch(/hangs/);
  });
  it("bare fingers, until no glass lies loose", () => {
    const t = pane("timber-putty");
    t.tell("look.damage", { damage: ["holed"] });
    expect(held(t, "ready", "clean")).toMatch(/no loose glass/);
    ticked(t, "ready", "clean/bare", ["no loose glass left"]);
    expect(held(t, "ready", "clean")).toBeNull();
  });
  it("a screw under a plug", () => {
    const t = pane("cassette");
    t.tell("takeout.counted", { what: "plugs", way: "out", count: 8 });
    t.tell("takeout.counted", { what: "screws", way: "out", count: 3 });
    expect(held(t, "takeout", "cassette-screws")).toContain("1 screw is still under a plug");
    // Four are left on purpose: two at the top, two below.
    t.tell("takeout.counted", { what: "screws", way: "out", count: 4 });
    expect(held(t, "takeout", "cassette-screws")).toBeNull();
    expect(held(t, "takeout", "cassette-last")).toContain("4 screws are still under a plug");
    t.tell("takeout.counted", { what: "screws", way: "out", count: 8 });
    expect(held(t, "takeout", "cassette-last")).toBeNull();
  });
  it("drains that stay shut, and a pane that does not go in", () => {
    const t = pane("plastic-bead-inside");
    t.tell("ready.drains", { found: 3, clear: 2, note: "" });
    t.tell("ready.dry-fit", { fit: "too-big", note: "" });
    expect(held(t, "ready", "drains")).toBe("1 of 3 drains are not clear.");
    expect(held(t, "ready", "dry-fit")).toContain("settle that first");
    t.tell("ready.dry-fit", { fit: "free", note: "" });
    expect(held(t, "ready", "dry-fit")).toBeNull();
  });
  it("beads are not cut away before something new has passed", () => {
    const t = away("timber-bead");
    t.tell("takeout.detail", { keep: "destroy" });
    expect(held(t, "takeout", "bead-cut")).toContain("the hole cannot be closed");
    t.tell("order.opened", { supplier: "Salt Lane", reference: "" }, { order: ORDER });
    t.tell("order.line", ORDER_LINE, { order: ORDER, pane: PANE });
    t.tell(
      "order.checked",
      {
        line: ORDER_LINE.line,
        width: { text: "608", unit: "mm" },
        height: { text: "900", unit: "mm" },
        verdict: "accepted",
        reason: "",
      },
      { order: ORDER },
    );
    expect(held(t, "takeout", "bead-cut")).toBeNull();
  });
});

describe("what goes in is not here", () => {
  const ordered = (system: System) => {
    const t = away(system);
    t.tell("order.opened", { supplier: "Withy Glass", reference: "" }, { order: ORDER });
    t.tell("order.line", ORDER_LINE, { order: ORDER, pane: PANE });
    return t;
  };
  it.each([
    ["nothing ordered", away("timber-putty"), "ready", "dry-fit", "neither ordered nor here"],
    ["on its way", ordered("timber-putty"), "ready", "dry-fit", "check it in when it comes"],
    ["on its way, its bed", ordered("timber-putty"), "set", "bed", "check it in when it comes"],
    ["on its way, its film", ordered("plastic-bead-outside"), "ready", "stickers", "check it in when it comes"],
    ["on its way: the seat is cleaned meanwhile", ordered("timber-putty"), "ready", "clean", null],
    ["at hand", pane("timber-putty"), "ready", "dry-fit", "Say how it went in"],
  ] as const)("%s", (_, t, station, step, says) => {
    const found = held(t, station, step);
    if (says === null) expect(found).toBeNull();
    else expect(found).toContain(says);
  });
  it("leads to the order", () => {
    const book = foldPane(PANE, away("timber-putty").entries);
    if (!book) throw new Error("no pane");
    const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
    const step = stepsAt("ready", book, r).find((s) => s.asks === "dry-fit");
    if (!step) throw new Error("no dry fit");
    const at = { today: dayOf("2026-05-04"), nowMs: Date.UTC(2026, 4, 4, 12) };
    expect(stepHold(step, "ready", book, r, at)?.to).toEqual({ station: "order", step: null });
  });
  it("the old glass, which goes back, is", () => {
    const t = away("timber-putty");
    t.tell("look.option", { option: "repack", reason: "" });
    expect(held(t, "ready", "dry-fit")).toContain("Say how it went in");
  });
});

describe("what speaks against setting it yet", () => {
  const done = (t: Teller, step: string) => t.tell("step.marked", { station: "set", step, state: "done", reason: "" });

  it("the facing of what has two faces, until a sign is said", () => {
    const t = pane("plastic-bead-inside");
    expect(held(t, "set", "face-check")).toContain("Say first by which sign");
    t.tell("set.facing", { sign: "label", seen: "" });
    expect(held(t, "set", "face-check")).toBeNull();
    expect(held(pane("timber-putty"), "set", "face-check")).toBeNull();
  });

  it("another opening's tag; its own, or none, does not", () => {
    const t = pane("plastic-no-bead");
    expect(held(t, "set", "rehang")).toBeNull();
    t.tell("set.tag", { tag: ORDER });
    expect(held(t, "set", "rehang")).toContain("names another opening");
    t.tell("set.tag", { tag: PANE });
    expect(held(t, "set", "rehang")).toBeNull();
    t.tell("set.tag", { tag: "" });
    expect(held(t, "set", "rehang")).toBeNull();
  });

  it("screws that were not gone round twice, as many as came out", () => {
    const t = pane("cassette");
    t.tell("takeout.counted", { what: "screws", way: "out", count: 2 });
    expect(held(t, "set", "screws-round")).toBeNull();
    ticked(t, "set", "screws-round", ["1/1", "1/2", "2/1"]);
    expect(held(t, "set", "screws-round")).toBe("1 turn of a screw still to go: two rounds, each screw.");
    ticked(t, "set", "screws-round", ["1/1", "1/2", "2/1", "2/2"]);
    expect(held(t, "set", "screws-round")).toBeNull();
  });

  it("sealant, until all is to hand and the facing was looked at", () => {
    const t = pane("pinned-stop");
    t.tell("set.facing", { sign: "label", seen: "" });
    expect(held(t, "set", "bed-bond")).toContain("First say what it is set in");
    t.tell("specify.bed", { compound: "silicone" });
    expect(held(t, "set", "bed-bond")).toBe("First try it dry, and say how it went in.");
    t.tell("ready.dry-fit", { fit: "tight", note: "" });
    expect(held(t, "set", "bed-bond")).toContain("It bound when it was tried");
    for (const fit of ["too-big", "too-small"] as const) {
      t.tell("ready.dry-fit", { fit, note: "" });
      expect(held(t, "set", "bed-bond")).toBe("It does not go in as it should: settle that first.");
    }
    t.tell("ready.dry-fit", { fit: "free", note: "" });
    ticked(t, "ready", "clean", ["left", "top"]);
    expect(held(t, "set", "bed-bond")).toBe("Not clean yet: right, bottom. What is left there lets the bond go.");
    ticked(t, "ready", "clean", ["left", "right", "bottom", "top"]);
    expect(held(t, "set", "bed-bond")).toContain("First: before anything wet is opened");
    done(t, "to-hand");
    expect(held(t, "set", "bed-bond")).toContain("First: look once more before it touches");
    done(t, "face-check");
    expect(held(t, "set", "bed-bond")).toBeNull();
  });

  it("sealant, where the dry try was left out with a word", () => {
    const t = pane("pinned-stop");
    t.tell("set.facing", { sign: "label", seen: "" });
    t.tell("specify.bed", { compound: "silicone" });
    t.tell("step.marked", { station: "ready", step: "dry-fit", state: "skipped", reason: "tried at the bench" });
    expect(held(t, "set", "bed-bond")).toContain("First: before anything wet is opened");
  });

  it("beads, while a groove was not looked at, and until each is home", () => {
    const t = pane("plastic-bead-inside");
    expect(held(t, "set", "beads-back")).toBeNull();
    ticked(t, "set", "locate", ["left", "right", "bottom"]);
    expect(held(t, "set", "beads-back")).toBe("A {packer} may stand in the groove: top not looked at.");
    ticked(t, "set", "locate", ["left", "right", "bottom", "top"]);
    ticked(t, "set", "beads-back", ["left"]);
    expect(held(t, "set", "beads-back")).toBe("Still open: right, bottom, top.");
  });

  it("a sash that opens, until it was shut on its packing", () => {
    const t = pane("plastic-bead-outside");
    t.tell("measure.found", { hinge: "left", marks: "", spacerDate: "", held: "not-said" });
    t.tell("set.facing", { sign: "label", seen: "" });
    t.tell("specify.bed", { compound: "tape" });
    t.tell("ready.dry-fit", { fit: "free", note: "" });
    done(t, "to-hand");
    done(t, "face-check");
    expect(held(t, "set", "bed-bond")).toContain("First: stand the {pane} dry on its packing");
  });
});

describe("what is wet holds what follows, by the hour", () => {
  const HOUR = 3_600_000;
  /** Primed at the hour of its entry, with all that comes before it said. */
  const primed = () => {
    const t = pane("timber-putty");
    t.tell("specify.bed", { compound: "linseed" });
    t.tell("ready.dry-fit", { fit: "free", note: "" });
    const at = Date.parse(t.tell("step.marked", { station: "ready", step: "prime", state: "done", reason: "" }).at);
    for (const step of ["to-hand", "face-check"])
      t.tell("step.marked", { station: "set", step, state: "done", reason: "" });
    return { t, at };
  };
  it("primer of 16 hours holds the bed until they are over", () => {
    const { t, at } = primed();
    expect(held(t, "set", "bed", at + 2 * HOUR)).toBe(
      "Not dry yet, about 14 h to go: prime the {rebate} and let it dry. Colder or damp takes longer.",
    );
    expect(held(t, "set", "bed", at + 15.5 * HOUR)).toContain("about 1 h to go");
    expect(held(t, "set", "bed", at + 16 * HOUR)).toBeNull();
    // Getting the putty ready in the hand does not wait for the primer.
    expect(held(t, "set", "warm", at + 2 * HOUR)).toBeNull();
  });
  it("somebody's word that it is dry counts", () => {
    const { t, at } = primed();
    ticked(t, "ready", "prime/dry", ["dry"]);
    expect(held(t, "set", "bed", at + 2 * HOUR)).toBeNull();
  });
  it("timber eased after it was primed is primed again, and dries again", () => {
    const { t, at } = primed();
    t.tell("ready.dry-fit", { fit: "tight", note: "" });
    expect(held(t, "ready", "ease-tight", at + 20 * HOUR)).toBeNull();
    t.tell("step.marked", { station: "ready", step: "ease-tight", state: "done", reason: "" });
    t.tell("ready.dry-fit", { fit: "free", note: "" });
    const again = t.tell("step.marked", { station: "ready", step: "prime-eased", state: "done", reason: "" });
    expect(held(t, "set", "bed", Date.parse(again.at) + 15.5 * HOUR)).toContain("prime again where");
    expect(held(t, "set", "bed", Date.parse(again.at) + 16 * HOUR)).toBeNull();
  });
  it("a resealed unit waits for its seal before its edge is taped, and before it is tried", () => {
    const t = pane("plastic-bead-inside");
    t.tell("look.answer", { question: "kind", answer: "sealed" });
    t.tell("look.option", { option: "refurbish", reason: "" });
    const at = Date.parse(t.tell("step.marked", { station: "ready", step: "ru-seal", state: "done", reason: "" }).at);
    expect(held(t, "ready", "ru-tape", at + HOUR)).toContain("about 23 h to go");
    t.tell("ready.dry-fit", { fit: "free", note: "" });
    expect(held(t, "ready", "dry-fit", at + HOUR)).toContain("about 23 h to go");
    expect(held(t, "ready", "dry-fit", at + 24 * HOUR)).toBeNull();
  });
  it("drying beads wait for the oven, and no longer than the scale says", () => {
    const t = pane("plastic-bead-inside");
    t.tell("look.answer", { question: "kind", answer: "sealed" });
    t.tell("look.option", { option: "refurbish", reason: "" });
    const at = Date.parse(t.tell("step.marked", { station: "ready", step: "ru-dry", state: "done", reason: "" }).at);
    expect(held(t, "ready", "ru-fill", at + HOUR)).toContain("about 2 h to go");
    for (const [minutes, grams] of [
      [0, 170],
      [60, 164],
    ] as const)
      t.tell("refurbish.weighed", { minutes, grams });
    expect(held(t, "ready", "ru-fill", at + HOUR)).toContain("about 2 h to go");
    t.tell("refurbish.weighed", { minutes: 120, grams: 164 });
    expect(held(t, "ready", "ru-fill", at + HOUR)).toBeNull();
  });
  it("an opened unit is not labelled before somebody says with what it was closed", () => {
    const t = pane("plastic-bead-inside");
    t.tell("look.option", { option: "refurbish", reason: "" });
    expect(held(t, "ready", "ru-tape")).toMatch(/^First say with what it was closed/);
    t.tell("refurbish.closed", { day: "2026-05-04", sealant: "black", lookAgain: "2026-11-01" });
    expect(held(t, "ready", "ru-tape")).toBeNull();
  });
  it("{putty} is not painted before its days", () => {
    const { t } = primed();
    t.tell("set.done", { day: "2026-05-04", compound: "linseed", sprigs: 8 });
    expect(held(t, "finish", "paint")).toContain("Too soon");
    t.tell("finish.paint-left", { to: "customer", note: "told: 11 to 1 June" });
    expect(held(t, "finish", "paint")).toBeNull();
  });
});
