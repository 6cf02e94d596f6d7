import type { Point } from "../geometry/point.ts";
import type { Corner } from "../log/kinds/size.ts";
import { type Figure, type FigureError, figureOf, type OpeningReadings } from "../measure/figure.ts";
import { HEIGHTS, type OpeningPlace, WIDTHS } from "../measure/places.ts";
import type { ReckonedOpening } from "../measure/reckoned.ts";
import type { Result } from "../result.ts";
import { type Arch, archedPane, type archOf } from "../size/arch.ts";
import type { Cut, CutError } from "../size/cut.ts";
import type { Deduction } from "../size/school.ts";
import { type Mm, mm, type Nm, nm } from "../units/length.ts";
import { roundOf, SHAPED_MORE_MM, shapeFor } from "./shaped.ts";

/** A pane cut to the opening's own shape, and the true opening that its round would have as much room in on every side. */
export type OwnShape = {
  readonly corners: readonly Corner[];
  readonly round: { readonly width: Nm; readonly height: Nm };
  readonly sizedIn: { readonly readings: OpeningReadings; readonly figure: Result<Figure, FigureError> };
  readonly deduction: Deduction;
};

/** What a shaped pane is sized in: it follows every side at one distance, as a rectangle does in a true opening. */
export function ownShape(corners: readonly Corner[], leastGapMm: Mm): OwnShape {
  const round = roundOf(corners);
  const off = mm(2 * (leastGapMm + SHAPED_MORE_MM));
  const readings: OpeningReadings = {
    "width-middle": nm(round.width + off),
    "height-middle": nm(round.height + off),
  };
  return {
    corners,
    round,
    sizedIn: { readings, figure: figureOf(readings) },
    deduction: { width: off, height: off, source: "its own shape: the least gap and a millimetre along every side" },
  };
}

/**
 * The corners of a pane for an opening with a raking side: four straight sides and both corners tell it. Null until they are
 * read.
 * @example 800 below, 600 left, 900 right, 854.4 above, corners 1204.2 and 1000 // 797 along the foot, 896 at its highest
 */
export function rakedCorners(
  readings: OpeningReadings,
  figure: Result<Figure, FigureError>,
  leastGapMm: Mm,
): readonly Corner[] | null {
  const isRead = readings["diagonal-up"] !== undefined && readings["diagonal-down"] !== undefined;
  return isRead && figure.ok ? shapeFor(figure.value, leastGapMm) : null;
}

/**
 * The outline of a pane for an opening with an arched head. Null where its readings make no part of a circle.
 * @example width 600, springs at 500, crown 700, least gap 0.5 // 597 wide, 697 at its crown
 */
export function archedCorners(arch: ReturnType<typeof archOf> | null, leastGapMm: Mm): readonly Corner[] | null {
  const points = arch?.ok ? archedPane(arch.value, leastGapMm + SHAPED_MORE_MM) : null;
  return points?.map((p) => ({ x: mm(p.x), y: mm(p.y) })) ?? null;
}

/** The opening itself and its pane where it lies, mm, point for point: for the drawing. */
export function archDrawn(
  arch: Arch,
  leastGapMm: Mm,
): { readonly opening: readonly Point[]; readonly pane: readonly Point[]; readonly spring: number } | undefined {
  const room = leastGapMm + SHAPED_MORE_MM;
  const [opening, pane] = [archedPane(arch, 0), archedPane(arch, room)];
  return opening && pane
    ? { opening, pane: pane.map((p) => ({ x: p.x + room, y: p.y + room })), spring: arch.spring }
    : undefined;
}

/**
 * An arched opening as the rectangle round it: the least width, for its jambs are upright, and the crown.
 * @example widths 600 and 601, springs at 500, crown 700 // 600 × 700
 */
export const roundOfArch = (opening: ReckonedOpening, arch: Arch): ReckonedOpening => ({
  ...opening,
  readings: { "width-bottom": mm(arch.width), "height-middle": mm(arch.crown) },
});

/**
 * An opening with an arch or a curve, as the rectangle round it: the greatest width and the greatest height, for its template is
 * cut out of that.
 * @example heights 500 at both springings, 700 at the crown // 700
 */
export function roundOfOpening(opening: ReckonedOpening): ReckonedOpening {
  const { readings } = opening;
  const most = (places: readonly OpeningPlace[]): OpeningReadings => {
    const [greatest] = places
      .filter((p) => readings[p] !== undefined)
      .sort((a, b) => (readings[b] ?? 0) - (readings[a] ?? 0));
    return greatest ? { [greatest]: readings[greatest] } : {};
  };
  return { ...opening, readings: { ...most(WIDTHS), ...most(HEIGHTS) } };
}

/** The pane as it was sized, in the opening as it was read. */
export const inItsOpening = (cut: Result<Cut, CutError>, figure: Result<Figure, FigureError>): Result<Cut, CutError> =>
  cut.ok && cut.value.opening.ok && figure.ok
    ? {
        ok: true,
        value: {
          ...cut.value,
          opening: { ok: true, value: { ...cut.value.opening.value, figure: figure.value } },
        },
      }
    : cut;

/** How much of the rectangle round it a shaped pane is. @example a half: a triangle // 0.5 */
export function shareOfRound(corners: readonly Corner[]): number {
  const { width, height } = roundOf(corners);
  let twice = 0;
  for (const [i, a] of corners.entries()) {
    const b = corners[(i + 1) % corners.length] ?? a;
    twice += a.x * b.y - b.x * a.y;
  }
  return Math.abs(twice) / 2 / (width * height);
}
