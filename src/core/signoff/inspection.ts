import type { System } from "../look/systems.ts";

export type InspectionItem = { readonly id: string; readonly look: string; readonly ifNot: string };

const ALWAYS: readonly InspectionItem[] = [
  {
    id: "still",
    look: "The pane is still: press it, knock the frame, no rattle.",
    ifNot: "Find the gap in the bed, or the {sprig} standing off the glass.",
  },
  { id: "gaps", look: "Gaps are even on all four sides.", ifNot: "Move the {packers} while the bed still gives." },
  {
    id: "opens",
    look: "The sash opens, shuts and latches as before.",
    ifNot: "Look for the sash in the wrong opening, or a {packer} that pushes it out of square.",
  },
  {
    id: "clean",
    look: "Glass clean, no scratch, no chip at an edge you can see.",
    ifNot: "Photograph it now; send it back before it is painted.",
  },
  {
    id: "told",
    look: "The customer knows how long to leave it shut and when it is painted.",
    ifNot: "Tell them, and write it down.",
  },
];

const PUTTY: readonly InspectionItem[] = [
  {
    id: "bed-line",
    look: "The bed line is even from inside.",
    ifNot: "Press more bed in with a knife before it skins.",
  },
  {
    id: "sight-line",
    look: "The face {putty} stops at the sight line, corners mitred, no holes.",
    ifNot: "Strike it off again.",
  },
  {
    id: "paint-lap",
    look: "Paint laps on to the glass all round.",
    ifNot: "Cut in again: the {putty}'s edge must be sealed.",
  },
];

/** What of this one pane comes up again at the end. */
export type InspectionAsks = {
  /** What the customer minded, in their words. */
  readonly minds: string;
  /** Marks that the old glass carried, to be found on the new. */
  readonly stamp: string;
};

/** What is looked at before a pane is signed off. Not a certificate: a record of what was seen. */
export function inspectionOf(
  system: System,
  asks: InspectionAsks = { minds: "", stamp: "" },
): readonly InspectionItem[] {
  const own: InspectionItem[] = [];
  if (asks.minds)
    own.push({
      id: "minded",
      look: `The customer minded: “${asks.minds}”. Is it gone?`,
      ifNot: "Say what is left of it, and what comes next.",
    });
  if (asks.stamp)
    own.push({
      id: "stamp",
      look: `The old glass was marked ${asks.stamp}: the new one carries its mark, and it can be read.`,
      ifNot: "Photograph the corner and ask the supplier before it is painted or beaded up.",
    });
  return [...(system === "timber-putty" ? [...ALWAYS.slice(0, 2), ...PUTTY, ...ALWAYS.slice(2)] : ALWAYS), ...own];
}
