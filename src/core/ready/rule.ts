import type { Step } from "../steps/step.ts";
import type { ReadyFacts } from "./facts.ts";

/* What a rule of making ready is, and what it may ask of the frame. */

export type Rule = Step & { readonly when: (f: ReadyFacts) => boolean };

export const always = (): boolean => true;
/** The glass comes out, or a new one goes in. */
export const out = (f: ReadyFacts): boolean => !f.staysIn;
/** Said first where it is more than two may lift; nothing where they may. */
export const byMachine = (f: Pick<ReadyFacts, "lift">): string =>
  f.lift === "machine" ? "By a lifting machine, with someone trained to use it. " : "";
export const rotten = (f: ReadyFacts): boolean => f.damage.includes("rotten") || f.faults.includes("rot");
