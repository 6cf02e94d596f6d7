import { type Frame, never } from "./frame.ts";
import { OF_PLASTIC } from "./made-of.ts";

/** Door or side light: two moulded halves screwed together through the door, the unit between them. */
export const cassette: Frame = {
  ...OF_PLASTIC,
  name: "Door or side light, screwed cassette",
  short: "cassette",
  holds: () => "halves",
  comesApart: (d) => [
    ["plugs", "caulk-line"],
    ["cassette-screws"],
    ["cassette-half"],
    [d.bond !== "gasket" && "bond"],
    ["glass"],
    [d.bond !== "gasket" && "bed"],
  ],
  asks: () => ["halves", "bond"],
  usual: { bond: "silicone" },
  packs: "none",
  across: true,
  ofDoor: true,
  drains: never,
  refits: "reverse",
};
