import type { Frame } from "./frame.ts";
import { OF_TIMBER } from "./made-of.ts";

/** Timber beads pinned round the glass, in putty, sealant or tape. */
export const timberBead: Frame = {
  ...OF_TIMBER,
  name: "Timber, {beads} pinned",
  short: "timber {beads}",
  holds: () => "beads",
  fixing: () => "pins",
  // Beads of timber are bedded in silicone now, whatever the old bed was.
  usualBed: (bond) => (bond === "tape" ? "tape" : "silicone"),
  comesApart: (d) => [
    [d.where === "bench" && "release"],
    ["paint-line"],
    ["beads"],
    [d.bond !== "gasket" && "bond"],
    ["glass"],
    ["packers", d.bond !== "gasket" && "bed"],
  ],
  asks: () => ["where", "fixing", "bond", "keep", "paint", "lost"],
  usual: { fixing: "fine-pins", bond: "putty" },
  takesUnits: false,
  painted: true,
  hidesFixings: true,
  channelled: false,
};
