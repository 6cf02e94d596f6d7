import type { Cause } from "../look/damage.ts";
import type { Step } from "../steps/step.ts";

type Remedy = Pick<Step, "does" | "why" | "tools" | "minutes">;

/** What is put right at the frame before the new pane goes in, by why the old one failed; none where nothing at the frame did it. */
const REMEDIES: Readonly<Partial<Record<Cause, Remedy>>> = {
  impact: {
    does: "Find where it came from: a mower's path, a branch, a ball. Say what would keep it off.",
    why: "What struck once strikes again, and the customer sees it only on the new {pane}.",
    minutes: 2,
  },
  "break-in": {
    does: "Try lock, keeps, hinges and catches, and mend what was bent; one that fails is a job of its own.",
    why: "Whoever came in knows the way, and a bent keep racks the sash and its new {pane}.",
    tools: ["screwdriver"],
    minutes: 10,
  },
  hail: {
    does: "Look at every {pane} on this side of the building, and list what is chipped.",
    why: "A chip from hail becomes a crack in the first frost.",
    minutes: 5,
  },
  heat: {
    does: "Measure the air above, below and behind the blind or heater: a hand's width at head and foot, or the blind is moved.",
    why: "Heat that cannot rise bakes the seal and cracks the {pane} from its edge.",
    tools: ["tape measure"],
    minutes: 5,
  },
  shock: {
    does: "Look what blows, drips or shines on it: a heater, a hose, a kettle's steam; and ask what came on it that day.",
    why: "Glass bears heat and cold, not both at once.",
    minutes: 3,
  },
  water: {
    does: "Find where the water came in, and which way it should leave: a gap above, a gasket, a blocked drain.",
    why: "A new seal that stands in water lets go as the old one did.",
    tools: ["torch", "cup of water"],
    minutes: 8,
  },
  packing: {
    does: "Throw the old {packers} out, clear the platform under them, and lay out new ones as wide as the glass is thick.",
    why: "Packed as it was, it fails as it did: a short or narrow one carries one sheet and shears the seal.",
    tools: ["{packers}"],
    minutes: 5,
  },
  twist: {
    does: "Stretch two strings corner to corner and look along them; ease or pack the frame until they touch.",
    why: "Glass bends once. In a twisted frame it is bent from the first day.",
    tools: ["string", "wedges"],
    minutes: 15,
  },
  nail: {
    does: "Run a magnet or a finger along all four sides; draw or shorten every nail and screw near the glass.",
    why: "A point that touches the edge cracks the next {pane} in its first warm week.",
    tools: ["magnet", "pincers"],
    minutes: 5,
  },
  unknown: {
    does: "Look once for a nail, a twist and a short {packer} while it is open, and note what you found.",
    why: "Nobody could say why it failed; the open frame may.",
    tools: ["torch"],
    minutes: 4,
  },
};

/** The task that a cause leaves, as a step of making ready. @example "nail" // "Run a magnet or a finger along …" */
export const remedyFor = (cause: Cause | null): Remedy | null => (cause && REMEDIES[cause]) ?? null;
