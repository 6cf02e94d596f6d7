import { USUAL_FILL } from "../core/specify/heat.ts";
import type { Makeup } from "../core/specify/makeup.ts";

/** A bathroom's: reeded inside, coated on the face towards the cavity. */
export const REEDED_UNIT: Makeup = {
  panes: [
    { mm: 4, kind: "float" },
    { mm: 4, kind: "patterned" },
  ],
  cavities: [{ mm: 16, gas: "argon", fill: USUAL_FILL }],
  coatings: [{ face: 2, emissivity: 0.03 }],
  spacer: "warm edge, black",
};

/** As it is mostly made: coated, argon. */
export const PLAIN_UNIT: Makeup = {
  panes: [
    { mm: 4, kind: "float" },
    { mm: 4, kind: "float" },
  ],
  cavities: [{ mm: 16, gas: "argon", fill: USUAL_FILL }],
  coatings: [{ face: 3, emissivity: 0.03 }],
  spacer: "warm edge, black",
};
