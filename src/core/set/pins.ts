import type { Mm } from "../units/length.ts";
/** A pin or nail through a stop, angled away from the glass. Lengths mm, angle in degrees from square to the frame. */
export type Pin = {
  readonly lengthMm: Mm;
  /** Through the stop, square to the frame, where the pin goes in. */
  readonly stopMm: Mm;
  readonly angleDeg: number;
  /** From where it goes in to the glass edge's face, along the frame. */
  readonly toGlassMm: Mm;
};

export type PinReach = {
  /** How deep it holds in the frame, square to it. */
  readonly intoFrameMm: Mm;
  /** How far its point is off the glass; it leans away, so the more the deeper. */
  readonly clearMm: Mm;
  readonly says: "holds" | "short" | "proud" | "toward-glass";
};

/** A pin holds from so deep. Source: trade practice, about a third of its length and never less. */
export const HOLDS_FROM_MM = 8;

/**
 * What a pin of this length does in this stop at this angle.
 * @example 25 long, stop 12, 15° // 25 cos 15° − 12 = 12.1 into the frame, 6.5 farther off the glass than where it went in
 */
export function pinReach(p: Pin): PinReach {
  const a = (p.angleDeg * Math.PI) / 180;
  const intoFrameMm = p.lengthMm * Math.cos(a) - p.stopMm;
  const clearMm = p.toGlassMm + p.lengthMm * Math.sin(a);
  const says =
    clearMm < p.toGlassMm
      ? "toward-glass"
      : intoFrameMm < 0
        ? "proud"
        : intoFrameMm < HOLDS_FROM_MM
          ? "short"
          : "holds";
  return { intoFrameMm, clearMm, says };
}
