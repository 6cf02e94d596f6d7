import type { Frame } from "./frame.ts";
import { OF_PLASTIC } from "./made-of.ts";

/** Plastic sash, beads knocked out toward the room once a gasket gives. */
export const plasticBeadInside: Frame = {
  ...OF_PLASTIC,
  name: "Plastic sash, {beads} inside, wedge gasket",
  short: "{beads} inside",
  holds: () => "beads",
  comesApart: (d) => [
    [d.gasket === "wedge" ? "wedge-gasket" : "outer-gasket"],
    ["beads"],
    [d.bond !== "gasket" && "bond"],
    ["glass"],
    ["packers"],
  ],
  asks: () => ["gasket", "keep"],
  usual: {},
  glassStays: true,
  gasketed: () => true,
};
