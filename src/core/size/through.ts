import { type PackerStack, packerStack } from "../set/packers.ts";
import { addNm, mm, type Nm, nm, takeNm } from "../units/length.ts";

/** Thicknesses that glazing tape and packing strip are mostly made in. Source: trade practice. */
export const TAPES: readonly Nm[] = [mm(1), mm(1.6), mm(2), mm(3), mm(4), mm(5), mm(6)];

/**
 * How a bed of so much is made up: one tape that is it, within a quarter of a millimetre; or else tape first and packing
 * behind it. Undefined when the strips there are cannot do it.
 * @example bedOf(mm(3)) // a tape of 3
 * @example bedOf(mm(8)) // 6 and 2
 */
export const bedOf = (bed: Nm): PackerStack | undefined => packerStack(bed, TAPES, mm(0.25));

/** Everything that must find room through the thickness, from upstand to outer face. */
export type ThroughInput = {
  readonly rebateWidth: Nm;
  readonly bed: Nm;
  /** Glass, or the whole sealed unit. */
  readonly glass: Nm;
  /** Between glass and bead; none for putty. */
  readonly faceClearance: Nm;
  /** The bead there is, across; or the least room the putty needs for its slope. */
  readonly bead: Nm;
};

export type Through = {
  readonly needed: Nm;
  /** Room left over; less than nothing is how far the bead stands proud. */
  readonly spare: Nm;
  readonly proud: Nm;
  /** Room for bead or putty once bed and glass are in. */
  readonly front: Nm;
  /** Any one of these alone puts a proud bead flush; null when it cannot. */
  readonly cures: {
    readonly slimmerBead: Nm | null;
    readonly thinnerGlass: Nm | null;
    readonly thinnerBed: Nm | null;
    readonly widerRebate: Nm;
  } | null;
  /** The bed, in tape or packing, that brings a bead which would be sunk flush with the face. */
  readonly bedToFlush: Nm | null;
};

/**
 * Bed + glass + face clearance + bead against the rebate's width.
 * @example rebate 18, bed 2, glass 4, no clearance, bead 12 // flush
 * @example the same with 6 mm glass // 2 mm proud: bead of 10, or 4 mm glass, or 2 mm more rebate
 */
export function throughThickness(input: ThroughInput): Through {
  const needed = [input.bed, input.glass, input.faceClearance, input.bead].reduce<Nm>(addNm, nm(0));
  const spare = takeNm(input.rebateWidth, needed);
  const front = takeNm(input.rebateWidth, [input.bed, input.glass, input.faceClearance].reduce<Nm>(addNm, nm(0)));
  const over = nm(Math.max(0, -spare));
  const less = (from: Nm): Nm | null => (from > over ? takeNm(from, over) : null);
  return {
    needed,
    spare,
    proud: over,
    front,
    cures:
      over === 0
        ? null
        : {
            slimmerBead: less(input.bead),
            thinnerGlass: less(input.glass),
            thinnerBed: less(input.bed),
            widerRebate: addNm(input.rebateWidth, over),
          },
    bedToFlush: spare >= 0 ? addNm(input.bed, spare) : null,
  };
}
