import type { Hazard } from "./hazard.ts";
import type { Step } from "./step.ts";

/** What a hazard is met with, and must be in the van. Source: usual practice; the local code and the label come first. */
const AGAINST: Readonly<Partial<Record<Hazard, readonly string[]>>> = {
  "broken-glass": ["eye protection", "cut-resistant gloves"],
  "comes-apart": ["eye protection", "cut-resistant gloves"],
  "toughened-burst": ["eye protection", "bucket"],
  "toughened-edge": ["eye protection"],
  knives: ["eye protection"],
  dust: ["dust mask"],
  lead: ["dust mask", "damp cloths"],
  ladder: ["ladder with stabiliser, or a tower"],
  heavy: ["rated suction cups", "glass carrier"],
  solvent: ["gloves that the solvent does not pass"],
};

/** What has to be worn or stood on for a step, each once. @example breaking out putty // eye protection, dust mask … */
export const protectsFor = (step: Step): readonly string[] => [
  ...new Set((step.hazards ?? []).flatMap((h) => AGAINST[h] ?? [])),
];

/** Eyes are covered for breaking out, for a blade that is bent, and for carrying shards away. */
export const eyesCovered = (step: Step): boolean => protectsFor(step).includes("eye protection");
