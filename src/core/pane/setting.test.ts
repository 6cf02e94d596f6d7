import { describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../../tests/support/plain-days.ts";
import { PANE, Teller } from "../../../tests/support/told.ts";
import type { System } from "../frame/systems.ts";
import { HOUSE_DEFAULTS } from "../house/rules.ts";
import { NOTHING_FOUND } from "../measure/found.ts";
import type { Place } from "../measure/places.ts";
import type { Joints } from "../takeout/beads.ts";
import { toMm } from "../units/length.ts";
import { foldPane } from "./book.ts";
import { opensAs } from "./hangs.ts";
import { packersDrawn } from "./packers-drawn.ts";
import { materialsOf } from "./pane-materials.ts";
import { reckon } from "./reckoning.ts";
import { settingOf } from "./setting.ts";

/** An opening of 600 × 900, read square, of a system; and what else was said. */
function set(system: System, say: (t: Teller) => void = () => undefined) {
  const t = new Teller().added(PANE, system);
  const readings: Partial<Record<Place, string>> = {
    "width-top": "600",
    "width-bottom": "600",
    "height-left": "900",
    "height-right": "900",
  };
  for (const [place, text] of Object.entries(readings))
    t.tell("measure.reading", { place: place as Place, text, unit: "mm" });
  say(t);
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
  const setting = settingOf(book, r);
  if (!setting || !r.cut.ok) throw new Error("not sized");
  return { setting, glass: r.cut.value.glass, thickness: toMm(r.glass.thickness), materials: materialsOf(book, r) };
}

describe("what setting a pane takes", () => {
  it("the void round the edge is opening less glass, through the glass; nothing where it stays open", () => {
    const open = set("plastic-bead-outside");
    expect([open.setting.voidMl, open.setting.sealant]).toEqual([0, null]);
    const { setting, glass, thickness } = set("plastic-bead-outside", (t) =>
      t.tell("takeout.detail", { void: "filled" }),
    );
    const ml = ((600 * 900 - toMm(glass.width) * toMm(glass.height)) * thickness) / 1000;
    expect(setting.voidMl).toBeCloseTo(ml, 6);
    // On tape the sealant is all of it in the void.
    expect(setting.sealant?.totalMl).toBeCloseTo(ml, 6);
  });

  it("a unit stands on blocks of 30 mm for each square metre, 100 at least", () => {
    expect(set("plastic-bead-inside").setting.blockMm).toBe(100);
    const large = set("plastic-bead-inside", (t) => {
      for (const [place, text] of [
        ["width-top", "2004"],
        ["width-bottom", "2004"],
        ["height-left", "2504"],
        ["height-right", "2504"],
      ] as const)
        t.tell("measure.reading", { place, text, unit: "mm" });
    });
    // 2.0 × 2.5 m: 5 m² by 30.
    expect(large.setting.blockMm).toBe(150);
  });

  it.each<[string, System, (t: Teller) => void]>([
    ["in gaskets", "plastic-bead-inside", () => undefined],
    ["round one sheet", "plastic-bead-outside", (t) => t.tell("look.answer", { question: "kind", answer: "single" })],
  ])("no void is filled %s, whatever its maker wants of units in tape", (_, system, tell) => {
    const { setting } = set(system, (t) => {
      tell(t);
      t.tell("takeout.detail", { void: "filled" });
    });
    expect(setting.voidMl).toBe(0);
  });

  /*
   * Face putty's slope run in silicone: rebate 12 deep and 18 wide, bed 2, glass 4, so 12 mm of front room. A triangle of 12 × 12
   * is 72 mm², its middle a third of 12 in: 72 × (3000 − 8 × 4) = 213.7 ml, beside the bead of 5 mm.
   */
  it.each([
    ["silicone", 213.696],
    ["linseed", 0],
  ] as const)("where no bead holds it the slope outside is of what it is set in: %s", (compound, slopeMl) => {
    const { setting, materials } = set("timber-putty", (t) => {
      t.read({ "rebate-depth": "12", "rebate-width": "18" });
      t.tell("specify.bed", { compound });
    });
    expect(setting.slopeMl).toBeCloseTo(slopeMl, 3);
    const beadMl = (Math.PI * 25 * (3000 - 48)) / 4 / 1000;
    if (compound === "silicone") expect(materials?.sealantMl).toBeCloseTo(beadMl + slopeMl, 3);
    else expect([setting.sealant, (materials?.puttyBuyKg ?? 0) > 0.5]).toEqual([null, true]);
  });
  it("a bead of sealant is as thick as the leg hides: 12 deep, pressed to 2, takes 5", () => {
    const measured = (t: Teller) => t.tell("measure.reading", { place: "rebate-depth", text: "12", unit: "mm" });
    // Not measured, 15 is taken.
    expect(set("pinned-stop").setting.beadMm).toBe(5.5);
    const { setting } = set("pinned-stop", measured);
    expect(setting.beadMm).toBe(5);
    // A bead of 5 round the middle of the leg: 19.63 mm² × (2 × 1500 − 8 × 6).
    expect(setting.sealant?.totalMl).toBeCloseTo((Math.PI * 25 * (3000 - 48)) / 4 / 1000, 3);
  });

  it("pins by the bead as it was measured, and none where nothing is pinned", () => {
    expect(set("timber-bead").materials?.pins?.lengthMm).toBe(25);
    const thick = set("timber-bead", (t) => t.tell("measure.reading", { place: "bead-width", text: "18", unit: "mm" }));
    expect(thick.materials?.pins?.lengthMm).toBe(30);
    expect(set("timber-putty").materials?.pins).toBeNull();
    expect(set("plastic-bead-inside").materials?.pins).toBeNull();
  });

  it.each([
    ["timber-putty", { sprigs: true, gasket: false, sealant: false, tape: false }],
    ["plastic-bead-inside", { sprigs: false, gasket: true, sealant: false, tape: false }],
    ["plastic-bead-outside", { sprigs: false, gasket: false, sealant: false, tape: true }],
    ["pinned-stop", { sprigs: false, gasket: false, sealant: true, tape: false }],
  ] as const)("%s takes what its bed takes", (system, has) => {
    const m = set(system).materials;
    expect({
      sprigs: m?.sprigs !== null,
      gasket: m?.gasketMm !== null,
      sealant: m?.sealantMl !== null,
      tape: m?.tapeMm !== null,
    }).toEqual(has);
  });

  it.each<[string, Joints, readonly number[]]>([
    ["mitred", { "top-left": { kind: "mitred" } }, [600, 600, 900, 900]],
    ["head and foot run through", { "top-left": { kind: "runs", side: "top" } }, [600, 600, 876, 876]],
    [
      "both jambs run through, at one corner each",
      { "top-left": { kind: "runs", side: "left" }, "top-right": { kind: "runs", side: "right" } },
      [576, 576, 900, 900],
    ],
    [
      "as many jambs as heads: laid as heads",
      { "top-left": { kind: "runs", side: "top" }, "bottom-right": { kind: "runs", side: "right" } },
      [600, 600, 876, 876],
    ],
    ["the uprights run through", { "top-left": { kind: "runs", side: "left" } }, [576, 576, 900, 900]],
  ])("new beads, face 12, %s", (_, joints, lengths) => {
    const { setting } = set("timber-bead", (t) => {
      t.tell("takeout.detail", { keep: "destroy" });
      t.tell("measure.reading", { place: "rebate-depth", text: "12", unit: "mm" });
      t.tell("takeout.joints", { joints, school: "longest" });
    });
    expect(setting.sticks?.sticks.flatMap((s) => s.pieces).sort((a, b) => a - b)).toEqual(lengths);
  });
});

describe("how a sash opens, as its packers see it", () => {
  it.each([
    ["left", "hinge-left"],
    ["right", "hinge-right"],
    ["top", "top-hung"],
    ["bottom", "bottom-hung"],
    ["slides", "slides"],
    // It hangs from its cords, and stands on its foot like what is fixed.
    ["hung", "fixed"],
    ["fixed", "fixed"],
    ["not-said", "fixed"],
  ] as const)("%s: %s", (hinge, opens) => {
    const t = new Teller().added(PANE, "timber-bead");
    t.tell("measure.found", { ...NOTHING_FOUND, hinge });
    const book = foldPane(PANE, t.entries);
    expect(book && opensAs(book)).toBe(opens);
  });
});

describe("packers of glass that is here, its opening not read", () => {
  const had = (width: string, height: string, say: (t: Teller) => void = () => undefined) => {
    const t = new Teller().added(PANE, "plastic-bead-inside");
    t.tell("order.had", {
      from: "bought",
      width: { text: width, unit: "mm" },
      height: { text: height, unit: "mm" },
      note: "",
    });
    say(t);
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
    expect(r.cut.ok).toBe(false);
    const { spots, ...drawn } = packersDrawn(book, r);
    return { ...drawn, under: spots.filter((s) => s.edge === "bottom" && s.job === "carries").map((s) => s.atMm) };
  };
  it("stand by its own size: 598 wide, a quarter in from each end", () => {
    expect(had("598", "1048")).toEqual({
      widthMm: 598,
      heightMm: 1048,
      edgesMm: { left: 1048, right: 1048, bottom: 598, top: 598 },
      blockMm: 100,
      measured: true,
      under: [149.5, 448.5],
    });
  });
  it("of a large unit are longer: 30 mm a square metre", () => {
    expect(had("2000", "2000").blockMm).toBe(120);
  });
  it("clear of a drain at their mark", () => {
    const { under } = had("600", "900", (t) =>
      t.tell("takeout.map", {
        item: "drain",
        thing: "drain",
        edge: "bottom",
        share: 0.25,
        thickness: null,
        width: { text: "20", unit: "mm" },
        material: "",
      }),
    );
    expect(under[0]).not.toBe(150);
    expect(under[1]).toBe(450);
  });
});

describe("packers of glass that nobody measured", () => {
  const spots = (hinge: "left" | "right" | "fixed") => {
    const t = new Teller().added(PANE, "plastic-bead-inside");
    t.tell("measure.found", { ...NOTHING_FOUND, hinge });
    const book = foldPane(PANE, t.entries);
    if (!book) throw new Error("no pane");
    const at = packersDrawn(book, reckon(book, { house: HOUSE_DEFAULTS, calendar }));
    expect(at.measured).toBe(false);
    return at.spots
      .filter((s) => s.job !== "locates" && (s.edge === "bottom" || s.edge === "top"))
      .map((s) => [s.edge, s.atMm]);
  };
  // Drawn as 600 wide, a quarter in.
  it.each([
    [
      "left",
      [
        ["bottom", 150],
        ["top", 450],
      ],
    ],
    [
      "right",
      [
        ["bottom", 450],
        ["top", 150],
      ],
    ],
    [
      "fixed",
      [
        ["bottom", 150],
        ["bottom", 450],
      ],
    ],
  ] as const)("hung %s", (hinge, is) => expect(spots(hinge)).toEqual(is));
});
