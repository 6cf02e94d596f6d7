import type { Template } from "../text/template.ts";
import type { Mm } from "../units/length.ts";

/** Metalwork that comes off with the sash and goes back, or does not. */
export const HARDWARE = ["hinges", "stay", "handle", "keeps", "latch", "lock", "pulleys"] as const;
export type Hardware = (typeof HARDWARE)[number];

export const HARDWARE_NAMES: Readonly<Record<Hardware, string>> = {
  hinges: "hinges",
  stay: "stay or arm",
  handle: "handle",
  keeps: "keeps",
  latch: "latch or catch",
  lock: "lock",
  pulleys: "pulleys and cords",
};

export const HARDWARE_FATES = ["as-is", "strip", "new"] as const;
export type HardwareFate = (typeof HARDWARE_FATES)[number];

export const FATE_NAMES: Readonly<Record<HardwareFate, string>> = {
  "as-is": "goes back as it is",
  strip: "strip its paint first",
  new: "a new one",
};

/** A plate as it lies on the timber, mm: its two ways, and from the middle of its first hole to that of its last. */
export type Plate = { readonly width: Mm; readonly height: Mm; readonly holes: number };

export type Footprint = {
  /** How much further out the new one reaches than the old mark, each way on each side, mm; less than nothing shows the mark. */
  readonly overWidth: number;
  readonly overHeight: number;
  readonly markShows: boolean;
  /** New holes fall beside the old ones, so near that the screw runs into them. */
  readonly holesClash: boolean;
};

/** Nearer than this to an old hole a screw finds its way into it, mm. Source: trade practice, screws of 3.5 to 4. */
const HOLE_APART_MM = 6;

/**
 * How a new bracket lies on the mark of the old, both centred: whether the bare patch shows, and whether its screws hold.
 * @example old 30 × 60, holes 45 apart; new 34 × 58, holes 48 // 2 over each side, 1 short at head and foot: the mark shows; holes 1.5 off: they clash
 */
export function footprintOf(old: Plate, now: Plate): Footprint {
  const overWidth = (now.width - old.width) / 2;
  const overHeight = (now.height - old.height) / 2;
  const off = Math.abs(now.holes - old.holes) / 2;
  return {
    overWidth,
    overHeight,
    markShows: overWidth < 0 || overHeight < 0,
    holesClash: off > 0.25 && off < HOLE_APART_MM,
  };
}

/** What follows from it. */
export function footprintSays(f: Footprint): readonly Template[] {
  const out: Template[] = [];
  if (f.markShows) out.push("The old mark shows beside it: fill and paint there, or look for a larger plate.");
  else if (f.overWidth > 0 || f.overHeight > 0)
    out.push(
      `It reaches ${Math.max(f.overWidth, f.overHeight).toFixed(1)} mm past the old mark: see that it clears glass, {bead} and edge, and that the housing is cut to it.`,
    );
  if (f.holesClash)
    out.push("Its screws run into the old holes: glue in plugs, let them dry, and drill afresh by the table.");
  return out.length > 0 ? out : ["It lies on the old mark, and its holes stand clear or fall on the old."];
}
