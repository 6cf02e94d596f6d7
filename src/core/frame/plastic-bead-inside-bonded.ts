import type { Frame } from "./frame.ts";
import { OF_PLASTIC } from "./made-of.ts";

/** Plastic sash, beads in the room, the glass stuck to the outer leg: cut free from outside, or from the room along the leg. */
export const plasticBeadInsideBonded: Frame = {
  ...OF_PLASTIC,
  name: "Plastic sash, {beads} inside, tape or sealant outside",
  short: "{beads} inside, bonded",
  holds: () => "beads",
  comesApart: (d) => [
    [d.where === "bench" && "release"],
    ["beads"],
    [d.bond !== "gasket" && "bond"],
    ["glass"],
    ["packers", d.bond !== "gasket" && "bed"],
  ],
  asks: () => ["where", "bond", "keep"],
  usual: { bond: "tape" },
};
