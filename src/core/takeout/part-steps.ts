import { facePutty, isMetal, sprigged } from "../frame/held.ts";
import type { PartKind } from "../frame/part.ts";
import { frameOf } from "../frame/systems.ts";
import type { Step } from "../steps/step.ts";
import type { StepId } from "../steps/step-id.ts";
import type { Tool } from "../steps/tool.ts";
import type { Template } from "../text/template.ts";
import { beadSteps } from "./bead-steps.ts";
import { bondSteps } from "./bond-steps.ts";
import { brokenUp, isGone, type StepFacts } from "./facts.ts";
import { FRONT_FACTS } from "./front-steps.ts";
import { glassSteps } from "./glass-steps.ts";
import { screwSteps } from "./screw-steps.ts";

/** What it takes to get one part off, in order. Adding a kind of part means adding its steps here. */
export function stepsOfPart(kind: PartKind, f: StepFacts): readonly Step[] {
  switch (kind) {
    case "front":
      return f.front.map(
        (front): Step => ({
          id: `front-${front}`,
          does: `Take off the ${FRONT_FACTS[front].name}, and say where it is put.`,
          why: FRONT_FACTS[front].minds,
          minutes: 5,
        }),
      );
    case "release":
      return [release(f)];
    case "paint-line":
      return [
        {
          id: "score-paint",
          does: facePutty(f)
            ? `Cut the paint line between {putty} and ${isMetal(f) ? "frame" : "timber"}, and between {putty} and glass.`
            : "Cut the paint line along every {bead}, at both edges and in the corners.",
          why: sprigged(f)
            ? "Uncut paint tears the timber's edge away with the {putty}."
            : "Uncut paint tears the face of what stays, and snaps what is lifted.",
          tools: ["sharp knife"],
          minutes: 5,
          alongEdge: true,
          asks: "length",
          hazards: ["knives", ...(f.lead ? (["lead"] as const) : [])],
        },
      ];
    case "face-putty":
      return puttySteps(f);
    case "sprigs":
      return [
        {
          id: "probe",
          does: "Probe along the {rebate} with a thin blade for {sprigs} under what is left of the {putty}.",
          why: "They hide under the hard part, and the {pane} breaks on the one that was missed.",
          tools: ["thin blade"],
          minutes: 2,
          alongEdge: true,
        },
        {
          id: "sprigs",
          does: "Draw every {sprig}, and count them.",
          why: "One left behind cracks the {pane} as it comes out, or the new one as it goes in.",
          tools: ["pincers"],
          minutes: 4,
          asks: "sprigs",
        },
      ];
    case "clips":
      return [
        {
          id: "clips",
          does: "Draw the clips or pegs out of their holes, and count them.",
          why: "Each hole takes its own clip again; a missing one lets the {pane} rattle.",
          tools: ["pincers"],
          minutes: 5,
          asks: "sprigs",
        },
      ];
    case "channel":
      return [
        {
          id: "channel",
          does: "Look for a screen channel or trim over the stops; if there is one, take it off first.",
          why: "Stops levered under a channel split.",
          tools: ["screwdriver", "flat bar"],
          minutes: 4,
        },
      ];
    case "outer-gasket":
      return [
        {
          id: "outer-gasket",
          does: "Draw the outer gasket out from a corner, and note which way its lip lies.",
          why: "Put back the other way round it lets water in behind the glass.",
          tools: ["hook", "soapy water"],
          photos: ["which way its lip lies"],
          minutes: 5,
        },
        {
          id: "push-out",
          does: "From the room, press the {pane} outward a little at each edge, until the {beads} are slack.",
          why: "With the outer gasket gone the {pane} can move, and the {beads} let go.",
          tools: ["flat hands"],
          never:
            f.damage.includes("cracked") || brokenUp(f)
              ? "Not on the crack: press near the frame."
              : "Never in the middle.",
          minutes: 3,
          gloves: "on",
        },
      ];
    case "wedge-gasket":
      return [
        {
          id: "wedge-gasket",
          does: "Draw the wedge gasket out on the room side, starting at a corner, and note which way its lip lies.",
          why: "It keeps the {pane} tight: until it is out no {bead} moves.",
          tools: ["hook", "soapy water"],
          photos: ["which way its lip lies"],
          minutes: 5,
        },
      ];
    case "plugs":
    case "caulk-line":
    case "corner-screws":
    case "cassette-screws":
    case "front-fastenings":
    case "cassette-half":
    case "sash-members":
      return screwSteps(kind, f);
    case "mouldings":
    case "beads":
      return beadSteps(kind, f);
    case "bond":
      return bondSteps(f);
    case "glass":
      return glassSteps(f);
    case "packers":
      return [
        {
          id: "packers-map",
          does: "Put every {packer} on the map: edge, place, thickness, width.",
          why: isGone(f)
            ? "They still lie where they carried it; the new {pane} wants the same, or better."
            : "They show how the old {pane} was carried, and whether that was right.",
          minutes: 3,
          asks: "packers",
        },
      ];
    case "bed":
      return [bedStep(f)];
  }
}

/** What may still hold a sash that is to come down, by how it hangs. */
const HELD_USUAL: readonly string[] = ["catches", "painted-over screws", "screws added later"];
const HELD: Readonly<Partial<Record<StepFacts["hinge"], readonly string[]>>> = {
  hung: ["tilt tabs", "cords or cables", "painted-over screws", "screws added later"],
  slides: ["catches", "anti-lift block", "screws added later"],
};

function release(f: StepFacts): Step {
  const how =
    f.hinge === "hung"
      ? "Tilt or lift the sash out; let down cords and springs slowly, never let go of them."
      : f.hinge === "slides"
        ? "Wind its rollers down or up as they are made, lift it into the head and swing the foot out of its track."
        : f.hinge === "fixed"
          ? "Look once more whether this light comes down at all: a fixed one is worked where it stands."
          : frameOf(f.system).inFront
            ? "Lift it down, held at both sides."
            : "Free the stays and hinges, one person at the hinge edge and one at the handle.";
  return {
    id: "release",
    does: how,
    why: "Whatever still holds it bends or snaps when it is forced: twice is enough, then look again for what holds it.",
    asks: "held",
    ticks: HELD[f.hinge] ?? HELD_USUAL,
    tools: ["screwdriver", "blanket on the bench"],
    minutes: 10,
    ...(f.lift === 1 && (f.hinge === "slides" || f.hinge === "hung" || frameOf(f.system).inFront)
      ? {}
      : { people: 2 as const }),
    hazards: [
      ...(f.hinge === "hung" ? (["spring-balance"] as const) : []),
      ...((f.storey ?? 0) > 0 ? (["ladder"] as const) : []),
    ],
  };
}

function puttySteps(f: StepFacts): readonly Step[] {
  const metal = isMetal(f);
  const falls = f.damage.includes("putty-falling") || f.detail.old === "falls";
  const steps: (Step | false)[] = [
    falls && {
      id: "loose-putty",
      does: "Lift off the {putty} that already gives, along the {rebate}, not into it.",
      why: `The loose part shows how hard the rest is, and costs no ${metal ? "coating" : "timber"}.`,
      tools: ["putty knife"],
      minutes: 5,
    },
    {
      id: "face-putty",
      does: metal
        ? "Break out the compound, the blade flat on the metal."
        : "Break out the face {putty}, chisel flat on the {rebate}.",
      why: metal
        ? "A gouge through the coating rusts under the new bed."
        : "Tilted, the chisel eats the {rebate}, and the new {pane} has nothing to lie on.",
      tools:
        f.detail.old === "soft" || falls
          ? ["narrow chisel", "putty knife"]
          : ["hacking knife or narrow chisel", "hammer"],
      never: "No heat gun beside glass that stays, and none where paint may hold lead.",
      minutes: falls ? 15 : f.detail.old === "soft" ? 20 : 40,
      alongEdge: true,
      ...(metal ? {} : { photos: ["timber that came away"] }),
      variant: falls ? "falls" : f.detail.old,
      hazards: ["knives", "dust", "asbestos", ...(f.lead ? (["lead"] as const) : [])],
    },
  ];
  return steps.filter((s) => s !== false);
}

/** A step about the old bed: its id, what it does, why, and with what. */
type BedWords = readonly [id: StepId, does: Template, why: Template, tools: readonly Tool[]];

function bedStep(f: StepFacts): Step {
  const by: Readonly<Record<StepFacts["detail"]["bond"], BedWords>> = {
    putty: [
      "bed-putty",
      "Scrape the old bed off the {rebate}.",
      "A lump left behind lifts the new {pane} and cracks it.",
      ["chisel", "scraper"],
    ],
    silicone: [
      "bed-sealant",
      "Scrape the old sealant off the leg and the frame.",
      "New sealant does not stick to old.",
      ["plastic scraper", "remover"],
    ],
    tape: [
      "bed-tape",
      "Roll or scrape the old tape off the leg.",
      "A lump of old tape lifts the new {pane}, and it fails there.",
      ["scraper", "eraser wheel"],
    ],
    gasket: ["bed-gasket", "Wipe the groove and the leg clean.", "Grit under a gasket is a leak.", ["damp cloth"]],
  };
  const bedWords = by[frameOf(f.system).oldBond(f.detail)];
  return {
    id: bedWords[0],
    does: bedWords[1],
    why: bedWords[2],
    tools: bedWords[3],
    minutes: 8,
    hazards: f.detail.bond === "silicone" ? ["solvent"] : ["knives"],
  };
}
