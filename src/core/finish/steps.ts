import { lineOf, seals } from "../bed/compound.ts";
import { facePutty, isTimber, pinned } from "../frame/held.ts";
import { frameOf } from "../frame/systems.ts";
import type { ReadyFacts } from "../ready/facts.ts";
import { type SashGain, takenText } from "../specify/sash-gain.ts";
import { afterWhole, madeWhole } from "../steps/made-whole.ts";
import type { Step } from "../steps/step.ts";
import { facesInReach } from "../takeout/faces.ts";
import { atBench } from "../takeout/facts.ts";
import { capital } from "../text/capital.ts";

/** What finishing follows from: the pane, and what it was set in. */
export type FinishFacts = ReadyFacts & {
  readonly compound: { readonly handsOffHours: number; readonly leastDays: number | null };
  /** What stood in front and goes back. */
  readonly frontsBack: number;
  /** What a sash that slides up and down weighs more with its new glass; null where it hangs as before. */
  readonly gains: SashGain | null;
};

type Rule = Step & { readonly when: (f: FinishFacts) => boolean };

const putty = (f: FinishFacts): boolean => facePutty(f);
/** A slope outside that waits for its paint. */
const painted = (f: FinishFacts): boolean => putty(f) && f.compound.leastDays !== null;
const wet = (f: FinishFacts): boolean => seals(f.bed);

/** @example gains 4.46 kg // "Hang 2.23 kg more on each cord, or set springs that lift so much more: …" */
function rebalance({ kg }: SashGain): string {
  const each = `${(Math.abs(kg) / 2).toFixed(2)} kg`;
  const what =
    kg > 0
      ? `Hang ${each} more on each cord, or set each spring to lift so much more`
      : `Take ${each} off each cord, or set each spring to lift so much less`;
  return `${what}: with its new glass the sash weighs ${Math.abs(kg).toFixed(1)} kg ${kg > 0 ? "more" : "less"}. Left half open it must stay.`;
}

/** Somebody can stand in the room, or the sash lies on a bench. */
const seesRoom = (f: FinishFacts): boolean => atBench(f) || f.detail.reach !== "outside";

/** @example from the room only // "the room face last of all, the other as far as your arm goes without leaning out" */
function facesCleaned(f: FinishFacts): string {
  const when = isTimber(f) ? "" : " last of all";
  const faces = facesInReach(f);
  return atBench(f) || faces.length > 1
    ? `both faces${when}`
    : `the ${faces.join()}${when}, the other as far as your arm goes without leaning out`;
}

const rules = (f: FinishFacts): readonly Rule[] => [
  {
    id: "sight-line",
    does: seesRoom(f)
      ? `Look along the ${lineOf(f.bed)} from both sides.`
      : `Look along the ${lineOf(f.bed)}; nobody gets in: look through the glass for what stands above the sight line.`,
    why: `No ${lineOf(f.bed)} above the sight line from the room, no bare {rebate} from outside.`,
    photos: seesRoom(f) ? ["from indoors", "from outdoors"] : ["from outdoors"],
    asks: "rating",
    minutes: 2,
    when: putty,
  },
  {
    id: "sill-clean",
    does: "Clear what fell from the head off the {sill}, and work the mitres once more, pressing in past the {pane}'s edge.",
    why: `${capital(lineOf(f.bed))} on a {sill} is set by tomorrow, and the corners are where the line opens first.`,
    tools: ["putty knife", "cloth"],
    minutes: 4,
    when: putty,
  },
  {
    id: "surplus",
    does: "Take the surplus off now: wet it with half alcohol, half water and lift it with a blade; or leave all of it until it has cured.",
    why: "Half-cured it smears, and a smear that has cured takes longer than the {pane} did.",
    tools: ["alcohol mix", "blade", "paper"],
    minutes: 8,
    hazards: ["solvent", "knives"],
    when: wet,
  },
  {
    id: "unmask",
    does: "Pull the masking off while the sealant is wet, back over itself.",
    why: "Later it tears the line.",
    minutes: 3,
    when: wet,
  },
  {
    id: "clean",
    does: putty(f)
      ? f.oily
        ? "Clean the glass with a dry cloth and whiting, not with water yet."
        : "Clean the glass with a damp cloth before it skins, off the line."
      : `Clean ${facesCleaned(f)}; ${f.oldGlassBack ? "" : "film and stickers off, and "}a look in slanting light.`,
    why: putty(f)
      ? `Wet cleaning drags fresh ${lineOf(f.bed)} off the edge.`
      : "What you do not see now the customer sees in the evening sun.",
    tools: putty(f) ? (f.oily ? ["cloth", "whiting"] : ["cloth", "water"]) : ["glass cleaner", "cloth"],
    minutes: 5,
    when: () => true,
  },
  {
    id: "fill-nails",
    uses: [{ what: "filler", unit: "ml", each: 15 }],
    does: "Fill the pin holes, and sand when it is hard.",
    why: "An open hole lets water to the pin, and it rusts through the paint.",
    tools: ["filler", "sanding block"],
    minutes: 8,
    driesHours: 12,
    asks: "dries",
    when: (g) => pinned(g) && isTimber(g),
  },
  {
    id: "rebalance",
    does: f.gains ? rebalance(f.gains) : "",
    why: `A sash that is heavier than its weights drops on hands, and one that is lighter flies up.${f.gains ? ` ${takenText(f.gains.old)}` : ""}`.trim(),
    tools: ["scales", "lead or steel"],
    minutes: 20,
    hazards: ["spring-balance"],
    when: (g) => g.gains !== null,
  },
  {
    id: "latch-shut",
    does: f.leaf
      ? `Mark the door: shut it softly, and never slam it, for ${f.compound.handsOffHours} hours.`
      : `Latch the sash and mark it: do not open for ${f.compound.handsOffHours} hours.`,
    why: f.leaf
      ? "People have to go through it; a slam moves what has not set."
      : "Movement breaks a bond that has not set.",
    tools: ["tape with the date on it"],
    minutes: 2,
    when: (g) => wet(g) && g.hinge !== "fixed" && !frameOf(g.system).inFront,
  },
  {
    id: "tell",
    does: painted(f)
      ? `Tell the customer: ${f.hinge === "fixed" ? "" : f.leaf ? "shut it softly, " : "leave it shut, "}nothing leans on it, paint is still to come.`
      : wet(f)
        ? `Tell the customer how long ${f.leaf ? "it is shut softly and nothing leans on it" : f.hinge === "fixed" ? "nothing may lean on it" : "it stays shut"}, and what not to clean it with.`
        : `Tell the customer what was ${f.oldGlassBack ? "done" : "fitted"} and what to leave alone.`,
    why: painted(f) ? "Soft {putty} is the one part they can spoil." : "What nobody told them they try at once.",
    minutes: 2,
    when: () => true,
  },
  {
    id: "hardware-new",
    does: `Fit the new ${f.renews.join(", ")}: pilot holes by the table, and try it with the sash open, shut and locked.`,
    why: "A lock or keep that drags racks the sash, and the customer finds out tonight.",
    tools: ["screwdriver", "drill", "chisel"],
    minutes: 20 * f.renews.length,
    when: (g) => g.renews.length > 0,
  },
  {
    id: "fronts-back",
    does: "Put back what stood in front, and tick it off the list.",
    why: "A blind left leaning is a blind bent.",
    minutes: 8,
    when: (g) => g.frontsBack > 0,
  },
  {
    id: "paint",
    paints: true,
    dryDay: true,
    needsDry: true,
    uses: [{ what: "paint", unit: "ml", perMetre: 10 }],
    does: "Look first whether filler or glass has moved. Then paint inside the window, 2 mm on to the glass.",
    why: "The lap seals the edge of the {putty}. Too early it wrinkles, too late it cracks.",
    tools: ["paint", "brush", "masking tape"],
    minutes: 20,
    hazards: ["solvent"],
    when: (g) => g.compound.leastDays !== null && putty(g),
  },
  {
    id: "touch-up",
    dryDay: true,
    needsDry: true,
    uses: [
      { what: "primer", unit: "ml", perMetre: 8 },
      { what: "paint", unit: "ml", perMetre: 10 },
    ],
    does: "Prime and paint the {beads} and whatever was bared. Clean the glass last of all.",
    why: "Bare wood drinks, and moves the {bead} off the glass.",
    tools: ["primer", "paint", "brush"],
    minutes: 15,
    when: (g) => isTimber(g) && !putty(g),
  },
];

export function finishSteps(f: FinishFacts): readonly Step[] {
  const whole = madeWhole(f);
  const all = rules(f).flatMap(({ when, ...step }) => (when(f) ? [step] : []));
  if (whole) return [...all.filter((s) => s.id === "fronts-back"), ...afterWhole(whole)];
  return f.closed ? [] : all;
}
