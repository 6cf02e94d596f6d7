import type { z } from "zod";
import type { FitAnswer, FitCase } from "../../contract/calc-fit.ts";
import { inset } from "../../core/geometry/inset.ts";
import { type Clearance, largestAt, largestRectangle } from "../../core/geometry/largest.ts";
import { largestOfAspect } from "../../core/geometry/of-aspect.ts";
import { bestGapAt, bestTurn, gapsOf, type Placed } from "../../core/geometry/placing.ts";
import { SIDES } from "../../core/geometry/quad.ts";
import { type Figure, figureOf } from "../../core/measure/figure.ts";
import { fail, ok } from "../../core/result.ts";
import { easingFor } from "../../core/size/ease.ts";
import { bowSetback, coverOf, type Depths, layIn, leastOf } from "../../core/size/lay.ts";
import { middlesOf } from "../../core/size/lay-model.ts";
import { shapedPane } from "../../core/size/shaped.ts";
import { floorTo, mm, type Nm, toMm } from "../../core/units/length.ts";
import { say } from "../../core/words/dialect.ts";
import { figureErrorSentence } from "../../core/words/size.ts";
import type { Outcome } from "../http/endpoint.ts";
import { lengthIn, lengthOut, lengthsIn } from "./lengths.ts";
import { sidesIn } from "./sides.ts";

type Answer = z.output<typeof FitAnswer>;
type Of = {
  readonly case: FitCase;
  readonly figure: Figure;
  /** What must stay free on each side, with the bow's half and without. */
  readonly free: Clearance;
  readonly clearance: Clearance;
  readonly depths: Depths | undefined;
  readonly leastCover: Nm;
};

export function calcFit(asked: FitCase): Outcome<Answer> {
  const readings = lengthsIn(asked.readings, asked.unit, "readings.");
  if (!readings.ok) return readings;
  const clearance = sidesIn(asked.clearance, asked.unit, "clearance");
  if (!clearance.ok) return clearance;
  const depths =
    asked.rebateDepth === undefined ? ok(undefined) : sidesIn(asked.rebateDepth, asked.unit, "rebateDepth");
  if (!depths.ok) return depths;
  const leastCover = lengthIn(asked.leastCover, asked.unit, "leastCover");
  if (!leastCover.ok) return leastCover;
  const glass = asked.glass
    ? lengthsIn(asked.glass, asked.unit, "glass.")
    : ok({ width: undefined, height: undefined });
  if (!glass.ok) return glass;
  const figure = figureOf(readings.value);
  if (!figure.ok) return fail({ code: figure.error.kind, message: say(figureErrorSentence(figure.error), "a") });

  const bow = bowSetback(figure.value);
  const sides = (add: (side: (typeof SIDES)[number]) => number): Clearance =>
    Object.fromEntries(SIDES.map((s) => [s, toMm(clearance.value[s]) + add(s)])) as Clearance;
  const all: Of = {
    case: asked,
    figure: figure.value,
    free: sides((s) => bow[s] ?? 0),
    clearance: sides(() => 0),
    depths: depths.value,
    leastCover: leastCover.value,
  };
  const { quad } = figure.value;
  const most = (asked.mostTurnDegrees * Math.PI) / 180;
  const covered = (p: Placed): boolean =>
    all.depths !== undefined && leastOf(coverOf(gapsOf(quad, p), all.depths), toMm(all.leastCover)).enough;
  const { width, height } = glass.value;
  if (width === 0 || height === 0)
    return fail({ code: "no-glass", message: "Glass of no width or height: give both.", field: "glass" });
  return ok({
    sill: rectangle(largestAt(quad, 0, all.free), all),
    best: rectangle(largestRectangle(quad, all.free, "even", most), all),
    mostGlass: rectangle(largestRectangle(quad, all.free, "area", most), all),
    mostCovered: all.depths ? rectangle(largestRectangle(quad, all.free, "area", most, covered), all) : null,
    ofAspect: asked.aspect === undefined ? null : rectangle(largestOfAspect(quad, all.free, asked.aspect), all),
    given: width && height ? placing(all, width, height) : null,
    shaped: shapedPane(quad, all.free) ?? null,
    rule: "at a turn, the smallest gap on each side is that side's clearance plus half of an inward bow",
    source: "plane geometry",
  });
}

function rectangle(p: Placed | undefined, asked: Of): Answer["best"] {
  if (!p) return null;
  const gaps = gapsOf(asked.figure.quad, p);
  const grid = { width: floorTo(mm(p.width), asked.case.grid), height: floorTo(mm(p.height), asked.case.grid) };
  return {
    widthMm: p.width,
    heightMm: p.height,
    turnDegrees: degrees(p.turn),
    middle: p.at,
    largestGapMm: Math.max(...SIDES.map((s) => gaps[s].most)),
    gapsMm: gaps,
    ...coverAnswer(gaps, asked),
    onGrid: grid.width > 0 && grid.height > 0 ? placing(asked, grid.width, grid.height) : null,
  };
}

function coverAnswer(
  gaps: ReturnType<typeof gapsOf>,
  asked: Of,
): Pick<NonNullable<Answer["given"]>, "coverMm" | "leastCover"> {
  if (!asked.depths) return { coverMm: null, leastCover: null };
  const cover = coverOf(gaps, asked.depths);
  const { side, length, enough } = leastOf(cover, toMm(asked.leastCover));
  return { coverMm: cover, leastCover: { side, mm: length, enough } };
}

/** Gaps nearer than this to the clearance are the clearance, mm: far less than any tape shows. */
const NEAR_MM = 1e-6;

function placing(asked: Of, width: Nm, height: Nm): Answer["given"] {
  const lying = layIn(asked.figure, { width, height }, asked.depths, asked.leastCover);
  if (!lying) return null;
  const { quad } = asked.figure;
  const size = { width: toMm(width), height: toMm(height) };
  // Each side keeps its own clearance, at its corners and at its middle.
  const free = inset(quad, asked.clearance);
  const middles = middlesOf(asked.figure.bow);
  const after = free ? bestTurn(free, size, middles).gap : Number.NEGATIVE_INFINITY;
  const atSill = free ? bestGapAt(free, { ...size, turn: 0 }, middles) : Number.NEGATIVE_INFINITY;
  return {
    glass: { width: lengthOut(width, asked.case.unit), height: lengthOut(height, asked.case.unit) },
    fits: after >= -NEAR_MM,
    bestGapMm: lying.spare,
    bestTurnDegrees: degrees(lying.placed.turn),
    sillGapMm: lying.spareAtSill,
    fitsAtSill: atSill >= -NEAR_MM,
    straightGapMm: bestTurn(quad, size).gap,
    middle: lying.placed.at,
    gapsMm: lying.gaps,
    bindsFirst: lying.bindsFirst,
    coverMm: lying.cover,
    leastCover: lying.leastCover && {
      side: lying.leastCover.side,
      mm: lying.leastCover.length,
      enough: lying.leastCover.enough,
    },
    easing: easingFor(lying, asked.clearance.left, bowSetback(asked.figure)).map((e) => ({
      side: e.side,
      fromMm: e.from,
      toMm: e.to,
    })),
  };
}

const degrees = (radians: number): number => (radians * 180) / Math.PI;
