import { seals, tapes } from "../bed/compound.ts";
import { facePutty, framed, halved, isBeaded, isPlastic, packed, sashLeaves, standsOnPackers } from "../frame/held.ts";
import { frameOf } from "../frame/systems.ts";
import type { ReadyFacts } from "../ready/facts.ts";
import { byMachine } from "../ready/rule.ts";
import { inItsFrame, madeWhole } from "../steps/made-whole.ts";
import type { Step } from "../steps/step.ts";
import { asInsert } from "../steps/whole-insert.ts";
import { fixRules } from "./fix-rules.ts";
import { bonds, opens, type Rule, turns } from "./rule.ts";

const SIDES: readonly string[] = ["left", "right", "bottom", "top"];

/** Getting what is laid by hand ready: rolled, mixed, or the tube opened. */
const WORKED: Readonly<Record<ReadyFacts["workedBy"], Pick<Step, "does" | "why" | "tools">>> = {
  hand: {
    does: "Work the {putty} in your hands to one even roll.",
    why: "Cold {putty} does not stick, and rattles later.",
    tools: ["{putty}"],
  },
  gun: {
    does: "Cut the nozzle to the width of the bed, and run a hand's length on scrap.",
    why: "A nozzle cut too wide floods the sight line; the first of a tube may be thin or lumpy.",
    tools: ["compound", "gun", "knife"],
  },
  mixed: {
    does: "Wrapper off, all of it; mix what you can use in its minutes to one colour, no streaks.",
    why: "A streak never sets, and what is left over is hard before the next side.",
    tools: ["two-part {putty}", "board", "knife"],
  },
  laid: { does: "", why: "" },
  pressed: { does: "", why: "" },
};

/** How a sash that left its opening goes back, by how it moves. */
const BACK: Readonly<Partial<Record<ReadyFacts["hinge"], string>>> = {
  fixed: "Put the sash back in its opening on its tag, held as it was; nothing moves when it is pressed",
  slides: "Lift the sash on to its track on its tag, foot last; roll it shut, latch it",
  hung: "Hook the sash on its cords or balances on its tag; swing it in, the stop goes back, slide it shut, latch it",
};
const BACK_IN_FRONT =
  "Put it back in front on its tag, foot first, held until its fastenings have it: catches, buttons or screws, the bottom ones first";
const BACK_USUAL = "Hang the sash in the opening on its tag; shut it, latch it";

const laid = (f: ReadyFacts): Readonly<Record<ReadyFacts["bed"], Pick<Step, "does" | "why" | "tools">>> => ({
  putty: {
    does: "Run the bed all round the {rebate}, no gaps in the corners.",
    why: "A gap in the bed is where water stands, and the {pane} rattles.",
    tools: ["{putty}", "thumb"],
  },
  silicone: {
    does: `Run one unbroken bead round the ${frameOf(f.system).ledge}, more in the corners, inside the line that you marked.`,
    why: "Leaks start in corners; a bead too far out squeezes into view.",
    tools: ["neutral-cure silicone", "gun"],
  },
  tape: {
    does: "Turn the liner's ends out as tabs you can reach, or mist the tape with glass cleaner.",
    why: "Dry tape grabs at the first touch: tabs or wet let the {pane} slide until it is even.",
    tools: ["glass cleaner"],
  },
  both: {
    does: "Turn the liner's ends out as tabs. Have the gun ready: the bead of sealant goes outside the tape, once the {pane} is in.",
    why: "The tape seats the {pane}; sealant outside it bonds. Laid before, it would squeeze over the tape.",
    tools: ["neutral-cure silicone", "gun"],
  },
  gasket: {
    does: "Look that the gasket lies in its groove all round, corners full, not stretched.",
    why: "A stretched gasket creeps back and opens at a corner.",
    tools: ["soapy water"],
  },
});

/** A sash that is screwed together has its gasket on the glass. */
const ROUND_THE_PANE: Pick<Step, "does" | "why" | "tools"> = {
  does: "Put the gasket round the {pane}, its lip the way it was: corners full, not stretched.",
  why: "A stretched gasket creeps back and opens at a corner.",
  tools: ["soapy water"],
};

/** Where neither rain nor draught comes: behind another door, or between rooms. */
const SHELTERED: Pick<Step, "does" | "why" | "tools"> = {
  does: "Run the bed all round, or dabs at the corners and every 200 mm between them.",
  why: "No weather reaches it here: the bed is only what keeps the {pane} from rattling.",
  tools: ["{putty}", "thumb"],
};

/** Setting, in the order of the work: at hand, packed, tried, bedded, fixed, closed. Each rule says when it belongs. */
const rules = (f: ReadyFacts): readonly Rule[] => [
  {
    id: "to-hand",
    gate: true,
    does: `Before ${seals(f.bed) ? "anything wet is opened" : "its liner is drawn"}: glass clean, stickers off its edge, ${standsOnPackers(f) ? "{packers} and " : ""}helper in reach${seals(f.bed) ? ", masks on" : ""}.`,
    why: seals(f.bed)
      ? "From the first touch there are minutes, and both hands are full."
      : "From the first touch it grabs, and both hands are full.",
    minutes: 3,
    ...(f.lift === 1 ? {} : { people: 2 as const }),
    when: bonds,
  },
  {
    id: "warm",
    ...WORKED[f.workedBy],
    minutes: 2,
    when: (g) => g.bed === "putty",
  },
  {
    id: "bed",
    wet: true,
    ofBed: true,
    needsDry: true,
    afterFit: true,
    ...(f.detail.weather === "sheltered" ? SHELTERED : laid(f).putty),
    ...(f.workedBy === "gun" ? { tools: ["compound", "gun"] as const } : {}),
    minutes: 6,
    alongEdge: true,
    asks: "weather",
    hazards: f.oily ? ["oil"] : [],
    when: (g) => g.bed === "putty",
  },
  {
    id: "pack",
    does: turns(f)
      ? `Put in the {packer} that carries, at the ${f.hinge} foot, and the two below and beside that keep the {pane} where it is.`
      : f.hinge === "slides"
        ? "Put two {packers} below, over the rollers or at the quarter points."
        : "Put two {packers} below, at the marks.",
    why: turns(f)
      ? "A hinged sash hangs like a gate: the {pane} is its strut, from the hinge's foot to the handle's head."
      : "The {pane} stands on them, level, with its gap below.",
    tools: ["{packers}"],
    ...(f.sealed ? { never: "None narrower than the {unit}: it would carry one sheet and shear the seal." } : {}),
    minutes: 3,
    asks: "packers",
    when: packed,
  },
  {
    id: "pack-channel",
    does: "Lay the {packers} in the channel where the map has them, the carrying ones first, clear of the corner screws.",
    why: "Without them the {pane} stands on its edge, and a hinged sash hangs on the glass.",
    tools: ["{packers}"],
    ...(f.sealed ? { never: "None narrower than the {unit}: it would carry one sheet and shear the seal." } : {}),
    minutes: 3,
    asks: "packers",
    when: (g) => frameOf(g.system).packs === "channel",
  },
  {
    id: "face-check",
    gate: true,
    does: bonds(f)
      ? "Look once more before it touches: which face in, which edge up, by the mark you trust."
      : "Look once more: inside face in, top edge up.",
    why:
      f.bed === "gasket"
        ? "Found once all is closed up, the whole of it comes apart again."
        : "After the bed it will not come out whole.",
    tools: ["your mark", "stamp", "coating"],
    minutes: 1,
    asks: "facing",
    when: (g) => !g.staysIn,
  },
  {
    id: "close-dry",
    gate: true,
    photos: ["shut on its packing"],
    does: "Stand the {pane} dry on its packing, taped to the frame; shut the sash and note its four gaps.",
    why: "Packing can still be changed now; once it is bonded the sash keeps whatever shape it has.",
    tools: ["masking tape", "feeler or rule"],
    minutes: 3,
    asks: "gaps",
    when: (g) => opens(g) && packed(g) && !facePutty(g) && bonds(g),
  },
  {
    id: "bed-bond",
    wet: true,
    ofBed: true,
    needsDry: true,
    afterFit: true,
    ...(framed(f) ? ROUND_THE_PANE : laid(f)[f.bed === "putty" ? "gasket" : f.bed]),
    minutes: f.bed === "gasket" ? 2 : 6,
    alongEdge: f.bed !== "gasket",
    hazards: f.bed === "silicone" ? ["solvent"] : [],
    ...(f.bed === "silicone" ? { asks: "open-time" as const } : {}),
    when: (g) => g.bed !== "putty" && !(halved(g) && g.bed === "gasket") && !g.staysIn,
  },
  {
    id: "ring",
    does: "Hold the new {bead} or gasket to the old ring: same width, same groove. Then lay the room half on its face and press it in all round.",
    why: "The pressed {bead} is what seals: an old ring that does not take it leaks at the corners.",
    minutes: 4,
    when: (g) => halved(g) && !bonds(g),
  },
  {
    id: "press",
    needsDry: true,
    does: `${byMachine(f)}${
      f.bed === "putty"
        ? "Set the {pane} on the {packers} and press evenly at the edges, never in the middle, until the bed is even all round."
        : halved(f)
          ? "Stand the {unit} in the outer half, centred, and bring the room half to it."
          : framed(f)
            ? "Slide the {pane} with its gasket into the members, square to them."
            : bonds(f)
              ? "Foot on the {packers} first, then fold it in; slide it even, then press round the edge."
              : "Foot on the {packers} first, then fold it in against the gasket."
    }`,
    why:
      f.bed === "putty"
        ? "Pressed in the middle it bows, springs back, and draws air under the bed."
        : bonds(f)
          ? "It can be moved for moments only: look at the gaps on all four sides first."
          : "Dropped in flat it catches a {packer} and tips it.",
    tools:
      f.lift === 1
        ? ["flat hands"]
        : [...(f.lift === "machine" ? (["lifting machine"] as const) : []), "rated suction cups"],
    minutes: 5,
    ...(f.bed === "putty" ? { photos: ["the bed, from the room"] } : {}),
    ...(f.lift === 1 ? {} : { people: 2 as const }),
    gloves: "on",
    hazards: f.lift === 1 ? [] : ["heavy"],
    when: (g) => !g.staysIn,
  },
  {
    id: "brace",
    does: `Press in the {packer} at the ${f.hinge === "left" ? "right" : "left"} head, by the handle: thick enough to lift the sash square.`,
    why: "It braces the sash across its diagonal. On the other diagonal it drops more.",
    asks: "brace",
    tools: ["{packers}", "glazing paddle"],
    minutes: 4,
    when: (g) => turns(g) && packed(g) && !facePutty(g),
  },
  {
    id: "locate",
    ticks: SIDES,
    does: "Put in the {packers} at the other corners and sides, hand-tight; keep the {bead}'s groove clear.",
    why: "They keep it from shifting. One in the groove lets no {bead} home.",
    tools: ["{packers}"],
    minutes: 3,
    asks: "groove",
    when: (g) => isBeaded(g) && packed(g),
  },
  {
    id: "close-dry",
    gate: true,
    photos: ["shut on its packing"],
    does: "Tape the {pane} to the frame, shut the sash on its packing and note its four gaps.",
    why: "Packing can still be changed now; with the {beads} home all of them come out again for it.",
    tools: ["masking tape", "feeler or rule"],
    minutes: 3,
    asks: "gaps",
    when: (g) => opens(g) && packed(g) && !facePutty(g) && !bonds(g),
  },
  {
    id: "commit",
    does:
      f.bed === "tape"
        ? `Look at the four gaps${f.hinge === "fixed" ? "" : " and try the latch"} once more; slide it now if it must move.`
        : `Look at the four gaps${f.hinge === "fixed" ? "" : " and try the latch"} once more, then press home all round.`,
    why:
      f.bed === "tape"
        ? "On its liner or on wet tape it still slides; once the liner is out it does not."
        : "Until the sealant skins it still gives; after this it stays as it is.",
    minutes: 3,
    asks: "gaps",
    when: (g) => bonds(g) && !halved(g),
  },
  {
    id: "scraps",
    does: "Draw out every liner tab whole and count the scraps, then press home all round.",
    why: "A tab torn off inside is a leak: it comes out, or the {pane} does. One that cannot be reached is written down.",
    minutes: 3,
    asks: "scraps",
    when: (g) => tapes(g.bed),
  },
  {
    id: "bond-line",
    wet: true,
    does: "Now run the sealant outside the tape, one unbroken bead, corners first, and tool it to the line.",
    why: "The tape holds the {pane} still while the sealant bonds it; a gap at a corner is a leak.",
    tools: ["neutral-cure silicone", "gun"],
    minutes: 8,
    alongEdge: true,
    hazards: ["solvent"],
    when: (g) => g.bed === "both",
  },
  ...fixRules(f),
  {
    id: "outer-line",
    does: "A thin line of sealant round the outside, if the customer likes the look: else leave it.",
    why: "The pressed {bead} seals already; this one only pleases the eye.",
    tools: ["neutral-cure silicone", "gun"],
    minutes: 8,
    alongEdge: true,
    hazards: ["solvent"],
    when: (g) => halved(g) && g.bed === "gasket",
  },
  {
    id: "rehang",
    does: `${frameOf(f.system).inFront ? BACK_IN_FRONT : (BACK[f.hinge] ?? BACK_USUAL)}, look along its gaps.`,
    why: "In its neighbour's opening it binds, and nobody knows why.",
    minutes: 10,
    asks: "tags",
    ...(f.lift === 1 ? {} : { people: 2 as const }),
    hazards: f.hinge === "hung" ? ["spring-balance"] : [],
    when: sashLeaves,
  },
  {
    id: "tray",
    does: "Look in the tray: nothing that came out is left over, and nothing lies behind the glass.",
    why: "What is left behind the glass is there for good.",
    minutes: 2,
    when: (g) => isPlastic(g) || tapes(g.bed),
  },
];

/** The steps of setting this pane; none where the sash cannot be opened. */
export function setSteps(f: ReadyFacts): readonly Step[] {
  const whole = madeWhole(f);
  if (whole) return inItsFrame(whole);
  if (f.closed) return [];
  const steps = rules(f).flatMap(({ when, ...step }) => (when(f) ? [step] : []));
  return f.whole === "insert" ? asInsert(steps, f.bed) : steps;
}
