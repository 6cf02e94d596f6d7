import { sticks } from "../bed/compound.ts";
import type { ReadyFacts } from "../ready/facts.ts";
import type { Step } from "../steps/step.ts";

/* What a rule of setting is, and what it may ask of the frame. */

export type Rule = Step & { readonly when: (f: ReadyFacts) => boolean };

export const always = (): boolean => true;
/** Stuck rather than bedded: once it touches, it cannot be moved for long. */
export const bonds = (f: ReadyFacts): boolean => sticks(f.bed);
export const turns = (f: ReadyFacts): boolean => f.hinge === "left" || f.hinge === "right";
export const opens = (f: ReadyFacts): boolean => turns(f) || f.hinge === "top" || f.hinge === "bottom";
