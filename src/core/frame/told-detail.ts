import { type Detail, type DetailName, USUAL_DETAIL } from "./detail.ts";
import { frameOf, type System } from "./systems.ts";

/** What was said, and the usual for the rest. @example detailOf("timber-bead", { keep: "destroy" }).fixing // "fine-pins" */
export const detailOf = (system: System, said: Partial<Detail>): Detail => ({
  ...USUAL_DETAIL,
  ...frameOf(system).usual,
  ...said,
});

/**
 * What must be said of this frame before anything follows from it, and was not.
 * @example leftToSay("metal-frame", {}) // ["metal"]; with beads said, or of any other frame: []
 */
export const leftToSay = (system: System, said: Partial<Detail>): readonly DetailName[] =>
  (frameOf(system).mustSay ?? []).filter((d) => said[d] === undefined);

/** What is worth asking about this system: nothing else changes its steps; of broken glass, whether it leaves first. */
export const detailsAsked = (system: System, said: Partial<Detail> = {}, broken = false): readonly DetailName[] => [
  "reach",
  ...(broken ? (["out"] as const) : []),
  ...frameOf(system).asks(detailOf(system, said)),
];
