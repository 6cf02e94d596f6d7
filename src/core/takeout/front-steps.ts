import { sashLeaves } from "../frame/held.ts";
import { directionsOf, outOfReach } from "../frame/which-system.ts";
import type { Step } from "../steps/step.ts";
import type { Template } from "../text/template.ts";
import type { Mm } from "../units/length.ts";
import { facesInReach } from "./faces.ts";
import { brokenUp, type Front, inOnePiece, isGone, type StepFacts } from "./facts.ts";

/** What each thing in front is called, and what to mind when it comes off. */
export const FRONT_FACTS: Readonly<Record<Front, { readonly name: Template; readonly minds: Template }>> = {
  "storm-pane": {
    name: "storm pane",
    minds: "Catches or turn-buttons first, then lift: it may be worth more than the {pane} behind it.",
  },
  screen: { name: "screen", minds: "Springs or tabs; one stuck with paint is cut free along its edge, not pulled." },
  blind: { name: "blind", minds: "Off its brackets and rolled; note which way it hung." },
  grille: { name: "grille", minds: "Screws from the room side; keep them in a bag with its name." },
  trim: { name: "trim over the {beads}", minds: "Cut the paint line, lever near its nails, keep it flat." },
  "curtain-rail": { name: "curtain or rail", minds: "Out of the way of knives and dust." },
};

/**
 * How far shards travel: as far as they fall, out from the wall and half as far to each side. Rounded up to 100 mm.
 * @example a pane of 600 × 990 // 1000 out from the wall, 1600 along it
 */
export function sheetFor(pane: { readonly width: Mm; readonly height: Mm }): {
  readonly out: number;
  readonly along: number;
} {
  const up = (mm: Mm): number => Math.ceil(mm / 100 - 1e-9) * 100;
  return { out: up(pane.height), along: up(pane.width + pane.height) };
}

function sheetWords(f: StepFacts): Template {
  if (!f.size) return "Lay a drop sheet inside and out, as far from the wall as the {pane} is high.";
  const { out, along } = sheetFor(f.size);
  return `Lay a drop sheet inside and out: at least ${out} mm out from the wall, and at least ${along} mm along it.`;
}

/** Before anything is touched: the ground guarded, and the faces that are needed within reach. */
export function guardSteps(f: StepFacts): readonly Step[] {
  const blocked = outOfReach(directionsOf(f.system, f.side, f.detail.bond !== "gasket"), f.detail.reach);
  const steps: (Step | false)[] = [
    {
      id: "sheet",
      does: `${sheetWords(f)}${f.cardKept ? " Lean the card the new {pane} came in on the wall below: shards slide off it." : ""}`,
      why: f.acrylic ? "Scraps and tools land on it, and not on the floor." : "Shards travel as far as they fall.",
      tools: f.cardKept ? ["drop sheet", "delivery card"] : ["drop sheet"],
      minutes: 4,
      hazards: f.acrylic ? [] : ["broken-glass"],
    },
    f.detail.where !== "bench" &&
      blocked.length > 0 && {
        id: "reach-face",
        does: `Get to the ${blocked[0] === "inside" ? "room side" : "outside"}: ${
          blocked[0] === "inside" ? "clear what stands before it" : "a tower or a ladder with a stabiliser"
        }, or take the sash down to a bench.`,
        why: "The work needs that face, and half open is no time to find that you cannot get there.",
        tools: blocked[0] === "inside" ? ["blanket", "a second pair of hands"] : ["tower or trestles"],
        minutes: 10,
        hazards: blocked[0] === "outside" ? ["ladder"] : [],
      },
    (f.storey ?? 0) > 0 && {
      id: "clear-below",
      does: "Fence off the ground below.",
      why: "Whatever falls, falls on somebody's path.",
      tools: ["tape or a board"],
      minutes: 5,
      hazards: ["ladder"],
    },
  ];
  return steps.filter((s) => s !== false);
}

/** Once nothing stands before it: broken glass taped, what goes back marked. */
export function markSteps(f: StepFacts): readonly Step[] {
  const faces = facesInReach(f);
  const steps: (Step | false)[] = [
    !isGone(f) &&
      !f.staysIn &&
      !f.oldGlassBack &&
      !f.acrylic && {
        id: "tape-glass",
        uses: [{ what: "paper tape", unit: "m", diagonals: 2 * faces.length }],
        does:
          faces.length === 2
            ? "Tape both faces of the glass with crosses."
            : `Tape the ${faces.join()} of the glass with crosses: the other cannot be reached.`,
        why: f.damage.includes("holed")
          ? "A holed {pane} can fall apart even taped: hold it, and take the loose shards out first."
          : brokenUp(f) || f.damage.includes("cracked")
            ? "What comes apart along its cracks leaves as one skin, and not piece by piece."
            : "Whole glass breaks too when it is prised: taped, it leaves as one skin.",
        tools: ["paper tape"],
        minutes: 2 * faces.length,
        gloves: "on",
        asks: "faces",
        ticks: faces,
        hazards: ["broken-glass"],
      },
    (!isGone(f) || sashLeaves(f)) && {
      id: "mark",
      does: isGone(f)
        ? "Mark the sash: which face is in the room, which edge is up."
        : "Mark the inside face and the top edge, before anything moves.",
      why: "A {pane} or sash turned on the bench looks the same both ways.",
      tools: ["wax pencil"],
      minutes: 1,
      photos: ["the room face, marked"],
      asks: "marks",
    },
    sashLeaves(f) && {
      id: "tag",
      does: "Tag the sash with its opening, inside and up.",
      why: "Two like sashes get swapped, and then both bind.",
      tools: ["printed tag"],
      minutes: 1,
      asks: "tags",
    },
  ];
  return steps.filter((s) => s !== false);
}

/** After the glass is out: count, see where water ran, close and sweep. */
export function afterSteps(f: StepFacts): readonly Step[] {
  const steps: (Step | false)[] = [
    {
      id: "water",
      does: "Look where water has run, and where the frame lets it out.",
      why: "A frame that stays wet lets the next seal go as well.",
      tools: ["torch"],
      minutes: 2,
      photos: ["where water ran"],
      asks: "water",
    },
    !f.staysIn && {
      id: "bag",
      does: f.oldGlassBack
        ? "Stand the glass on felt against a wall, its mark to you, away from feet; sweep, and look at your soles."
        : inOnePiece(f)
          ? "Carry the old {pane} off on its edge, bag what broke, sweep, and look at your soles."
          : "Bag the glass, sweep, and look at your soles.",
      why: f.oldGlassBack
        ? "It goes back: a chip from a bare floor is where it cracks."
        : "Nobody should find your work with a foot.",
      tools: f.oldGlassBack ? ["felt or card", "brush", "vacuum"] : ["rubble bag", "brush", "vacuum"],
      minutes: brokenUp(f) ? 10 : 6,
      gloves: "on",
      hazards: [
        ...(f.acrylic ? [] : (["broken-glass"] as const)),
        ...(f.toughened ? (["toughened-burst"] as const) : []),
      ],
    },
  ];
  return steps.filter((s) => s !== false);
}
