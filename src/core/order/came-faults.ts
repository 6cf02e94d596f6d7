import { type Nm, toMm } from "../units/length.ts";
import type { Tolerance } from "./check-in.ts";
import { diagonalsWithin } from "./check-looks.ts";

/** Glass of a stated thickness may be off by so much, mm. Source: EN 572-2 for float up to 6 mm; a unit's own is wider. */
const THICK_WITHIN_MM = 0.3;
const UNIT_WITHIN_MM = 1.5;

/** What was ordered, as far as it is compared: nm. */
export type OrderedGlass = {
  readonly widthNm: number;
  readonly heightNm: number;
  readonly thicknessNm: number;
  readonly makeup?: unknown;
};

/**
 * What of the thickness and the diagonals that came is not as it was ordered, a sentence each in millimetres; of what was not
 * measured, nothing. The diagonals may differ by the tolerance of the longer side.
 * @example 4 mm ordered, 4.4 came // ["It is 4.4 mm thick, and 4 mm was ordered: what holds it in the frame was chosen for that."]
 */
export function cameFaults(
  line: OrderedGlass,
  tolerance: Tolerance,
  came: { readonly thickness: Nm | null; readonly up: Nm | null; readonly down: Nm | null },
): readonly string[] {
  const out: string[] = [];
  const orderedMm = line.thicknessNm / 1e6;
  const within = line.makeup ? UNIT_WITHIN_MM : THICK_WITHIN_MM;
  if (came.thickness !== null && Math.abs(toMm(came.thickness) - orderedMm) > within + 1e-9)
    out.push(
      `It is ${toMm(came.thickness)} mm thick, and ${orderedMm} mm was ordered: what holds it in the frame was chosen for that.`,
    );
  const longer = Math.max(line.widthNm, line.heightNm);
  const may = toMm(longer > tolerance.limit ? tolerance.large : tolerance.small);
  if (came.up !== null && came.down !== null && !diagonalsWithin(toMm(came.up), toMm(came.down), may))
    out.push(`Out of square by ${Math.abs(toMm(came.up) - toMm(came.down)).toFixed(1)} mm over the diagonals.`);
  return out;
}
