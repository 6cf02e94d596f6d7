import { isPlastic, isTimber, pinned } from "../frame/held.ts";
import { frameOf } from "../frame/systems.ts";
import type { Template } from "../text/template.ts";
import type { StepFacts } from "./facts.ts";

/** A way of opening the seam: what, how wide, when, and why one might. */
export type SeamTool = {
  readonly tool: string;
  readonly blade: Template;
  readonly why: Template;
  readonly minds: Template;
  readonly fits: (f: StepFacts) => boolean;
};

/** Source of all of them: trade practice. A bar comes only once the bead is loose. */
const TOOLS: readonly SeamTool[] = [
  {
    tool: "two broad putty knives",
    blade: "75 to 100 mm, stiff",
    why: "They spread the load: nothing dents.",
    minds: "The second goes in beside the first before you twist.",
    fits: () => true,
  },
  {
    tool: "stiff knife and mallet",
    blade: "38 to 50 mm",
    why: "It starts straight in a tight seam.",
    minds: "Tap along the seam, never toward the glass.",
    fits: (f) => !f.toughened,
  },
  {
    tool: "thin putty knife",
    blade: "25 to 32 mm, flexible",
    why: "It finds pins and cuts old paint in a timber seam.",
    minds: "Where it stops is a pin: go in beside it.",
    fits: isTimber,
  },
  {
    tool: "plastic wedge or a deglazing blade",
    blade: "50 mm, blunt edge",
    why: "A hooked {bead} lets go to a blunt edge as well, and the face stays whole.",
    minds: "Warm an old, cold {bead} with the hand first: it cracks when it is cold.",
    fits: isPlastic,
  },
  {
    tool: "flat bar",
    blade: "wider than the {bead}",
    why: "It lifts a whole length at once.",
    minds: "Only for a {bead} that is already loose, with a slip of wood under it.",
    fits: (f) => pinned(f) && !frameOf(f.system).painted,
  },
  {
    tool: "oscillating blade",
    blade: "30 mm",
    why: "New {beads} are here: the old need not be spared.",
    minds: "It runs on: stop short of the glass and of the mitre.",
    fits: (f) => f.detail.keep === "destroy",
  },
];

/** What opens the seam of this frame without leaving a scar. */
export const seamTools = (f: StepFacts): readonly SeamTool[] => TOOLS.filter((t) => t.fits(f));

/** Ways of shifting old putty, from the gentlest to the last. Source: trade practice. */
export const PUTTY_WAYS = [
  { way: "knife", for: "falls", why: "It spares the timber; it only skates over hard {putty}." },
  { way: "narrow chisel, by hand", for: "soft", why: "It can be felt: it stops at a {sprig}." },
  { way: "hacking knife and hammer", for: "hard", why: "Short blows along the {rebate}, never down into it." },
  { way: "oscillating blade", for: "hard", why: "Quickest; it also eats timber and throws dust." },
  {
    way: "a little warmth",
    for: "hard",
    why: "It softens linseed; not beside glass that stays, never over lead paint.",
  },
] as const satisfies readonly { readonly way: string; readonly for: string; readonly why: Template }[];
