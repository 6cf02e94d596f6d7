import { seals } from "../bed/compound.ts";
import {
  clipped,
  facePutty,
  halved,
  isBeaded,
  isTimber,
  pinned,
  sashLeaves,
  sprung,
  standsOnPackers,
} from "../frame/held.ts";
import { frameOf } from "../frame/systems.ts";
import { isDrained } from "../ready/drained.ts";
import type { ReadyFacts } from "../ready/facts.ts";
import { madeWhole } from "../steps/made-whole.ts";
import type { Template } from "../text/template.ts";

/** Where on the sash, or beside it, something is looked at. */
export const INSPECTION_PLACES = ["glass", "edge", "corner", "foot", "frame", "beside", "customer"] as const;
export type InspectionPlace = (typeof INSPECTION_PLACES)[number];

export type InspectionItem = {
  readonly id: string;
  readonly at: InspectionPlace;
  readonly look: Template;
  readonly ifNot: Template;
};

/** What of this one pane comes up again at the end, beside its frame. */
export type InspectionFacts = ReadyFacts & {
  /** What the customer minded, in their words. */
  readonly minds: string;
  /** Marks that the old glass carried, to be found on the new. */
  readonly stamp: Template;
  readonly coated: boolean;
  /** Its seal still cures: nothing is opened to look. */
  readonly staysShut: boolean;
  readonly paints: boolean;
  /** What it is set in wants days untouched. */
  readonly cures: boolean;
  /** It has been painted since: only then there is paint to look at. */
  readonly painted: boolean;
};

type Rule = InspectionItem & { readonly when: (f: InspectionFacts) => boolean };

const always = (): boolean => true;
const putty = facePutty;
const beaded = (f: InspectionFacts): boolean => isBeaded(f) || sprung(f);
const gasket = (f: InspectionFacts): boolean =>
  f.bed === "gasket" || frameOf(f.system).gasketed(f.detail) || frameOf(f.system).packs === "channel";

/** What opens is left shut; what is fixed is not leaned on. */
const leftAlone = (f: InspectionFacts): string =>
  f.hinge === "fixed"
    ? "how long nothing may lean on it"
    : f.leaf
      ? "for how long to shut it softly"
      : "how long to leave it shut";

const rules = (f: InspectionFacts): readonly Rule[] => [
  {
    id: "still",
    at: "glass",
    look:
      putty(f) && f.paints && !f.painted
        ? "The {pane} is still: knock the frame lightly, no rattle. The {putty} is soft: nobody presses it."
        : "The {pane} is still: press it, knock the frame, no rattle.",
    ifNot: putty(f)
      ? `Find the gap in the bed, or the ${clipped(f) ? "clip" : "{sprig}"} standing off the glass.`
      : "Find the {bead} or gasket that does not press.",
    when: always,
  },
  {
    id: "gaps",
    at: "edge",
    look: "Gaps are even on all four sides.",
    ifNot: `Move ${standsOnPackers(f) ? "the {packers}" : "it"} while the bed still gives.`,
    when: always,
  },
  {
    id: "bed-line",
    at: "edge",
    look: "The bed line is even from inside.",
    ifNot: "Press more bed in with a knife before it skins.",
    when: (g) => putty(g) || seals(g.bed),
  },
  {
    id: "sight-line",
    at: "edge",
    look: `The ${seals(f.bed) ? "slope" : "face {putty}"} stops at the sight line, corners mitred, no holes.`,
    ifNot: "Strike it off again.",
    when: putty,
  },
  {
    id: "paint-lap",
    at: "edge",
    look: "Paint laps on to the glass all round.",
    ifNot: "Cut in again: the {putty}'s edge must be sealed.",
    when: (g) => putty(g) && g.painted,
  },
  {
    id: "bead-ends",
    at: "corner",
    look: "{Beads} level, ends tight, none proud of the frame.",
    ifNot: "Twist a stiff one in, bring a high one down with a block; look for a {packer} in its groove.",
    when: beaded,
  },
  {
    id: "gasket",
    at: "corner",
    look: "The gasket lies on the glass all round, lip the right way, corners full.",
    ifNot: "Ease it back from the corners; a short one is renewed, not stretched.",
    when: gasket,
  },
  {
    id: "pins",
    at: "edge",
    look: "Pins set below the face, none toward the glass.",
    ifNot: "Draw the one that leans in, and pin again beside it.",
    when: pinned,
  },
  {
    id: "screws",
    at: "corner",
    look: halved(f)
      ? "Screws gone round twice, even, none proud; plugs all in."
      : "Corner screws home, corners closed, none proud.",
    ifNot: "By hand once more; never force one.",
    when: (g) => halved(g) || frameOf(g.system).packs === "channel",
  },
  {
    id: "drains",
    at: "foot",
    look: "Drains run: a cup of water in, and it comes out.",
    ifNot: "Clear or drill them before it rains on the new seal.",
    when: (g) => g.sealed && !frameOf(g.system).ofDoor && isDrained(g),
  },
  {
    id: "cavity",
    at: "glass",
    look: `Nothing in the cavity, no smear between, no scrap ${halved(f) ? "between the halves" : "behind the {bead}"}.`,
    ifNot: "Photograph it now, and ring the supplier before the customer does.",
    when: (g) => g.sealed,
  },
  {
    id: "coating",
    at: "glass",
    look: "The coated face is the one that was ordered: a flame or a phone's light to the glass.",
    ifNot: "It is the wrong way round: turn it while it can still be turned.",
    when: (g) => g.coated,
  },
  {
    id: "mark",
    at: "foot",
    look: "The safety mark can be read.",
    ifNot: "Ask the supplier: without its mark nobody can say that it is safety glass.",
    when: (g) => g.marked,
  },
  {
    id: "opens",
    at: "frame",
    look: f.leaf
      ? `The door opens, shuts and locks as before${f.staysShut ? ", softly" : ""}.`
      : f.staysShut
        ? "The sash stands in its opening as before: its gaps are even. It is opened once its seal has cured."
        : "The sash opens, shuts and latches as before.",
    ifNot: f.leaf
      ? `Look for ${halved(f) ? "a screw that stands proud, and for a frame drawn up out of the middle of its hole" : `a ${sprung(f) ? "moulding" : "{bead}"} that stands proud, and for a {packer} that pushes the door out of square`}.`
      : "Look for the sash in the wrong opening: if a like one binds too, swap the two and try both. Else a {packer} pushes it out of square.",
    when: (g) => g.hinge !== "fixed" && !frameOf(g.system).inFront,
  },
  {
    id: "own-opening",
    at: "frame",
    look: "The sash hangs in the opening on its tag.",
    ifNot: "Swap it with its twin, and try both.",
    when: sashLeaves,
  },
  {
    id: "clean",
    at: "glass",
    look: "Glass clean, no scratch, no chip at an edge you can see.",
    ifNot: "Photograph it now; send it back before it is painted.",
    when: always,
  },
  {
    id: "match",
    at: "beside",
    look: "Beside its neighbours it does not stand out, or they know that it will.",
    ifNot: "Show it to the owner now, and write down what they say.",
    when: (g) => (isTimber(g) || g.sealed) && !g.oldGlassBack,
  },
  {
    id: "minded",
    at: "customer",
    look: `The customer minded: “${f.minds}”. Is it gone?`,
    ifNot: "Say what is left of it, and what comes next.",
    when: (g) => g.minds !== "",
  },
  {
    id: "stamp",
    at: "foot",
    look: `The old glass was marked ${f.stamp}: the new one carries its mark, and it can be read.`,
    ifNot: "Photograph the corner and ask the supplier before it is painted or beaded up.",
    when: (g) => g.stamp !== "" && !g.oldGlassBack,
  },
  {
    id: "told",
    at: "customer",
    look: f.paints
      ? f.painted
        ? "The customer knows that its paint is fresh, and what to leave alone."
        : `The customer knows ${leftAlone(f)} and when it is painted.`
      : f.cures
        ? `The customer knows ${leftAlone(f)}, and what to leave alone.`
        : `The customer knows what was ${f.oldGlassBack ? "done" : "fitted"}, and what to leave alone.`,
    ifNot: "Tell them, and write it down.",
    when: always,
  },
];

/** What is looked at before a pane is signed off. Not a certificate: a record of what was seen. */
export function inspectionOf(f: InspectionFacts): readonly InspectionItem[] {
  const asPane = rules(f).flatMap(({ when, ...item }) => (when(f) ? [item] : []));
  const here = f.whole === "insert" ? asPane.map((i) => ({ ...i, ...OF_INSERT[i.id] })) : asPane;
  return madeWhole(f) ? [...wholeLooks(f), ...here.filter((i) => OF_ANY.has(i.id))] : here;
}

/** What is looked at otherwise where frame and glass came as one: its flange lies on the door, and screws hold it. */
const OF_INSERT: Readonly<Record<string, Pick<InspectionItem, "look" | "ifNot">>> = {
  still: {
    look: "The insert is still: press its glass, knock the door, no rattle.",
    ifNot: "Go round the screws once more by hand, and look for old caulk that holds the flange off.",
  },
  gaps: {
    look: "Its frame lies flat on both faces of the door, level, and covers the old line all round.",
    ifNot: "Loosen the screws, lift it to the middle of its hole, and go round again.",
  },
  "bed-line": {
    look: "No sealant stands out past the flange, and none is missing under it.",
    ifNot: "Wipe what stands out before it skins; where some is missing, close it from outside.",
  },
  cavity: {
    look: "Nothing in the unit and no smear between its sheets.",
    ifNot: "Photograph it now, and ring the supplier before the customer does.",
  },
};

/** What is looked at of a sash or a window as of a pane. */
const OF_ANY: ReadonlySet<string> = new Set(["drains", "mark", "clean", "match", "minded", "stamp", "told"]);

/** What is looked at of a sash or a window that was changed whole: how its glass lies is its maker's. */
const wholeLooks = (f: InspectionFacts): readonly InspectionItem[] => [
  {
    id: "gaps",
    at: "edge",
    look: "Shut, the gaps round it are even, and a strip of paper is held at every side.",
    ifNot: "Move it at its hinges, wheels or {packers} until they are.",
  },
  ...(f.hinge === "fixed"
    ? []
    : [
        {
          id: "opens",
          at: "frame" as const,
          look: "It opens, shuts and locks, and what keeps it from falling or opening too far is on.",
          ifNot: "Look for a screw that stands proud, and for a hinge of the wrong hand.",
        },
      ]),
];

const LOOKED_AT: Readonly<Record<string, Template>> = {
  still: "the {pane} is still",
  gaps: "gaps are even",
  "bed-line": "bed line even",
  "sight-line": "sight line",
  "paint-lap": "paint laps on to the glass",
  "bead-ends": "{beads} level, ends tight",
  gasket: "gasket on the glass",
  pins: "pins below the face",
  screws: "screws round twice",
  drains: "drains run",
  cavity: "nothing in the cavity",
  coating: "coated face right",
  mark: "safety mark",
  opens: "opens, shuts, latches",
  "own-opening": "in its own opening",
  clean: "glass clean and whole",
  match: "matches its neighbours",
  minded: "what the customer minded",
  stamp: "marked as the old one was",
  told: "customer told",
};

/** What an item of any list says, by its id: for the logbook, which outlives the facts. */
export const inspectionLook = (id: string): Template => LOOKED_AT[id] ?? id;
