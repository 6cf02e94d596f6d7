import type { Mm } from "../units/length.ts";
/** Where a bead of sealant lies on a leg, as it is run and as it is pressed; mm. */
export type SealPath = {
  /** Middle of the bead from the sight line, into the leg. */
  readonly fromSightMm: Mm;
  /** How broad it is once the glass has pressed it to the bed. */
  readonly spreadMm: Mm;
  /** Leg that stays dry on each side of it; less than nothing squeezes into view. */
  readonly spareMm: Mm;
  readonly hidden: boolean;
  /** The thickest bead that stays hidden. */
  readonly beadAtMostMm: Mm;
};

/** Dry leg to keep on each side, so that a wavering hand does not show. Source: trade practice. */
export const SEAL_SPARE_MM = 1;

/** Thickest bead that is usual, thinnest that still seals: it steps by half a millimetre. Source: usual labels. */
const BEADS_MM = { usual: 6, least: 3 };

/**
 * The bead to run: the usual one, or the thickest by the half millimetre that stays hidden on this leg.
 * @example leg 15, pressed to 2 // 5.5 @example leg not read // 6
 */
export function beadOn(legMm: Mm | null, bedMm: Mm): number {
  if (legMm === null || bedMm <= 0) return BEADS_MM.usual;
  const { beadAtMostMm } = sealPath({ legMm, bedMm, beadMm: BEADS_MM.usual });
  return Math.max(BEADS_MM.least, Math.min(BEADS_MM.usual, Math.floor(beadAtMostMm * 2) / 2));
}

/**
 * A round bead pressed to the bed spreads to its section over the bed, and runs down the middle of the leg.
 * @example bead 6 on a leg of 12, pressed to 3 // 9.42 broad, 6 from the sight line, 1.29 to spare
 */
export function sealPath(bed: { readonly legMm: Mm; readonly bedMm: Mm; readonly beadMm: Mm }): SealPath {
  const spread = (Math.PI * bed.beadMm ** 2) / 4 / bed.bedMm;
  const spare = (bed.legMm - spread) / 2;
  return {
    fromSightMm: bed.legMm / 2,
    spreadMm: spread,
    spareMm: spare,
    hidden: spare >= SEAL_SPARE_MM,
    beadAtMostMm: Math.sqrt((4 * bed.bedMm * Math.max(0, bed.legMm - 2 * SEAL_SPARE_MM)) / Math.PI),
  };
}

/** Widths that glazing tape is mostly sold in, mm. Source: common stock. */
export const TAPE_WIDTHS_MM: readonly number[] = [6, 9, 12];
/** How far below the sight line its edge lies, so that it is not seen and lifts no gasket. Source: trade practice. */
export const TAPE_BELOW_MM = 1;

/**
 * The broadest tape that the leg takes, its edge just below the sight line, and where its middle runs; null where none does.
 * @example leg 12 // 9 broad, its middle 5.5 from the sight line
 */
export function tapePath(legMm: Mm): { readonly wideMm: Mm; readonly fromSightMm: Mm } | null {
  const wide = TAPE_WIDTHS_MM.findLast((w) => w + TAPE_BELOW_MM <= legMm);
  return wide === undefined ? null : { wideMm: wide, fromSightMm: TAPE_BELOW_MM + wide / 2 };
}
