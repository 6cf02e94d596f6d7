import { describe, expect, it } from "vitest";
import { BEADS, facts, finishing, ids, inOrder, type Over } from "../../../tests/support/step-facts.ts";
import { finishSteps } from "../finish/steps.ts";
import { DETAIL_NAMES, DETAILS } from "../frame/detail.ts";
import { SYSTEMS } from "../frame/systems.ts";
import { type InspectionFacts, inspectionLook, inspectionOf } from "../signoff/inspection.ts";
import type { Step } from "../steps/step.ts";
import { setSteps } from "./steps.ts";

const set = (over: Over = {}): readonly Step[] => setSteps(facts(over));
const has = (all: readonly string[], wanted: readonly string[], not: readonly string[]): void => {
  inOrder(all, wanted);
  for (const id of not) expect([id, all.includes(id)]).toEqual([id, false]);
};

describe("setting", () => {
  it.each<[string, Over, readonly string[], readonly string[]]>([
    // What it is, what must stand there in this order, what must not.
    [
      "face putty",
      {},
      ["warm", "bed", "pack", "face-check", "press", "sprigs", "face", "trim"],
      ["bed-bond", "beads-back", "commit", "close-dry", "brace"],
    ],
    [
      "timber beads in sealant",
      { system: "timber-bead", detail: { bond: "silicone" }, beads: BEADS },
      ["to-hand", "pack", "face-check", "bed-bond", "press", "locate", "commit", "beads-back", "pins"],
      ["sprigs", "face", "wedge-back"],
    ],
    [
      "timber beads bedded in putty",
      { system: "timber-bead", bed: "putty" },
      ["warm", "bed", "pack", "press", "beads-back", "pins"],
      ["commit", "face"],
    ],
    [
      "plastic, beads inside, hinged left",
      { system: "plastic-bead-inside", sealed: true, hinge: "left" },
      ["pack", "face-check", "press", "brace", "locate", "close-dry", "beads-back", "wedge-back", "tray"],
      ["to-hand", "commit", "pins", "scraps"],
    ],
    [
      "plastic, beads inside, fixed",
      { system: "plastic-bead-inside", sealed: true, hinge: "fixed" },
      ["pack", "press", "locate"],
      ["close-dry", "brace"],
    ],
    [
      "outer gasket first",
      { system: "plastic-bead-inside", detail: { gasket: "outer" } },
      ["beads-back", "outer-back"],
      ["wedge-back"],
    ],
    [
      "plastic, beads outside, on tape",
      { system: "plastic-bead-outside", sealed: true },
      ["to-hand", "pack", "bed-bond", "press", "commit", "scraps", "beads-back", "tray"],
      ["pins", "wedge-back"],
    ],
    [
      "no beads: the sash screwed together",
      { system: "plastic-no-bead", sealed: true },
      ["pack-channel", "face-check", "bed-bond", "press", "member-back", "corner-screws-back", "rehang", "tray"],
      ["pack", "beads-back", "sprigs"],
    ],
    [
      "clad, pinned stops",
      { system: "pinned-stop", sealed: true },
      ["bed-bond", "press", "commit", "beads-back", "pins", "channel-back"],
      ["sprigs", "tray"],
    ],
    [
      "cassette",
      { system: "cassette", sealed: true },
      ["to-hand", "bed-bond", "press", "screws-loose", "screws-round", "plugs-back", "tray"],
      ["pack", "beads-back", "ring", "rehang", "commit", "scraps", "outer-line"],
    ],
    [
      "cassette on tape: the liner is out before it is screwed",
      { system: "cassette", sealed: true, detail: { bond: "tape" } },
      ["bed-bond", "press", "scraps", "screws-loose"],
      ["ring", "commit"],
    ],
    [
      "cassette on its own gasket: a line outside is for looks",
      { system: "cassette", sealed: true, detail: { bond: "gasket" } },
      ["ring", "screws-round", "plugs-back", "outer-line", "tray"],
      ["commit", "to-hand"],
    ],
    [
      "packed anew: the glass stays where it is",
      { system: "plastic-bead-inside", sealed: true, hinge: "left", staysIn: true, oldGlassBack: true },
      ["pack", "brace", "locate", "close-dry", "beads-back", "wedge-back"],
      ["face-check", "press", "bed-bond", "commit"],
    ],
    [
      "sprung mouldings on tape",
      { system: "compression-moulding", sealed: true },
      ["bed-bond", "press", "commit", "scraps", "mouldings-back"],
      ["pins", "sprigs"],
    ],
    [
      "steel in compound",
      { system: "metal-frame", bed: "putty" },
      ["bed", "press", "clips-back", "face", "trim"],
      ["sprigs", "beads-back"],
    ],
    [
      "aluminium with beads",
      { system: "metal-frame", bed: "gasket", detail: { metal: "beads" } },
      ["bed-bond", "press", "beads-back", "wedge-back"],
      ["face", "clips-back", "outer-back"],
    ],
    [
      "aluminium with beads, outer gasket first",
      { system: "metal-frame", bed: "gasket", detail: { metal: "beads", gasket: "outer" } },
      ["beads-back", "outer-back"],
      ["wedge-back"],
    ],
    [
      "storm pane",
      { system: "in-front" },
      ["press", "member-back", "corner-screws-back", "rehang"],
      ["pack", "scraps", "tray"],
    ],
    ["on the bench", { system: "timber-bead", detail: { where: "bench" } }, ["beads-back", "rehang"], []],
    ["welded shut", { closed: true }, [], ["face-check", "press"]],
  ])("%s", (_, over, wanted, not) => has(ids(set(over)), wanted, not));

  it.each<[string, Over, string, Partial<Step>]>([
    ["two for a heavy one", { lift: 2, system: "plastic-bead-outside" }, "press", { people: 2 }],
    [
      "carried at the hinge's foot",
      { system: "plastic-bead-inside", hinge: "right" },
      "pack",
      {
        does: "Put in the {packer} that carries, at the right foot, and the two below and beside that keep the {pane} where it is.",
      },
    ],
    [
      "braced at the handle's head",
      { system: "plastic-bead-inside", hinge: "right" },
      "brace",
      { does: "Press in the {packer} at the left head, by the handle: thick enough to lift the sash square." },
    ],
    [
      "wide enough for both sheets",
      { system: "plastic-bead-inside", sealed: true },
      "pack",
      { never: "None narrower than the {unit}: it would carry one sheet and shear the seal." },
    ],
    [
      "beads in the reverse of their way out",
      { system: "timber-bead", beads: BEADS },
      "beads-back",
      { does: "The {beads} go back top, bottom, right, left: ends tapped home first, the middle last." },
    ],
    [
      "no blow toward toughened",
      { system: "timber-bead", toughened: true },
      "beads-back",
      { never: "No blow toward the edge of {toughened} glass." },
    ],
    [
      "every tab drawn out",
      { system: "compression-moulding" },
      "scraps",
      {
        why: "A tab torn off inside is a leak: it comes out, or the {pane} does. One that cannot be reached is written down.",
      },
    ],
    [
      "dabs behind another door",
      { detail: { weather: "sheltered" } },
      "bed",
      { why: "No weather reaches it here: the bed is only what keeps the {pane} from rattling." },
    ],
    [
      "the full bed where weather reaches it",
      {},
      "bed",
      { does: "Run the bed all round the {rebate}, no gaps in the corners." },
    ],
    [
      "a brittle bead has a spare by it",
      {
        system: "plastic-bead-inside",
        profile: { profile: "", unhooks: null, gave: null, tape: null, brittle: true, lesson: "" },
      },
      "beads-back",
      { tools: ["plastic mallet", "soapy water", "warm water", "spare {bead}"] },
    ],
  ])("%s", (_, over, id, expected) => expect(set(over).find((s) => s.id === id)).toMatchObject(expected));
});

describe("stops in the leaf of a door, in sealant", () => {
  const over: Over = { system: "timber-bead", detail: { bond: "silicone" }, hinge: "left", leaf: true };
  const compound = { handsOffHours: 48, leastDays: null };
  const done = finishSteps(finishing(facts(over), { compound }));
  const does = (id: string) => done.find((s) => s.id === id)?.does;
  it("is shut softly, and not kept shut", () => {
    expect(does("latch-shut")).toBe("Mark the door: shut it softly, and never slam it, for 48 hours.");
    expect(does("tell")).toMatch(/^Tell the customer how long it is shut softly/);
  });
  it("a sash is latched", () => {
    const sash = finishSteps(finishing(facts({ ...over, leaf: false }), { compound }));
    expect(sash.find((s) => s.id === "latch-shut")?.does).toBe("Latch the sash and mark it: do not open for 48 hours.");
  });
});

describe("a rebate for face putty, its pane set in sealant", () => {
  const over: Over = { bed: "silicone" };
  const compound = { handsOffHours: 48, leastDays: null };
  const told = [...set(over), ...finishSteps(finishing(facts(over), { compound }))];
  it("speaks of sealant, and of putty only as what never goes over it", () => {
    expect(told.filter((s) => /putty/i.test(`${s.does} ${s.why}`))).toEqual([]);
    expect(told.flatMap((s) => (s.never && /putty/.test(s.never) ? [s.id] : []))).toEqual(["face"]);
    expect(told.find((s) => s.id === "sight-line")?.does).toBe("Look along the sealant from both sides.");
    expect(told.find((s) => s.id === "sill-clean")?.why).toMatch(/^Sealant on a \{sill\}/);
  });
  it("and of putty where it is that", () => {
    const putty = finishSteps(finishing(facts(), {}));
    expect(putty.find((s) => s.id === "sill-clean")?.why).toMatch(/^\{Putty\} on a \{sill\}/);
  });
});

describe("finishing", () => {
  const finish = (over: Over = {}, more: Parameters<typeof finishing>[1] = {}) =>
    ids(finishSteps(finishing(facts(over), more)));
  it.each<[string, readonly string[], readonly string[], readonly string[]]>([
    ["putty", finish(), ["sight-line", "clean", "tell", "paint"], ["surplus", "latch-shut", "touch-up"]],
    [
      "putty that is not painted",
      finish({}, { compound: { handsOffHours: 1, leastDays: null } }),
      ["clean"],
      ["paint"],
    ],
    [
      "timber beads in silicone",
      finish({ system: "timber-bead", detail: { bond: "silicone" } }),
      ["surplus", "unmask", "clean", "fill-nails", "latch-shut", "tell", "touch-up"],
      ["paint", "sight-line"],
    ],
    [
      "fixed light in silicone",
      finish({ system: "timber-bead", detail: { bond: "silicone" }, hinge: "fixed" }),
      ["surplus"],
      ["latch-shut"],
    ],
    ["plastic", finish({ system: "plastic-bead-inside" }), ["clean", "tell"], ["paint", "surplus", "fill-nails"]],
    ["cassette with sealant", finish({ system: "cassette" }), ["surplus", "unmask", "latch-shut"], ["touch-up"]],
    ["a new lock", finish({ renews: ["lock"] }), ["tell", "hardware-new", "paint"], []],
    ["a blind goes back", finish({}, { frontsBack: 1 }), ["tell", "fronts-back", "paint"], []],
    ["welded shut", finish({ closed: true }), [], ["clean"]],
  ])("%s", (_, all, wanted, not) => has(all, wanted, not));
});

describe("signing off", () => {
  const look = (over: Over = {}, more: Partial<InspectionFacts> = {}) =>
    inspectionOf({
      ...facts(over),
      minds: "",
      stamp: "",
      coated: false,
      paints: true,
      painted: true,
      staysShut: false,
      cures: true,
      ...more,
    }).map((i) => i.id);
  it.each<[string, readonly string[], readonly string[], readonly string[]]>([
    [
      "putty",
      look(),
      ["still", "gaps", "bed-line", "sight-line", "paint-lap", "opens", "clean", "told"],
      ["gasket", "screws", "cavity", "own-opening"],
    ],
    [
      "plastic, a unit",
      look({ system: "plastic-bead-inside", sealed: true }, { paints: false }),
      ["bead-ends", "gasket", "drains", "cavity"],
      ["sight-line", "paint-lap", "pins"],
    ],
    ["cassette", look({ system: "cassette", sealed: true }), ["screws", "cavity", "told"], ["drains", "sight-line"]],
    ["pinned stops", look({ system: "pinned-stop", sealed: true }), ["bead-ends", "pins"], ["screws"]],
    ["safety glass, coated", look({ marked: true }, { coated: true }), ["coating", "mark"], []],
    ["a sash that was taken down", look({ detail: { where: "bench" } }), ["own-opening"], []],
    ["a fixed light", look({ hinge: "fixed" }), ["still"], ["opens"]],
    [
      "what was minded, and a stamp",
      look({}, { minds: "rattle", stamp: "{toughened}" }),
      ["minded", "stamp", "told"],
      [],
    ],
  ])("%s", (_, all, wanted, not) => has(all, wanted, not));
  it("every system with every choice has steps without a twin, and the logbook has a word for every look", () => {
    for (const system of SYSTEMS)
      for (const name of DETAIL_NAMES)
        for (const value of Object.keys(DETAILS[name].of)) {
          const f = facts({ system, detail: { [name]: value } });
          for (const steps of [setSteps(f), finishSteps(finishing(f))]) {
            expect(steps.length).toBeGreaterThan(0);
            expect(new Set(ids(steps)).size).toBe(steps.length);
          }
          for (const i of inspectionOf({
            ...f,
            minds: "x",
            stamp: "x",
            coated: true,
            paints: true,
            painted: true,
            staysShut: true,
            cures: true,
          }))
            expect(inspectionLook(i.id)).not.toBe(i.id);
        }
  });
});

describe("what sealant is laid on is named as the frame has it", () => {
  it.each([
    ["timber-bead", "{rebate}"],
    ["pinned-stop", "{rebate}"],
    ["plastic-bead-outside", "leg"],
    ["metal-frame", "leg"],
  ] as const)("%s: the %s", (system, ledge) => {
    const bead = set({ system, bed: "silicone" }).find((s) => s.id === "bed-bond");
    expect(bead?.does).toBe(
      `Run one unbroken bead round the ${ledge}, more in the corners, inside the line that you marked.`,
    );
  });
});

describe("a sash that left its opening goes back as it moves", () => {
  it.each([
    ["fixed", /^Put the sash back in its opening .* look along its gaps\.$/, false],
    ["left", /^Hang the sash in the opening .* latch it, look along its gaps\.$/, false],
    ["slides", /^Lift the sash on to its track/, false],
    // Cords and springs are what a hung sash has; rollers have neither.
    ["hung", /^Hook the sash on its cords or balances/, true],
  ] as const)("%s", (hinge, does, springs) => {
    const back = setSteps(facts({ system: "plastic-no-bead", hinge })).find((s) => s.id === "rehang");
    expect(back?.does).toMatch(does);
    expect(back?.hazards?.includes("spring-balance") ?? false).toBe(springs);
  });
  it("and a storm pane goes back in front, held until its fastenings have it", () =>
    expect(setSteps(facts({ system: "in-front" })).find((s) => s.id === "rehang")?.does).toMatch(
      /^Put it back in front on its tag, foot first/,
    ));
});
