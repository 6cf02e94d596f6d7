import type { Step } from "../steps/step.ts";
import type { ReadyFacts } from "./facts.ts";

/* What a rule of making ready is, and what it may ask of the frame. */

export type Rule = Step & { readonly when: (f: ReadyFacts) => boolean };

export const always = (): boolean => true;
/** The glass comes out, or a new one goes in. */
export const out = (f: ReadyFacts): boolean => !f.staysIn;
export const rotten = (f: ReadyFacts): boolean => f.damage.includes("rotten") || f.faults.includes("rot");
