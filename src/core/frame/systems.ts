import { cassette } from "./cassette.ts";
import { compressionMoulding } from "./compression-moulding.ts";
import type { Frame } from "./frame.ts";
import { inFront } from "./in-front.ts";
import { metalFrame } from "./metal-frame.ts";
import { pinnedStop } from "./pinned-stop.ts";
import { plasticBeadInside } from "./plastic-bead-inside.ts";
import { plasticBeadInsideBonded } from "./plastic-bead-inside-bonded.ts";
import { plasticBeadOutside } from "./plastic-bead-outside.ts";
import { plasticNoBead } from "./plastic-no-bead.ts";
import { timberBead } from "./timber-bead.ts";
import { timberPutty } from "./timber-putty.ts";

/** How the glass is held. The choice decides what is measured, how the pane comes out, and what seals it. */
const FRAMES = {
  "timber-putty": timberPutty,
  "timber-bead": timberBead,
  "plastic-bead-inside": plasticBeadInside,
  "plastic-bead-inside-bonded": plasticBeadInsideBonded,
  "plastic-bead-outside": plasticBeadOutside,
  "plastic-no-bead": plasticNoBead,
  "pinned-stop": pinnedStop,
  cassette,
  "compression-moulding": compressionMoulding,
  "metal-frame": metalFrame,
  "in-front": inFront,
} as const satisfies Readonly<Record<string, Frame>>;

export type System = keyof typeof FRAMES;
export const SYSTEMS = Object.keys(FRAMES) as [System, ...System[]];

/** All that is known of a frame system. @example frameOf("timber-putty").usualBed("putty") // "linseed" */
export const frameOf = (system: System): Frame => FRAMES[system];

/** What a list of new panes begins with until somebody says: the commonest to be repaired. */
export const FIRST_SYSTEM: System = "timber-putty";

/** A sash that cannot be opened has no steps. */
export const CANNOT_BE_OPENED =
  "This sash lets nothing out. Glass alone cannot be changed: choose a new sash under Look.";
