import type { Frame } from "../frame/frame.ts";
import type { Template } from "../text/template.ts";

/** What an earlier repair left behind: each costs minutes, and is told to the owner without blame. */
export const EARLIER = [
  "plastic-sheet",
  "taped",
  "silicone-over",
  "screws-through",
  "soft-patch",
  "wrong-diagonal",
] as const;
export type Earlier = (typeof EARLIER)[number];

export const EARLIER_FACTS: Readonly<
  Record<Earlier, { readonly name: Template; readonly minutes: number; readonly tell: Template }>
> = {
  "plastic-sheet": {
    name: "plastic sheet for glass",
    minutes: 5,
    tell: "A plastic sheet stands in for the glass: it kept the weather out, and comes off with it.",
  },
  taped: { name: "{panes} held with tape", minutes: 5, tell: "Tape has held the {pane} until now." },
  "silicone-over": {
    name: "silicone over {putty}",
    minutes: 20,
    tell: "Silicone was run over the old {putty}: it held for a while, and must come off to bare material.",
  },
  "screws-through": {
    name: "screws through the sash",
    minutes: 15,
    tell: "Screws hold the sash that were not there from the start: they come out before it opens.",
  },
  "soft-patch": {
    name: "soft patching in the timber",
    minutes: 20,
    tell: "A soft filler is in the {rebate}: it is cut back to sound timber.",
  },
  "wrong-diagonal": {
    name: "packed on the wrong diagonal",
    minutes: 10,
    tell: "The {pane} was packed so that the sash hangs lower: it is packed the other way now.",
  },
};

/** What such a sash can have had done to it: no soft filler stands in plastic or metal, no putty in plastic. */
export const earlierOf = (f: Pick<Frame, "worked" | "oldPutty">): readonly Earlier[] =>
  EARLIER.filter((e) => (e === "soft-patch" ? f.worked === "timber" : e === "silicone-over" ? f.oldPutty : true));

/** Minutes that an earlier repair adds to taking out. @example ["silicone-over", "taped"] // 25 */
export const earlierMinutes = (found: readonly Earlier[]): number =>
  found.reduce((sum, e) => sum + EARLIER_FACTS[e].minutes, 0);
