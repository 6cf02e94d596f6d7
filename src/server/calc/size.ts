import type { z } from "zod";
import type { SizeAnswer, SizeCase } from "../../contract/calc-size.ts";
import type { LengthIn } from "../../contract/lengths.ts";
import { HOUSE_DEFAULTS } from "../../core/house/rules.ts";
import { figureOf, type OpeningReadings } from "../../core/measure/figure.ts";
import { fail, ok } from "../../core/result.ts";
import { bestDeduction, findBest, type OddsInput } from "../../core/size/best.ts";
import { type Cut, cutSize } from "../../core/size/cut.ts";
import { errorsFor } from "../../core/size/errors.ts";
import type { Depths, Lying } from "../../core/size/lay.ts";
import type { Deduction } from "../../core/size/school.ts";
import { massOf } from "../../core/specify/glass.ts";
import type { Grid, LengthUnit, Nm } from "../../core/units/length.ts";
import { say } from "../../core/words/dialect.ts";
import { cutErrorSentence, figureErrorSentence } from "../../core/words/size.ts";
import type { Outcome } from "../http/endpoint.ts";
import { lengthIn, lengthOut, lengthsIn } from "./lengths.ts";

export function calcSize(asked: SizeCase): Outcome<z.output<typeof SizeAnswer>> {
  const { unit } = asked;
  const readings = lengthsIn(asked.readings, unit, "readings.");
  if (!readings.ok) return readings;
  const oldPane = pairIn(asked.oldPane, unit, "oldPane.");
  if (!oldPane.ok) return oldPane;
  const overrule = pairIn(asked.overrule, unit, "overrule.");
  if (!overrule.ok) return overrule;
  const { off, rebateDepth } = asked;
  const rest = lengthsIn({ off, rebateDepth }, unit);
  if (!rest.ok) return rest;
  const leastCover = lengthIn(asked.leastCover, unit, "leastCover");
  if (!leastCover.ok) return leastCover;
  const thickness = lengthIn(asked.thickness, unit, "thickness");
  if (!thickness.ok) return thickness;

  const depth = rest.value.rebateDepth;
  const cut = cutSize({
    readings: readings.value,
    school: asked.school,
    grid: asked.grid,
    oldPane: oldPane.value,
    overrule: overrule.value,
    leastCover: leastCover.value,
    off: rest.value.off,
    depths: allRound(depth),
    best: asked.school !== "best-odds" ? undefined : bestFor(readings.value, asked.grid, unit, depth, leastCover.value),
  });
  if (!cut.ok) return fail({ code: cut.error.kind, message: say(cutErrorSentence(cut.error), "a") });
  return ok(sizeAnswer(cut.value, thickness.value, unit));
}

/** The deduction with the least trouble, by the house rules as they come, for timber. */
function bestFor(
  readings: OpeningReadings,
  grid: Grid,
  tape: LengthUnit,
  depth: Nm | undefined,
  leastCover: Nm,
): Deduction | undefined {
  const odds: OddsInput = {
    readings,
    figure: figureOf(readings),
    grid,
    depths: allRound(depth),
    leastCover,
    errors: errorsFor(HOUSE_DEFAULTS, { material: "timber", tape, sealedUnit: false }),
  };
  const best = findBest(odds);
  return best ? bestDeduction(best) : undefined;
}

const allRound = (depth: Nm | undefined): Depths | undefined =>
  depth === undefined ? undefined : { left: depth, right: depth, bottom: depth, top: depth };

function pairIn(
  pair: { readonly width: LengthIn; readonly height: LengthIn } | undefined,
  unit: LengthUnit,
  prefix: string,
): Outcome<{ readonly width: Nm; readonly height: Nm } | undefined> {
  if (!pair) return ok(undefined);
  const width = lengthIn(pair.width, unit, `${prefix}width`);
  if (!width.ok) return width;
  const height = lengthIn(pair.height, unit, `${prefix}height`);
  return height.ok ? ok({ width: width.value, height: height.value }) : height;
}

function sizeAnswer(cut: Cut, thickness: Nm, unit: LengthUnit): z.output<typeof SizeAnswer> {
  const pair = (p: { readonly width: Nm; readonly height: Nm }) => ({
    width: lengthOut(p.width, unit),
    height: lengthOut(p.height, unit),
  });
  const governs = (g: Cut["governs"]["width"]) => ({ place: g.place, length: lengthOut(g.length, unit) });
  return {
    glass: pair(cut.glass),
    governs: { width: governs(cut.governs.width), height: governs(cut.governs.height) },
    deduction: { ...pair(cut.deduction), source: cut.deduction.source },
    reckoned: pair(cut.reckoned),
    overruled: cut.overruled,
    edgeGap: pair(cut.edgeGap),
    massKg: massOf(cut.glass.width, cut.glass.height, thickness),
    opening: cut.opening.ok ? openingAnswer(cut.opening.value) : null,
    openingProblem: cut.opening.ok ? null : say(figureErrorSentence(cut.opening.error), "a"),
    rule: "smallest reading of each axis, less the deduction, rounded down to the grid",
    source: cut.deduction.source,
  };
}

function openingAnswer(lying: Lying): NonNullable<z.output<typeof SizeAnswer>["opening"]> {
  const { figure, placed } = lying;
  const defined = Object.entries(figure.residuals).filter(([, v]) => v !== undefined);
  return {
    corners: figure.quad,
    leanMm: figure.lean,
    outOfSquareMm: figure.outOfSquare,
    bowMm: figure.bow,
    residualsMm: Object.fromEntries(defined) as Record<string, number>,
    assumptions: [...figure.assumptions],
    pane: { middle: placed.at, turnDegrees: (placed.turn * 180) / Math.PI },
    gapsMm: lying.gaps,
    spareMm: lying.spare,
    spareAtSillMm: lying.spareAtSill,
    tooBigByMm: lying.tooBigBy,
    coverMm: lying.cover,
    leastCover: lying.leastCover && {
      side: lying.leastCover.side,
      mm: lying.leastCover.length,
      enough: lying.leastCover.enough,
    },
  };
}
