import { bestGapAt, bestTurn, centred, type Gaps, gapsOf, type Placed, type Setback } from "../geometry/placing.ts";
import { SIDES, type Side } from "../geometry/quad.ts";
import { type Figure, type FigureError, figureOf, governing, type OpeningReadings } from "../measure/figure.ts";
import type { OpeningPlace } from "../measure/places.ts";
import { fail, ok, type Result } from "../result.ts";
import { floorTo, type Grid, gridUnit, type Nm, nm, takeNm, toMm } from "../units/length.ts";
import { type Deduction, deductionOf, type School } from "./school.ts";

export type CutInput = {
  readonly readings: OpeningReadings;
  readonly school: School;
  /** What comes off each dimension, both sides together, when the school is the user's own. */
  readonly off?: Nm | undefined;
  readonly oldPane?: { readonly width: Nm; readonly height: Nm } | undefined;
  readonly grid: Grid;
  /** The opening these readings make, where it has been worked out already. */
  readonly figure?: Result<Figure, FigureError> | undefined;
  readonly rebateDepth?: Nm | undefined;
  readonly leastCover: Nm;
  /** A size that a person put in the place of the sum. */
  readonly overrule?: { readonly width: Nm; readonly height: Nm } | undefined;
};

export type CutError =
  | { readonly kind: "needs-width" | "needs-height" | "needs-old-pane" | "needs-own-figure" }
  | { readonly kind: "nothing-left"; readonly axis: "width" | "height" };

export type Cut = {
  readonly governs: Readonly<Record<"width" | "height", { readonly place: OpeningPlace; readonly length: Nm }>>;
  readonly deduction: Deduction;
  /** Before the grid. */
  readonly reckoned: { readonly width: Nm; readonly height: Nm };
  /** Width and height to cut, on the grid. */
  readonly glass: { readonly width: Nm; readonly height: Nm };
  readonly overruled: boolean;
  /** Half of the governing reading less the glass: glass edge to rebate wall on each side, when centred. */
  readonly edgeGap: { readonly width: Nm; readonly height: Nm };
  readonly opening: Result<Lying, FigureError>;
};

/** The pane in the opening as it is. All in mm. */
export type Lying = {
  readonly figure: Figure;
  readonly placed: Placed;
  readonly gaps: Gaps;
  /** Best smallest gap wherever the pane is pushed, at its best turn, and held parallel to the sill. */
  readonly spare: number;
  readonly spareAtSill: number;
  /** By how much each dimension must shrink before the pane goes in; 0 when it does. */
  readonly tooBigBy: number;
  /** Rebate depth less the largest gap, on each side; null until the depth is read. */
  readonly cover: Readonly<Record<Side, number>> | null;
  readonly leastCover: { readonly side: Side; readonly length: number; readonly enough: boolean } | null;
};

/** Gaps smaller than this are a touch, mm: a hundredth of what any tape shows. */
const TOUCH_MM = 1e-3;

/**
 * The size to cut: the smallest reading of each axis, less what the school takes off, rounded down to the cutter's
 * grid; then laid in the opening as it is, to see whether a square pane goes in and how much the rebate covers.
 * @example cutSize(612/611.5/613 by 904/904.5/903, easy, "1 mm") // 608 × 900
 */
export function cutSize(input: CutInput): Result<Cut, CutError> {
  const width = governing(input.readings, "width");
  const height = governing(input.readings, "height");
  if (!width) return fail({ kind: "needs-width" });
  if (!height) return fail({ kind: "needs-height" });
  const deduction = chooseDeduction(input, width.length, height.length);
  if (!deduction.ok) return deduction;
  const reckoned = {
    width: takeNm(width.length, deduction.value.width),
    height: takeNm(height.length, deduction.value.height),
  };
  const glass = input.overrule ?? {
    width: floorTo(reckoned.width, input.grid),
    height: floorTo(reckoned.height, input.grid),
  };
  if (glass.width <= 0) return fail({ kind: "nothing-left", axis: "width" });
  if (glass.height <= 0) return fail({ kind: "nothing-left", axis: "height" });
  return ok({
    governs: { width, height },
    deduction: deduction.value,
    reckoned,
    glass,
    overruled: input.overrule !== undefined,
    edgeGap: { width: half(takeNm(width.length, glass.width)), height: half(takeNm(height.length, glass.height)) },
    opening: layIn(input, glass),
  });
}

function chooseDeduction(input: CutInput, width: Nm, height: Nm): Result<Deduction, CutError> {
  if (input.school === "own")
    return input.off === undefined
      ? fail({ kind: "needs-own-figure" })
      : ok({ width: input.off, height: input.off, source: "the figure you gave" });
  if (input.school === "like-for-like")
    return input.oldPane === undefined
      ? fail({ kind: "needs-old-pane" })
      : ok({
          width: takeNm(width, input.oldPane.width),
          height: takeNm(height, input.oldPane.height),
          source: "the old pane, edge to edge",
        });
  return ok(deductionOf({ school: input.school, unit: gridUnit(input.grid), width, height }));
}

function layIn(input: CutInput, glass: { readonly width: Nm; readonly height: Nm }): Result<Lying, FigureError> {
  const found = input.figure ?? figureOf(input.readings);
  if (!found.ok) return found;
  const figure = found.value;
  const size = { width: toMm(glass.width), height: toMm(glass.height) };
  const setback = bowSetback(figure);
  const best = bestTurn(figure.quad, size, setback);
  const placed = centred(figure.quad, { ...size, turn: best.turn }, setback);
  if (!placed) return fail({ kind: "no-such-figure", worst: "diagonal-up" });
  const gaps = gapsOf(figure.quad, placed, setback);
  const cover = input.rebateDepth === undefined ? null : coverOf(gaps, toMm(input.rebateDepth));
  return ok({
    figure,
    placed,
    gaps,
    spare: best.gap,
    spareAtSill: bestGapAt(figure.quad, { ...size, turn: 0 }, setback),
    tooBigBy: best.gap < -TOUCH_MM ? -2 * best.gap : 0,
    cover,
    leastCover: cover && leastOf(cover, toMm(input.leastCover)),
  });
}

/** Half of an inward bow is lost on both sides concerned. */
export function bowSetback(figure: Figure): Setback {
  const sideways = Math.max(0, -(figure.bow.width ?? 0)) / 2;
  const upright = Math.max(0, -(figure.bow.height ?? 0)) / 2;
  return { left: sideways, right: sideways, bottom: upright, top: upright };
}

const coverOf = (gaps: Gaps, depth: number): Readonly<Record<Side, number>> => ({
  left: depth - gaps.left.most,
  right: depth - gaps.right.most,
  bottom: depth - gaps.bottom.most,
  top: depth - gaps.top.most,
});

function leastOf(cover: Readonly<Record<Side, number>>, needed: number): Lying["leastCover"] {
  const side = SIDES.reduce((least, s) => (cover[s] < cover[least] ? s : least));
  return { side, length: cover[side], enough: cover[side] >= needed - TOUCH_MM };
}

const half = (length: Nm): Nm => nm(Math.round(length / 2));
