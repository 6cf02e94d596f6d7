import { describe, expect, it, test } from "vitest";
import { BEADS, facts, finishing, ids, inOrder, type Over, out } from "../../../tests/support/step-facts.ts";
import { finishSteps } from "../finish/steps.ts";
import { DETAIL_NAMES, DETAILS, type Detail } from "../frame/detail.ts";
import { SYSTEMS, type System } from "../frame/systems.ts";
import { CAUTION_IDS, cautionsAt, cautionsOf, type Hazards } from "../look/cautions.ts";
import { readySteps } from "../ready/steps.ts";
import { setSteps } from "../set/steps.ts";
import type { Step } from "../steps/step.ts";
import { FRONTS } from "./facts.ts";
import { sheetFor } from "./front-steps.ts";
import { takeoutSteps } from "./steps.ts";

/** A profile met before: lifted, gave at a corner, thick tape (3 min more), brittle. */
const KNOWN = {
  profile: "ovolo",
  unhooks: "lift",
  gave: "corner",
  tape: "thick",
  brittle: true,
  lesson: "",
} as const;

describe("taking out", () => {
  it.each<[string, Over, readonly string[], readonly string[]]>([
    // What it is, what must stand there in this order, what must not.
    [
      "putty, cracked",
      {},
      ["sheet", "tape-glass", "mark", "score-paint", "face-putty", "sprigs", "lift-out", "bed-putty", "water", "bag"],
      ["shards", "loose-putty", "clear-below", "packers-map", "loosen"],
    ],
    ["putty, the outside out of reach", { detail: { reach: "inside" } }, ["sheet", "reach-face", "mark"], []],
    ["the same on a bench", { detail: { reach: "inside", where: "bench" } }, ["tag"], ["reach-face"]],
    ["putty, the room side out of reach", { detail: { reach: "outside" } }, ["sheet", "mark"], ["reach-face"]],
    ["putty, upstairs", { storey: 1 }, ["sheet", "clear-below", "tape-glass"], []],
    [
      "putty, glass gone: no mark on glass that is not there",
      { damage: ["gone"] },
      ["sprigs", "shards", "bed-putty"],
      ["mark", "tape-glass", "lift-out"],
    ],
    [
      "glass gone, sash to the bench: the sash is marked",
      { damage: ["gone"], detail: { where: "bench" } },
      ["mark", "tag", "release"],
      ["tape-glass"],
    ],
    [
      "shattered: the shards before the putty",
      { damage: ["standing"], glassFirst: true },
      ["tape-glass", "mark", "shards", "lift-out", "face-putty", "sprigs"],
      [],
    ],
    [
      "shattered at a bench: the sash comes down first",
      { damage: ["standing"], glassFirst: true, detail: { where: "bench" } },
      ["release", "shards", "face-putty"],
      [],
    ],
    [
      "clear plastic: neither tape nor shards",
      { acrylic: true, damage: [] },
      ["mark", "face-putty", "lift-out"],
      ["tape-glass", "shards"],
    ],
    [
      "glass that goes back is not crossed with tape",
      { system: "timber-bead", oldGlassBack: true, damage: ["rattling"] },
      ["mark", "bead-lift"],
      ["tape-glass"],
    ],
    [
      "an insert: its outer half leaves with the glass",
      { system: "cassette", whole: "insert" },
      ["plugs", "cassette-screws", "cassette-last", "cassette-half", "lift-out"],
      ["loosen", "cut-free", "bed-sealant"],
    ],
    ["putty, holed", { damage: ["holed"] }, ["tape-glass", "sprigs", "shards", "lift-out"], []],
    [
      "cracked, on tape: loose only once it is cut",
      { system: "compression-moulding" },
      ["cut-free", "glass-loose", "lift-out"],
      [],
    ],
    [
      "packed anew: beads and packers out, the glass stays",
      { system: "plastic-bead-inside", staysIn: true, damage: ["dropped"], beads: BEADS },
      ["sheet", "mark", "wedge-gasket", "bead-order", "bead-top", "packers-map", "water"],
      ["tape-glass", "glass-loose", "lift-out", "shards", "bag"],
    ],
    ["putty, dry and falling", { damage: ["putty-falling"] }, ["score-paint", "loose-putty", "face-putty"], ["shards"]],
    ["putty, sash to the bench", { detail: { where: "bench" } }, ["mark", "tag", "release", "score-paint"], []],
    ["putty, where it hangs", {}, ["mark", "score-paint"], ["tag", "release"]],
    [
      "putty, storm pane and blind in front",
      { front: ["storm-pane", "blind"] },
      ["front-storm-pane", "front-blind", "tape-glass", "mark", "score-paint"],
      ["front-screen"],
    ],
    [
      "beads of timber, pinned, in putty",
      { system: "timber-bead", beads: BEADS },
      [
        "score-paint",
        "bead-order",
        "bead-number",
        "bead-left",
        "bead-right",
        "bead-bottom",
        "bead-top",
        "bead-nails",
        "loosen",
        "cut-free",
        "glass-loose",
        "lift-out",
        "packers-map",
        "bed-putty",
      ],
      ["sprigs", "face-putty", "bead-cut", "bead-lift"],
    ],
    [
      "beads of timber, corners not tapped",
      { system: "timber-bead" },
      ["bead-order", "bead-number", "bead-lift", "glass-loose"],
      ["bead-left"],
    ],
    [
      "beads of timber, cut away",
      { system: "timber-bead", detail: { keep: "destroy" }, beads: BEADS },
      ["bead-order", "bead-cut", "glass-loose"],
      ["bead-number", "bead-left", "bead-nails"],
    ],
    [
      "beads of timber in sealant",
      { system: "timber-bead", detail: { bond: "silicone" } },
      ["loosen", "cut-free", "lift-out", "bed-sealant"],
      ["bed-putty"],
    ],
    [
      "beads of timber on tape",
      { system: "timber-bead", detail: { bond: "tape" } },
      ["loosen", "cut-free", "bed-tape"],
      ["bed-sealant"],
    ],
    [
      "beads of timber, glass gone",
      { system: "timber-bead", damage: ["gone"] },
      ["bead-lift", "glass-loose", "shards", "packers-map"],
      ["loosen", "cut-free", "lift-out", "tape-glass"],
    ],
    [
      "plastic, beads inside, wedge gasket",
      { system: "plastic-bead-inside", sealed: true, beads: BEADS },
      ["tape-glass", "wedge-gasket", "bead-order", "bead-left", "bead-top", "glass-loose", "lift-out", "packers-map"],
      ["outer-gasket", "push-out", "cut-free", "score-paint", "sprigs", "bead-nails", "bed-putty"],
    ],
    [
      "plastic, beads inside, outer gasket first",
      { system: "plastic-bead-inside", detail: { gasket: "outer" } },
      ["outer-gasket", "push-out", "bead-lift", "lift-out"],
      ["wedge-gasket"],
    ],
    [
      "plastic, beads inside, cut away",
      { system: "plastic-bead-inside", detail: { keep: "destroy" } },
      ["wedge-gasket", "bead-cut"],
      ["bead-number"],
    ],
    [
      "plastic, beads outside, tape within",
      { system: "plastic-bead-outside", sealed: true, beads: BEADS },
      ["bead-order", "bead-left", "loosen", "cut-free", "glass-loose", "lift-out", "packers-map", "bed-tape"],
      ["wedge-gasket", "score-paint", "sprigs"],
    ],
    [
      "plastic, beads outside, sealant",
      { system: "plastic-bead-outside", detail: { bond: "silicone" } },
      ["loosen", "cut-free", "bed-sealant"],
      ["bed-tape"],
    ],
    [
      "plastic, beads outside, gasket only",
      { system: "plastic-bead-outside", detail: { bond: "gasket" } },
      ["bead-lift", "glass-loose", "lift-out"],
      ["loosen", "cut-free", "bed-tape"],
    ],
    [
      "plastic, beads outside, on the bench",
      { system: "plastic-bead-outside", detail: { where: "bench" } },
      ["tag", "release", "bead-order"],
      [],
    ],
    [
      "plastic without beads",
      { system: "plastic-no-bead", sealed: true },
      ["mark", "tag", "release", "corner-screws", "sash-member", "gasket-off", "lift-out", "packers-map"],
      ["bead-order", "wedge-gasket", "cut-free", "score-paint"],
    ],
    ["plastic, welded", { system: "plastic-no-bead", closed: true }, [], ["sheet", "release", "bag"]],
    [
      "clad, pinned stops",
      { system: "pinned-stop", sealed: true, beads: BEADS },
      [
        "channel",
        "score-paint",
        "bead-order",
        "bead-left",
        "bead-nails",
        "loosen",
        "cut-free",
        "lift-out",
        "packers-map",
        "bed-sealant",
      ],
      ["sprigs", "wedge-gasket"],
    ],
    [
      "clad, stops nailed from behind",
      { system: "pinned-stop", detail: { fixing: "behind-nails" } },
      ["bead-lift", "bead-nails"],
      [],
    ],
    [
      "clad, stops clipped",
      { system: "pinned-stop", detail: { fixing: "clipped" } },
      ["bead-lift", "glass-loose"],
      ["bead-nails"],
    ],
    [
      "cassette",
      { system: "cassette", sealed: true },
      ["plugs", "cassette-screws", "cassette-last", "cassette-half", "loosen", "cut-free", "lift-out", "bed-sealant"],
      ["bead-order", "release", "packers-map", "sprigs"],
    ],
    ["cassette, caulk line before the screws", { system: "cassette" }, ["caulk-line", "cassette-screws"], []],
    [
      "cassette, new kind without sealant",
      { system: "cassette", detail: { bond: "gasket" } },
      ["cassette-half", "lift-out"],
      ["loosen", "cut-free", "bed-sealant"],
    ],
    [
      "cassette, glass gone",
      { system: "cassette", damage: ["gone"] },
      ["cassette-half", "shards"],
      ["lift-out", "tape-glass"],
    ],
    [
      "door panel, sprung mouldings",
      { system: "compression-moulding" },
      ["moulding-ends", "moulding-sides", "loosen", "cut-free", "lift-out", "bed-tape"],
      ["bead-order", "plugs", "cassette-screws", "score-paint"],
    ],
    [
      "steel, compound and clips",
      { system: "metal-frame" },
      ["score-paint", "face-putty", "clips", "lift-out", "bed-putty"],
      ["sprigs", "bead-order", "wedge-gasket", "packers-map"],
    ],
    [
      "aluminium, beads and gaskets",
      { system: "metal-frame", detail: { metal: "beads" }, beads: BEADS },
      ["wedge-gasket", "bead-order", "bead-left", "lift-out", "packers-map"],
      ["face-putty", "clips", "score-paint"],
    ],
    [
      "a timber bead broke",
      { system: "timber-bead", beads: BEADS, broken: ["left"] },
      ["bead-top", "bead-nails", "bead-new", "glass-loose"],
      [],
    ],
    ["none broke", { system: "timber-bead", beads: BEADS }, ["bead-nails", "glass-loose"], ["bead-new"]],
    ["sprigs are probed for", {}, ["face-putty", "probe", "sprigs", "lift-out"], []],
    [
      "storm pane in front",
      { system: "in-front" },
      ["tag", "front-fastenings", "release", "corner-screws", "sash-member", "gasket-off", "lift-out"],
      ["bead-order", "sprigs", "score-paint", "packers-map"],
    ],
  ])("%s", (_, over, has, hasNot) => {
    const all = ids(out(over));
    inOrder(all, has);
    for (const id of hasNot) expect([id, all.includes(id)]).toEqual([id, false]);
  });

  it.each<[string, Over, string, Partial<Step>]>([
    ["two for a heavy pane", { lift: 2 }, "lift-out", { people: 2 }],
    ["one for a light one", {}, "lift-out", {}],
    ["a machine past what two lift", { lift: "machine" }, "lift-out", { people: 2 }],
    ["a catcher outside where it is pushed out", { system: "plastic-bead-outside" }, "lift-out", { people: 2 }],
    ["a hand on each half of a cassette", { system: "cassette" }, "cassette-last", { people: 2 }],
    [
      "no heat where there may be lead",
      { system: "timber-bead", lead: true },
      "loosen",
      { never: "No heat where paint may hold lead." },
    ],
    [
      "beads not cut before new ones are here",
      { system: "timber-bead", detail: { keep: "destroy" } },
      "bead-cut",
      { never: "Never before the new ones are checked in: without them the hole cannot be closed." },
    ],
    [
      "all four where one visible timber stop broke",
      { system: "pinned-stop", broken: ["top"] },
      "bead-new",
      { does: "The top {bead} did not survive: put all four on the order, cut to this opening." },
    ],
    [
      "one where a plastic one broke",
      { system: "plastic-bead-inside", broken: ["top"] },
      "bead-new",
      { does: "Order a new {bead} for the top, of this profile and length." },
    ],
    ["fifteen minutes where it falls out", { detail: { old: "falls" } }, "face-putty", { minutes: 15 }],
    ["twenty where it cuts", { detail: { old: "soft" } }, "face-putty", { minutes: 20, variant: "soft" }],
    ["forty where it is stone", { detail: { old: "hard" } }, "face-putty", { minutes: 40, variant: "hard" }],
    [
      "as this profile is known to let go",
      { system: "plastic-bead-inside", beads: BEADS, profile: KNOWN },
      "bead-left",
      {
        does: "The left {bead}: knock a stiff knife into the seam at a corner, and work it out. Lift its inner edge first, then draw it toward you.",
        minutes: 6,
        never: "This profile is brittle: warm it in the hand, work along it, do not bend it.",
      },
    ],
    ["gloves on for shards", { damage: ["gone"] }, "shards", { gloves: "on" }],
  ])("%s", (_, over, id, expected) => {
    const step = out(over).find((s) => s.id === id);
    expect(step).toMatchObject(expected);
    if (id === "lift-out" && Object.keys(expected).length === 0) expect(step?.people).toBeUndefined();
  });

  it.each<[string, Over, string, readonly string[], readonly string[]]>([
    ["lead at the paint line", { lead: true }, "score-paint", ["lead", "knives"], []],
    ["no lead where it was tested", { lead: false }, "score-paint", ["knives"], ["lead"]],
    ["what can be in old putty", {}, "face-putty", ["asbestos"], []],
    ["a cracked pane at the cut", { system: "timber-bead" }, "cut-free", ["comes-apart"], []],
    [
      "a misted one does not come apart",
      { system: "timber-bead", damage: ["misted"] },
      "cut-free",
      ["knives"],
      ["comes-apart"],
    ],
    ["solvent with silicone", { system: "pinned-stop" }, "loosen", ["solvent"], []],
    ["none with tape", { system: "compression-moulding" }, "loosen", [], ["solvent"]],
    ["a parted cassette", { system: "cassette" }, "cassette-screws", ["parted-cassette"], []],
    ["springs of a hung sash", { hinge: "hung", detail: { where: "bench" } }, "release", ["spring-balance"], []],
    ["none on rollers", { hinge: "slides", detail: { where: "bench" } }, "release", [], ["spring-balance"]],
    ["toughened near nails", { system: "timber-bead", toughened: true }, "bead-nails", ["toughened-edge"], []],
  ])("raises %s", (_, over, id, has, hasNot) => {
    const raised = out(over).find((s) => s.id === id)?.hazards ?? [];
    expect(raised).toEqual(expect.arrayContaining([...has]));
    for (const h of hasNot) expect(raised).not.toContain(h);
  });

  it("says the order of the beads as the corners gave it, and holds the pane at the last", () => {
    const steps = out({ system: "timber-bead", beads: BEADS });
    expect(steps.find((s) => s.id === "bead-order")?.does).toContain("left, right, bottom, top");
    expect(steps.find((s) => s.id === "bead-top")?.does).toMatch(/^Last, with a hand on the pane/);
  });
});

describe("any pane of any system", () => {
  const every = SYSTEMS.flatMap((system: System): Over[] => [
    { system },
    { system, damage: ["gone"], storey: 2, lift: 2, front: [...FRONTS], lead: true },
    { system, damage: ["rotten", "putty-falling", "holed"], toughened: true, hinge: "slides", beads: BEADS },
    ...DETAIL_NAMES.flatMap((n) =>
      Object.keys(DETAILS[n].of).map((v): Over => ({ system, detail: { [n]: v } as Partial<Detail>, beads: BEADS })),
    ),
  ]);
  it.each(every.map((over) => [`${over.system} ${JSON.stringify(over.detail ?? over.damage ?? "")}`, over] as const))(
    "%s: reasons, no step twice, guard first, sweep last, hazards that are in the table",
    (_, over) => {
      const f = facts(over);
      for (const steps of [takeoutSteps(f), readySteps(f), setSteps(f), finishSteps(finishing(f))]) {
        expect(new Set(ids(steps)).size).toBe(steps.length);
        for (const s of steps) {
          expect([s.id, s.why.length > 10, s.minutes > 0]).toEqual([s.id, true, true]);
          for (const h of s.hazards ?? []) expect(CAUTION_IDS).toContain(h);
        }
      }
      const all = ids(takeoutSteps(f));
      expect([all[0], all.at(-1)]).toEqual(["sheet", "bag"]);
      expect(all.indexOf("mark")).toBeLessThan(all.findIndex((id) => id === "lift-out" || id === "shards"));
      if (f.lead) for (const s of takeoutSteps(f)) expect(s.does).not.toMatch(/heat|warm/i);
    },
  );
});

describe("setting and finishing in putty", () => {
  it("beds before it presses, sprigs before the face putty", () => {
    const all = ids(setSteps(facts()));
    inOrder(all, ["bed", "pack", "face-check", "press", "sprigs", "face"]);
  });
  it("looks along a putty line only where there is one", () => {
    const looked = (over: Over) => ids(finishSteps(finishing(facts(over)))).includes("sight-line");
    expect(looked({})).toBe(true);
    expect(looked({ system: "metal-frame" })).toBe(true);
    expect(looked({ system: "metal-frame", detail: { metal: "beads" } })).toBe(false);
    expect(looked({ system: "plastic-bead-inside" })).toBe(false);
    expect(looked({ system: "timber-bead" })).toBe(false);
  });
});

describe("cautions stand where the hazard is", () => {
  const h = (over: Partial<Hazards> = {}): Hazards => ({
    damage: ["cracked"],
    buildingYear: 2005,
    leadYear: 1992,
    storey: 0,
    massKg: 5,
    oneLiftsKg: 20,
    twoLiftKg: 50,
    lead: "not-tested",
    ruleSet: "M",
    toughened: false,
    special: [],
    oldPutty: true,
    ...over,
  });
  it.each([
    ["look", {}, ["broken-glass"], ["lead", "ladder"]],
    ["look", { damage: ["misted"] }, [], ["broken-glass"]],
    ["look", { damage: [] }, ["broken-glass"], []],
    ["takeout", { buildingYear: 1991 }, ["lead"], ["asbestos"]],
    ["takeout", { buildingYear: 1992 }, [], ["lead"]],
    ["takeout", { buildingYear: null }, ["lead", "asbestos"], []],
    ["takeout", { buildingYear: 1984 }, ["asbestos"], []],
    ["takeout", { buildingYear: 1984, oldPutty: false }, [], ["asbestos"]],
    ["measure", { storey: 1 }, ["ladder"], []],
    ["set", { massKg: 20 }, [], ["heavy", "too-heavy"]],
    ["set", { massKg: 20.1 }, ["heavy"], ["too-heavy"]],
    ["set", { massKg: 50.1 }, ["too-heavy"], ["heavy"]],
    ["set", { massKg: null }, [], ["heavy", "oil"]],
    ["set", { oil: true }, ["oil"], []],
    ["takeout", { buildingYear: 1950, lead: "none" }, ["asbestos"], ["lead"]],
    ["takeout", { buildingYear: 2005, lead: "found" }, ["lead"], []],
    ["takeout", { toughened: true }, ["toughened-burst"], ["toughened-edge"]],
    ["order", { storey: 3, massKg: 60 }, [], ["ladder", "too-heavy"]],
  ] as const)("%s, %j", (station, over, has, hasNot) => {
    const found = cautionsAt(station, h(over as Partial<Hazards>)).map((c) => c.id);
    expect(found).toEqual(expect.arrayContaining([...has]));
    for (const id of hasNot) expect(found).not.toContain(id);
  });
  it("a step's own are said at the step, and not a second time where they stand at the head", () => {
    const at = (station: "takeout" | "ready") =>
      cautionsOf(["lead", "knives", "toughened-edge"], station, h({ buildingYear: 1950 })).map((c) => c.id);
    expect(at("takeout")).toEqual(["knives"]);
    expect(cautionsOf(["toughened-edge"], "takeout", h({ toughened: true })).map((c) => c.id)).toEqual([
      "toughened-edge",
    ]);
  });
  it("each rule set has its own source for lead", () => {
    const source = (ruleSet: "M" | "F") =>
      cautionsAt("look", h({ buildingYear: null, ruleSet })).find((c) => c.id === "lead")?.source;
    expect(source("M")).toContain("1992");
    expect(source("F")).toContain("1978");
  });
});

describe("the sheet under the work", () => {
  test.each([
    [600, 990, { out: 1000, along: 1600 }],
    [600, 1000, { out: 1000, along: 1600 }],
    [455, 1371, { out: 1400, along: 1900 }],
  ])("%s × %s mm", (width, height, wanted) => expect(sheetFor({ width, height })).toEqual(wanted));

  test("its size is said, and the card of the new pane is used where there is one", () => {
    const [sheet] = out({ size: { width: 600, height: 990 }, cardKept: true });
    expect(sheet?.does).toContain("1000 mm out from the wall and 1600 mm along it");
    expect([sheet?.does, sheet?.tool].join()).toMatch(/card the new pane came in.*delivery card/);
    expect(out()[0]?.does).not.toMatch(/card|\d/);
  });
});
