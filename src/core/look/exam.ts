import type { Template } from "../text/template.ts";
import type { Cause, Damage, Urgency } from "./damage.ts";

/** What is asked, and what can be answered. Answers are words of the one question only. */
export const EXAM = {
  kind: ["single", "sealed", "acrylic"],
  near: ["whole", "cracked", "holed", "gone"],
  far: ["whole", "cracked", "holed", "gone"],
  mist: ["none", "wipes-off", "stays"],
  water: ["dry", "stands"],
  crack: ["from-edge", "from-corner", "star", "not-clear"],
  close: ["nothing", "blind", "heater"],
  // "hinged" is what older examinations say: it is read, and no longer offered.
  opens: ["hinge-left", "hinge-right", "top-hung", "bottom-hung", "slides", "hung", "fixed", "hinged"],
  "head-gap": ["even", "handle-down", "hinge-down"],
  moves: ["still", "rattles"],
  bed: ["sound", "dry-falling", "wet", "rotten"],
  stamp: ["none", "toughened", "laminated"],
} as const;
export type ExamQuestion = keyof typeof EXAM;
export type ExamAnswer = (typeof EXAM)[ExamQuestion][number];
export type ExamAnswers = { readonly [Q in ExamQuestion]?: (typeof EXAM)[Q][number] };
export const EXAM_QUESTIONS = Object.keys(EXAM) as ExamQuestion[];

/** The question, how to find out, and what each answer is called. */
export const EXAM_FACTS: {
  readonly [Q in ExamQuestion]: {
    readonly asks: Template;
    readonly how: Template;
    readonly answers: Readonly<Record<(typeof EXAM)[Q][number], Template>>;
  };
} = {
  kind: {
    asks: "One sheet of glass, or a {unit}?",
    how: "Hold a light to the glass: two reflections are one sheet, four or more are a {unit}; plastic is warm to the hand and scratches. Or look for a spacer along the edge.",
    answers: { single: "one sheet", sealed: "{unit}", acrylic: "clear plastic" },
  },
  near: {
    asks: "The glass you can touch from the room",
    how: "Run a gloved finger over it: a crack you can feel is on this face.",
    answers: { whole: "whole", cracked: "cracked", holed: "holed", gone: "gone, or in pieces" },
  },
  far: {
    asks: "The outer sheet of the {unit}",
    how: "From outside, or by the light: a crack that nobody can feel from the room is on this one.",
    answers: { whole: "whole", cracked: "cracked", holed: "holed", gone: "gone, or in pieces" },
  },
  mist: {
    asks: "Mist, stain or drops",
    how: "Wipe the room face, then the outer face. What neither wipe takes off is inside.",
    answers: { none: "none", "wipes-off": "wipes off", stays: "stays: it is inside" },
  },
  water: {
    asks: "Water at the foot inside the {unit}",
    how: "Look along the bottom spacer with a torch.",
    answers: { dry: "none stands", stands: "stands there" },
  },
  crack: {
    asks: "Where the crack begins",
    how: "Follow it to its start: heat cracks leave the edge squarely, a knock makes a star.",
    answers: {
      "from-edge": "square off an edge",
      "from-corner": "at a corner",
      star: "a star, or a small hole",
      "not-clear": "not clear",
    },
  },
  close: {
    asks: "Close behind the glass, on the room side",
    how: "A blind or curtain within a hand's breadth, or a heater that blows on it.",
    answers: { nothing: "nothing", blind: "blind or curtain", heater: "heater" },
  },
  opens: {
    asks: "Does this sash open?",
    how: "Look for hinges, a handle, cords or tracks. Left and right as the {pane} is seen.",
    answers: {
      "hinge-left": "hinges at its left",
      "hinge-right": "hinges at its right",
      "top-hung": "hinges at its head",
      "bottom-hung": "hinges at its foot",
      slides: "slides on rollers",
      hung: "slides up and down",
      fixed: "fixed",
      hinged: "on hinges",
    },
  },
  "head-gap": {
    asks: "Shut: the gap above the sash",
    how: "Look at the head from hinge to handle: is it as wide at both ends?",
    answers: { even: "even", "handle-down": "wider at the handle", "hinge-down": "wider at the hinge" },
  },
  moves: {
    asks: "Press a corner of the glass with a fingertip",
    how: "It should not move, nor sound.",
    answers: { still: "still", rattles: "moves or rattles" },
  },
  bed: {
    asks: "What the glass sits in",
    how: "Press a fingernail or a blade's tip into {putty}, timber and corners.",
    answers: { sound: "sound", "dry-falling": "dry, cracked, falling", wet: "wet", rotten: "soft or rotten" },
  },
  stamp: {
    asks: "A mark in a corner of the glass",
    how: "A small etched stamp says what it is.",
    answers: { none: "none to be seen", toughened: "{toughened}", laminated: "laminated" },
  },
};

/** Hinged at a side: it can drop at its handle. */
const sideHung = (a: ExamAnswers): boolean =>
  a.opens === "hinged" || a.opens === "hinge-left" || a.opens === "hinge-right";

/** The answers that are offered to a question. */
export const examOffers = (q: ExamQuestion): readonly ExamAnswer[] => EXAM[q].filter((a) => a !== "hinged");

/** What a tick among what is wrong says of the one sheet there is, the worst first. */
const TICKED: readonly (readonly [Damage, NonNullable<ExamAnswers["near"]>])[] = [
  ["gone", "gone"],
  ["standing", "gone"],
  ["holed", "holed"],
  ["cracked", "cracked"],
];

/**
 * How its one sheet is, where that was ticked among what is wrong; undefined for a unit, of which a tick does not say which sheet.
 * @example one sheet, ticked as cracked // "cracked"
 */
export const tickedNear = (a: ExamAnswers, damage: readonly Damage[]): ExamAnswers["near"] =>
  a.kind === "single" || a.kind === "acrylic" ? TICKED.find(([d]) => damage.includes(d))?.[1] : undefined;

/** The answers, with what a tick says already: it is not asked again. */
export function withTicked(a: ExamAnswers, damage: readonly Damage[]): ExamAnswers {
  const near = tickedNear(a, damage);
  return near === undefined ? a : { ...a, near };
}

const failed = (s: string | undefined): boolean => s !== undefined && s !== "whole";

/** What is worth asking now: a question stands only where its answer changes what is said in the end. */
export function examQuestions(a: ExamAnswers): readonly ExamQuestion[] {
  const out: ExamQuestion[] = ["kind"];
  if (a.kind === undefined) return out;
  out.push("near");
  if (a.kind === "sealed") out.push("far");
  if (a.near === undefined || (a.kind === "sealed" && a.far === undefined)) return out;
  const cracked = a.near === "cracked" || a.far === "cracked";
  const broken = failed(a.near) || failed(a.far);
  // A whole unit can have lost its seal; a whole single pane that mists has a damp room.
  if (!broken) out.push("mist");
  if (!broken && a.kind === "sealed" && a.mist === "stays") out.push("water");
  if (cracked) out.push("crack");
  if ((cracked && (a.crack === "from-edge" || a.crack === "not-clear")) || a.mist === "stays") out.push("close");
  out.push("opens");
  if (sideHung(a)) out.push("head-gap");
  // Cracked or holed glass is not pressed.
  if (!broken) out.push("moves");
  out.push("bed");
  if (a.near !== "gone" || a.far === "whole") out.push("stamp");
  return out;
}

/** Whether nothing more changes the verdict. */
export const examDone = (a: ExamAnswers): boolean => examQuestions(a).every((q) => a[q] !== undefined);

/** What the answers come to: what has failed, why, and what makes the next one fail the same way. */
export type ExamVerdict = {
  /** Plain words, the worst first; empty while nothing is known. */
  readonly says: readonly Template[];
  readonly damage: readonly Damage[];
  readonly cause: Cause | null;
  readonly urgency: Urgency | null;
  /** What will make the new one fail, unless it is put right. */
  readonly again: readonly Template[];
  /** The whole unit is changed although one sheet is sound. */
  readonly wholeUnit: boolean;
  /** The glass itself is in order. */
  readonly glassSound: boolean;
};

export function examVerdict(a: ExamAnswers): ExamVerdict {
  const says: Template[] = [];
  const again: Template[] = [];
  const damage = new Set<Damage>();
  const states = [a.near, a.kind === "sealed" ? a.far : undefined];
  const broken = states.some(failed);
  for (const s of states) {
    if (s === "cracked") damage.add("cracked");
    if (s === "holed") damage.add("holed");
    if (s === "gone") damage.add("gone");
  }
  const sealed = a.kind === "sealed";
  const onlyOne = sealed && states.filter(failed).length === 1;
  if (broken && a.kind !== undefined) says.push(brokenWords(a, sealed));
  const sealGone = sealed && !broken && a.mist === "stays";
  if (sealGone) {
    damage.add("misted");
    says.push(
      a.water === "stands"
        ? "Its seal has failed and water stands inside: the spacer is full, and the {unit} is done."
        : "Its seal has failed: what no wipe takes off is inside.",
    );
  }
  if (!broken && a.mist === "wipes-off")
    says.push("The glass is sound: it is room damp on a cold face. Air and heat, not new glass.");
  if (!broken && !sealed && a.kind && a.mist === "stays")
    says.push("Stained or etched: it does not clean off, and only new glass is clear.");
  const dropped = sideHung(a) && (a["head-gap"] === "handle-down" || a["head-gap"] === "hinge-down");
  if (dropped) {
    damage.add("dropped");
    says.push(
      broken || sealGone
        ? "And the sash has dropped: the new {pane} is packed to lift it."
        : a["head-gap"] === "handle-down"
          ? "The sash has dropped at the handle: pack it square before anybody orders glass."
          : "The sash stands high at the hinge: look at the hinge screws first.",
    );
  }
  if (a.moves === "rattles") {
    damage.add("rattling");
    says.push("It is loose in its bed.");
  }
  if (a.bed === "dry-falling") {
    damage.add("putty-falling");
    says.push("The old bed is done: it wants new bedding whatever the glass.");
  }
  if (a.bed === "rotten") {
    damage.add("rotten");
    says.push("The {rebate} is soft: mend it before new glass goes in.");
    again.push("A {rebate} that is soft lets go of {sprigs} and pins.");
  }
  if (a.bed === "wet") {
    says.push("It has stood wet.");
    again.push("Water that stands in the frame drowns the next seal: clear the drains, prime the {sill}.");
  }
  const cause = causeOf(a, broken, sealGone, dropped);
  if (a.close === "blind" || a.close === "heater")
    again.push(
      a.close === "blind"
        ? "Heat held behind a blind: leave a gap at its top and foot, or take heat-treated glass."
        : "A heater on the glass: turn it away, or take heat-treated glass.",
    );
  if (cause === "twist")
    again.push("A twisted frame cracks the next {pane} at the same corner: read both diagonals and both faces.");
  if (dropped && !again.some((t) => t.includes("diagonal")))
    again.push("A sash packed on the wrong diagonal drops again.");
  if (says.length === 0 && examDone(a))
    says.push(`Nothing is wrong with this ${a.kind === "acrylic" ? "sheet" : "glass"}.`);
  return {
    says,
    damage: [...damage],
    cause,
    urgency: urgencyOf(a, broken, sealGone),
    again,
    wholeUnit: onlyOne,
    glassSound: a.kind !== undefined && !broken && !sealGone && examDone(a),
  };
}

function brokenWords(a: ExamAnswers, sealed: boolean): Template {
  const word = { cracked: "cracked", holed: "holed", gone: "gone", whole: "whole" } as const;
  if (!sealed) return a.near === "gone" ? "The glass is gone." : `The {pane} is ${word[a.near ?? "cracked"]}.`;
  const [near, far] = [a.near ?? "whole", a.far ?? "whole"];
  if (near !== "whole" && far !== "whole")
    return "Both sheets of the {unit} have failed: its gas is gone, and damp follows.";
  const which = near === "whole" ? `outer sheet is ${word[far]}` : `room-side sheet is ${word[near]}`;
  return `The ${which}. One sheet of a {unit} is not changed alone: its gas is gone and damp follows, so the whole {unit} is.`;
}

function causeOf(a: ExamAnswers, broken: boolean, sealGone: boolean, dropped: boolean): Cause | null {
  if (a.near === "holed" || a.far === "holed" || a.crack === "star") return "impact";
  if (a.crack === "from-corner") return dropped ? "packing" : "twist";
  if ((a.close === "blind" || a.close === "heater") && (sealGone || a.crack === "from-edge" || a.crack === "not-clear"))
    return "heat";
  if (sealGone)
    return a.bed === "wet" || a.bed === "rotten" || a.water === "stands" ? "water" : dropped ? "packing" : "unknown";
  if (broken && a.bed !== undefined) return a.crack === "from-edge" ? "nail" : "unknown";
  return dropped && a.moves !== undefined ? "packing" : null;
}

function urgencyOf(a: ExamAnswers, broken: boolean, sealGone: boolean): Urgency | null {
  const gone = (s: string | undefined): boolean => s === "gone" || s === "holed";
  if (a.kind === "single" ? gone(a.near) : gone(a.near) && gone(a.far)) return "open-hole";
  if (gone(a.near) || gone(a.far)) return "today";
  if (broken) return "this-week";
  return sealGone || (a.bed !== undefined && a.bed !== "sound") || a.moves === "rattles" ? "can-wait" : null;
}
