import { type Frame, none } from "./frame.ts";
import { OF_PLASTIC } from "./made-of.ts";

/** A sash that wraps its glass and is screwed at its corners, or welded and closed. */
export const plasticNoBead: Frame = {
  ...OF_PLASTIC,
  name: "Plastic sash without {beads}, screwed corners",
  short: "no {beads}",
  holds: () => "screwed-sash",
  comesApart: () => [["release"], ["corner-screws"], ["sash-members"], ["glass"], ["packers"]],
  asks: none,
  usual: { where: "bench" },
  packs: "channel",
  comesDown: true,
};
