import type { Frame } from "./frame.ts";
import { OF_PLASTIC } from "./made-of.ts";

/** Plastic sash, beads outside, the unit stuck to the inner leg: cut from the room, taken outside. */
export const plasticBeadOutside: Frame = {
  ...OF_PLASTIC,
  name: "Plastic sash, {beads} outside, tape or sealant inside",
  short: "tape, {beads} outside",
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
  across: true,
  glassStays: true,
};
