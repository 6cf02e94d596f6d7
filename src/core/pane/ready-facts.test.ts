import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { foldPane, type PaneBook } from "./book.ts";
import { type Reckoning, reckon } from "./reckoning.ts";
import { beadsOf, finishFacts, readyFacts } from "./step-facts.ts";

const both = (t: Teller): readonly [PaneBook, Reckoning] => {
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return [book, reckon(book, { house: HOUSE_DEFAULTS, calendar, leadTests: foldFirm(t.entries).leadTests })];
};
const pane = (system: System = "timber-putty"): Teller => new Teller().added(PANE, system);

describe("what making ready goes by", () => {
  const ready = (tell: (t: Teller) => unknown, system: System = "timber-putty") => {
    const t = pane(system);
    t.read({ "width-top": "600", "height-left": "900" });
    tell(t);
    return readyFacts(...both(t));
  };
  const had = (from: "bought" | "rack" | "cut") => (t: Teller) =>
    t.tell("order.had", {
      from,
      width: { text: "596", unit: "mm" },
      height: { text: "896", unit: "mm" },
      thickness: { text: "4", unit: "mm" },
      note: "",
    });
  it.each<[string, (t: Teller) => unknown, boolean, System?]>([
    ["nothing is here", () => undefined, false],
    ["bought", had("bought"), false],
    ["cut here", had("cut"), true],
    ["off the rack", had("rack"), true],
    ["a unit is cut nowhere", had("rack"), false, "plastic-bead-inside"],
  ])("its cut edges are dressed here: %s", (_, tell, cut, system) => expect(ready(tell, system).cutHere).toBe(cut));

  const seen =
    (thing: "water" | "drain" | "packer", item = "a") =>
    (t: Teller) =>
      t.tell("takeout.map", { item, thing, edge: "bottom", share: 0.5, thickness: null, width: null, material: "" });
  it.each<[string, (t: Teller) => unknown, boolean]>([
    ["nothing on the map", () => undefined, false],
    ["water on the map", seen("water"), true],
    ["a drain", seen("drain"), false],
    ["a packer, and water beside it", (t) => [seen("packer")(t), seen("water", "b")(t)], true],
    ["water was the cause", (t) => t.tell("look.cause", { cause: "water" }), true],
    ["it was knocked", (t) => t.tell("look.cause", { cause: "impact" }), false],
  ])("water stood: %s", (_, tell, stood) => expect(ready(tell).waterStood).toBe(stood));

  const ticked =
    (...ids: readonly string[]) =>
    (t: Teller) => {
      for (const step of ids) t.tell("step.marked", { station: "ready", step, state: "done", reason: "" });
    };
  it.each<[string, (t: Teller) => unknown, boolean]>([
    ["primed", ticked("prime"), false],
    ["primed, then eased", ticked("prime", "ease"), true],
    ["primed, then eased where it bound", ticked("prime", "ease-tight"), true],
    ["eased, then primed", ticked("ease", "prime"), false],
    ["primed, eased, and primed there again", ticked("prime", "ease", "prime-bare"), false],
    ["primed, eased, primed there, eased once more", ticked("prime", "ease", "prime-bare", "ease-tight"), true],
    ["eased and never primed", ticked("ease"), false],
  ])("its primer was eased off: %s", (_, tell, bare) => expect(ready(tell).easedPrimed).toBe(bare));

  it("is eased where somebody ordered it larger than it goes in, and nowhere by itself", () => {
    const over = (t: Teller) =>
      t.tell("size.overruled", {
        width: { text: "601", unit: "mm" },
        height: { text: "890", unit: "mm" },
        reason: "r",
      });
    expect(ready(() => undefined).ease).toEqual([]);
    const eased = ready(over).ease;
    expect(eased.map((e) => e.side).every((side) => side === "left" || side === "right")).toBe(true);
    expect(eased.length).toBeGreaterThan(0);
  });
});

describe("in which order beads come out", () => {
  it("longest first goes by the pane's own shape, and by an upright one until it is sized", () => {
    const order = (readings: Parameters<Teller["read"]>[0]) => {
      const t = pane("timber-bead").read(readings);
      t.tell("takeout.joints", { joints: {}, school: "longest" });
      return beadsOf(...both(t));
    };
    expect(order({})).toEqual(order({ "width-top": "600", "height-left": "900" }));
    expect(order({})).not.toEqual(order({ "width-top": "900", "height-left": "600" }));
  });
});

describe("what is put back in front of it", () => {
  it("what was kept for that, and nothing that was thrown away", () => {
    const back = (...fates: readonly ("back" | "thrown")[]) => {
      const t = pane();
      t.tell("takeout.front", { front: fates.map((fate) => ({ what: "screen", kept: "", fate })) });
      return finishFacts(...both(t)).frontsBack;
    };
    expect([back(), back("back"), back("thrown"), back("back", "thrown", "back")]).toEqual([0, 1, 0, 2]);
  });
});
