import type { Looks } from "../specify/looks.ts";

/** A sign that says which face goes in and which edge is up. */
export const FACING_SIGNS = ["own-mark", "stamp", "label", "coating", "corner-joint", "texture", "alike"] as const;
export type FacingSign = (typeof FACING_SIGNS)[number];

/** What of the glass tells one face from the other. */
export type FacingFacts = {
  readonly sealed: boolean;
  /** Face that is coated, counted from outside; null when none is. */
  readonly coatedFace: number | null;
  readonly patterned: boolean;
  /** Where the pattern's face was asked for. */
  readonly texture: Looks["texture"];
  /** Which way its lines run in the window. */
  readonly runs: Looks["runs"];
  readonly stamped: boolean;
  /** The glass that came out goes back. */
  readonly oldGlassBack: boolean;
};

type Fact = {
  readonly name: string;
  readonly look: (f: FacingFacts) => string;
  readonly when: (f: FacingFacts) => boolean;
};

/** Turned by a quarter a patterned pane may still go in, where it is nearly square. */
const LINES: Readonly<Record<Looks["runs"], string>> = {
  "not-said": " Nobody said which way its lines run: as in the neighbour.",
  neither: "",
  up: " Its lines stand upright.",
  across: " Its lines lie across.",
};

const facesDiffer = (f: FacingFacts): boolean => f.sealed || f.coatedFace !== null || f.patterned || f.stamped;

export const FACING_FACTS: Readonly<Record<FacingSign, Fact>> = {
  "own-mark": {
    name: "own mark",
    look: () => "The mark put on it when it came out: that face to the room, that edge up.",
    when: (f) => f.oldGlassBack,
  },
  stamp: {
    name: "stamp",
    look: () => "The stamp in the corner asked for, read the right way round from the side that it was ordered for.",
    when: (f) => f.stamped || f.sealed,
  },
  label: { name: "room-face label", look: () => "The maker's label says which face goes in.", when: (f) => f.sealed },
  coating: {
    name: "coating",
    look: (f) =>
      `A flame or a lamp held to the glass: of its reflections the one of another colour is face ${f.coatedFace}, counted from outside.`,
    when: (f) => f.coatedFace !== null,
  },
  "corner-joint": {
    name: "spacer's joint",
    look: () => "The joint in the spacer, where it was filled, goes to the top: water does not stand there.",
    when: (f) => f.sealed,
  },
  texture: {
    name: "texture",
    look: (f) =>
      `${
        f.texture === "not-said"
          ? "A fingertip finds the raised face; nobody said which way it goes: look at the neighbour."
          : `A fingertip finds the raised face: it goes to the ${f.texture === "room" ? "room" : "outside"}.`
      }${LINES[f.runs]}`,
    when: (f) => f.patterned,
  },
  alike: {
    name: "both faces alike",
    look: () => "Plain, single, no stamp: either face may go in.",
    when: (f) => !facesDiffer(f),
  },
};

/** Signs that this glass can carry. @example plain float // "alike" @example a unit coated on 3 // stamp, label, coating, joint */
export const facingSigns = (f: FacingFacts): readonly FacingSign[] =>
  FACING_SIGNS.filter((s) => FACING_FACTS[s].when(f));

/** Set the wrong way round it would be a remake: the sign relied on is asked for first. */
export const facingMatters = (f: FacingFacts): boolean => facesDiffer(f) || f.oldGlassBack;
