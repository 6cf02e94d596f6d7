import { type Frame, never, none } from "./frame.ts";
import { OF_PLASTIC } from "./made-of.ts";

/** Door panel: mouldings sprung into both faces, the pane on double-sided tape at the fixed side. */
export const compressionMoulding: Frame = {
  ...OF_PLASTIC,
  name: "Door panel, sprung mouldings and tape",
  short: "sprung mouldings",
  holds: () => "mouldings",
  comesApart: () => [["mouldings"], ["bond"], ["glass"], ["bed"]],
  asks: none,
  usual: { bond: "tape" },
  ofDoor: true,
  drains: never,
};
