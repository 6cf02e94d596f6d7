import { describe, expect, it } from "vitest";
import { BEADS, ids, inOrder, type Over, out } from "../../../tests/support/step-facts.ts";
import type { Step } from "../steps/step.ts";

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
      "shattered in a groove shut all round: what is loose is drawn, the rest leaves once a member is off",
      { system: "plastic-no-bead", damage: ["standing"], glassFirst: true },
      ["release", "shards", "corner-screws", "sash-member", "lift-out"],
      [],
    ],
    [
      "the same of a storm pane, down from its place",
      { system: "in-front", damage: ["standing"], glassFirst: true },
      ["front-fastenings", "release", "shards", "corner-screws", "sash-member", "lift-out"],
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
    expect(steps.find((s) => s.id === "bead-top")?.does).toMatch(/^Last, with a hand on the \{pane\}/);
  });
});
