import type { Side } from "../geometry/quad.ts";
import { type Mm, mm, type Nm } from "../units/length.ts";
import { type PinReach, pinReach } from "./pins.ts";
import { type SprigPlan, sprigPlan } from "./sprigs.ts";

/** Lengths that panel pins and finish nails are sold in, mm. Source: common stock. */
export const PIN_LENGTHS_MM: readonly number[] = [15, 20, 25, 30, 40, 50];
/** Beads and stops are pinned near each corner and so far apart. Source: trade practice. */
export const PIN_RULE = { corner: mm(50), pitch: mm(150) };
/** Leaning away from the glass by so much: less finds its edge, more splits the bead. Source: trade practice. */
export const PIN_ANGLE_DEG = 15;

/** Taken where nobody measured the bead: across it, and from the pin to the glass; mm. Source: common beads. */
export const USUAL_BEAD_MM = 12;
export const TO_GLASS_MM = 4;

export type PinPlan = {
  /** The shortest that holds at this angle; null where none sold does. */
  readonly lengthMm: Mm | null;
  readonly reach: PinReach | null;
  readonly places: SprigPlan;
};

/**
 * Pins for four beads: the shortest length that holds, and where each stands.
 * @example bead 12 across, 15° // 25: it goes 12.1 into the frame; 20 would go 7.3, too little
 */
export function pinPlan(stops: {
  readonly sides: Readonly<Record<Side, Nm>>;
  readonly stopMm: Mm;
  readonly angleDeg: number;
  readonly toGlassMm: Mm;
}): PinPlan {
  const reachOf = (lengthMm: Mm): PinReach =>
    pinReach({ lengthMm, stopMm: stops.stopMm, angleDeg: stops.angleDeg, toGlassMm: stops.toGlassMm });
  const lengthMm = stops.angleDeg < 0 ? null : (PIN_LENGTHS_MM.find((l) => reachOf(l).says === "holds") ?? null);
  return {
    lengthMm,
    reach: lengthMm === null ? null : reachOf(lengthMm),
    places: sprigPlan(stops.sides, PIN_RULE),
  };
}
