import type { Frame } from "./frame.ts";
import { OF_TIMBER } from "./made-of.ts";

/** Clad, composite or wood sash: stops nailed in the room, the unit in wet sealant, sometimes a screen channel over them. */
export const pinnedStop: Frame = {
  ...OF_TIMBER,
  name: "Clad or wood sash, pinned stops",
  short: "pinned stops",
  holds: () => "beads",
  fixing: () => "pins",
  usualBed: (bond) => (bond === "tape" ? "tape" : "silicone"),
  comesApart: (d) => [
    [d.where === "bench" && "release", "channel"],
    ["paint-line"],
    ["beads"],
    ["bond"],
    ["glass"],
    ["packers", "bed"],
  ],
  asks: () => ["where", "fixing", "keep", "paint", "lost"],
  usual: { fixing: "face-nails", bond: "silicone" },
  takesUnits: true,
  painted: false,
  hidesFixings: true,
  channelled: true,
};
