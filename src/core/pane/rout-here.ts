import type { HouseRules } from "../house/rules.ts";
import { beadAcross } from "../measure/bead.ts";
import { figureOf } from "../measure/figure.ts";
import type { Readings } from "../measure/reckoned.ts";
import { thicknessFrom } from "../measure/thickness.ts";
import { type Rout, routFor } from "../size/rout.ts";
import { mm, type Nm, toMm } from "../units/length.ts";

/** Room between the edge of a unit and the rebate, mm: under its cover stand its packers. */
const UNIT_GAP_MM = 3;
/**
 * What tape, cutter and opening are off by, mm: a rebate cut to gap and cover alone leaves a unit that binds or is covered too
 * little four times in ten; with this, hardly ever (six readings, the house's own errors).
 */
const UNIT_OFF_MM = 2;
/** So much lean the room for what is off takes up, mm. */
const LEAN_TAKEN_UP_MM = 2;

/**
 * How deep a rebate must be for a unit: its edge seal covered, its packers under it, room for what is off, and half of what the
 * opening leans, as a square unit stands in it with as much more gap at one end as it has less at the other. With that half a
 * leaning opening binds or uncovers one unit in five hundred; without it 14 in 100 at 4 mm, and most at 8.
 * @example cover 12, square // 17
 * @example the same, leaning 5.6 mm // 20
 */
export const depthForUnit = (house: Pick<HouseRules, "unitCoverMm">, readings: Readings): Nm =>
  mm(house.unitCoverMm + UNIT_GAP_MM + UNIT_OFF_MM + leanShareMm(readings));

function leanShareMm(readings: Readings): number {
  const figure = figureOf(readings);
  return figure.ok && figure.value.lean > LEAN_TAKEN_UP_MM ? Math.ceil(figure.value.lean) / 2 : 0;
}

const FACE_CLEARANCE_MM = 1;
const USUAL_BEAD_MM = 10;

/**
 * What to rout so that this sash holds a sealed unit, from its readings as it is now; null until rebate, timber and, unless
 * one is given, the unit's thickness are read.
 * @example rebate 10 deep and 18 wide, cover 12: needs 17 // rout 7 deeper
 */
export function routHere(readings: Readings, house: HouseRules, unit?: Nm): Rout | null {
  const [width, depth, timber, face] = [
    readings["rebate-width"],
    readings["rebate-depth"],
    readings["timber-thickness"],
    readings["member-face"],
  ];
  const thick = unit ?? thicknessFrom(readings).overall;
  if (thick === null || width === undefined || depth === undefined || timber === undefined) return null;
  return routFor({
    bed: readings["bed-under"] ?? mm(house.bedMm),
    unit: thick,
    faceClearance: mm(FACE_CLEARANCE_MM),
    bead: beadAcross(readings) ?? mm(USUAL_BEAD_MM),
    rebateWidth: width,
    rebateDepth: depth,
    depthNeeded: depthForUnit(house, readings),
    timber,
    faces: face === undefined ? {} : { bottom: face },
    leastUpstand: mm(house.upstandLeftMm),
    leastWeb: mm(house.webLeftMm),
  });
}

/**
 * How thick a unit this sash holds once its rebate is routed, mm: its timber less what must stay of it, the bed, the clearance
 * and the bead or putty; null until the timber is read.
 * @example timber 44, upstand 6 stays, bed 2, clearance 1, putty 10 // 25
 */
export function roomOnceRouted(readings: Readings, house: HouseRules): number | null {
  const timber = readings["timber-thickness"];
  if (timber === undefined) return null;
  const [bed, bead] = [readings["bed-under"] ?? mm(house.bedMm), beadAcross(readings) ?? mm(USUAL_BEAD_MM)];
  return toMm(timber) - house.upstandLeftMm - toMm(bed) - FACE_CLEARANCE_MM - toMm(bead);
}
