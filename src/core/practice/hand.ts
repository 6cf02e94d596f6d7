import type { Template } from "../text/template.ts";

/** Skills of the hand, tried on scrap and judged by whoever tried. */
export const HAND_SKILLS = ["score", "putty", "sealant", "sprig", "blade"] as const;
export type HandSkill = (typeof HAND_SKILLS)[number];

type SkillFact = {
  readonly name: Template;
  readonly how: Template;
  /** What is written under the two buttons. */
  readonly good: string;
  readonly not: string;
};

/** Source: trade practice, both schools where there are two. */
export const HAND_FACTS: Readonly<Record<HandSkill, SkillFact>> = {
  score: {
    name: "Score and snap, on scrap",
    how: "One pass from edge to edge, the same press all along, never twice in a line; snap at once. Some oil the wheel and press; others run it dry, start a touch in from the edge, and listen for one even note.",
    good: "clean",
    not: "ran off",
  },
  putty: {
    name: "A line of face {putty}, in one pull",
    how: "Knife at the angle the corner wants, one long pull to the mitre. Look along it against the light: one plane, and nothing of it seen from the room.",
    good: "one plane",
    not: "torn or wavy",
  },
  sealant: {
    name: "A line of sealant, tooled once",
    how: "Push the gun so that the line is pressed in, stop short of the corner, tool it once before it skins.",
    good: "even",
    not: "smeared or open",
  },
  sprig: {
    name: "{Sprigs} that do not touch the glass",
    how: "Flat along a scrap of glass, the hammer's side slid on a card, short strokes. The glass must not ring.",
    good: "home",
    not: "stood off, or it rang",
  },
  blade: {
    name: "Old {putty} off without a gouge",
    how: "Blade along the {rebate}, never across; lift with a twist, and soften what does not lift.",
    good: "bare and whole",
    not: "gouged",
  },
};

export type HandTry = { readonly skill: HandSkill; readonly level: number; readonly right: boolean };
export type HandTally = {
  /** All of them. */
  readonly tries: number;
  /** Of the last ten. */
  readonly good: number;
  readonly of: number;
  /** Good ones without a break, up to now. */
  readonly inRow: number;
};

const LAST = 10;
/** So many clean ones without a break, and the sheet may be scored. Source: trade practice. */
export const ENOUGH_IN_ROW = 3;

/**
 * What tries of one skill come to, the oldest first.
 * @example good, not, good, good // { tries: 4, good: 3, of: 4, inRow: 2 }
 */
export function handTally(tries: readonly Pick<HandTry, "right">[]): HandTally {
  const last = tries.slice(-LAST);
  const broke = tries.findLastIndex((t) => !t.right);
  return {
    tries: tries.length,
    good: last.filter((t) => t.right).length,
    of: last.length,
    inRow: tries.length - 1 - broke,
  };
}
