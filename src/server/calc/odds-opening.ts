import type { z } from "zod";
import type { OddsAnswer, OpeningOddsCase } from "../../contract/calc-odds.ts";
import { HOUSE_DEFAULTS } from "../../core/house/rules.ts";
import { figureOf } from "../../core/measure/figure.ts";
import { fail, ok } from "../../core/result.ts";
import { bestOff, costOf, type OddsInput, type OddsModel, oddsModel } from "../../core/size/best.ts";
import { type Draws, drawsFrom } from "../../core/size/draws.ts";
import { errorsFor, type SizeErrors } from "../../core/size/errors.ts";
import { chancesIn, type Drawn, drawnIn } from "../../core/size/lay-chances.ts";
import { floorTo, type Nm, takeNm, toMm } from "../../core/units/length.ts";
import { say } from "../../core/words/dialect.ts";
import { figureErrorSentence } from "../../core/words/size.ts";
import type { Outcome } from "../http/endpoint.ts";
import { lengthIn, lengthOut, lengthsIn } from "./lengths.ts";
import { oddsOfBoth, type Size } from "./odds-both.ts";
import { deductionsOf } from "./odds-line.ts";
import { sidesIn } from "./sides.ts";

type Answer = z.output<typeof OddsAnswer>;

/** A whole opening: by drawing, or exactly where no corner was read and one day is asked about. */
export function oddsOfOpening(job: OpeningOddsCase): Outcome<Answer> {
  const input = inputFrom(job);
  if (!input.ok) return input;
  const odds = input.value;
  const model = oddsModel(odds);
  if (!model)
    return odds.figure.ok
      ? fail({ code: "nothing-left", message: "The opening is too small for a pane." })
      : fail({ code: odds.figure.error.kind, message: say(figureErrorSentence(odds.figure.error), "a") });
  const asked = deductionsOf(job);
  if (!asked.ok) return asked;
  const sizes: Size[] = [];
  for (const [i, g] of (job.glass ?? []).entries()) {
    const read = lengthsIn(g, job.unit, `glass.${i}.`);
    if (!read.ok) return read;
    const { width, height } = read.value;
    if (!width || !height)
      return fail({ code: "no-glass", message: "Glass of no width or height: give both.", field: `glass.${i}` });
    sizes.push({ width, height });
  }
  const draws = drawsFrom(job.seed, job.samples, job.cutting.kind, job.shareMovement ? "shared" : "apart");
  if (model.from === "usual-lean" && job.when === "day") return oddsOfBoth(job, odds, { offs: asked.value, sizes });
  const out = (s: Size) => ({ width: lengthOut(s.width, job.unit), height: lengthOut(s.height, job.unit) });
  const best = odds.depths === undefined ? null : bestOff(model, odds, draws);
  return ok({
    method: "sampled",
    curve: curveOf(job, model, drawnIn(model.lay, draws, odds.errors.when), asked.value),
    sizes: sizes.map((s) => ({ ...out(s), ...atSize(odds, s, draws, model) })),
    best: best && { off: out(best.off), cost: costOf(best.chances, job.costs), ...best.chances },
    samples: job.samples,
    seed: job.seed,
    standardError: 0.5 / Math.sqrt(job.samples),
    rule:
      model.from === "figure"
        ? "draws of the whole figure; the pane laid at the turn with the best smallest gap, then evened"
        : "draws of the whole figure with a usual lean, since no corner was read; the pane laid at the turn with the best smallest gap, then evened",
    source: "normal tape error, cutter and movement as given",
  });
}

/** Asked by itself, a size is reckoned about itself: the first order is then at its best. */
const atSize = (odds: OddsInput, s: Size, draws: Draws, fallback: OddsModel) =>
  chancesIn(drawnIn((oddsModel(odds, s) ?? fallback).lay, draws, odds.errors.when), {
    width: toMm(s.width),
    height: toMm(s.height),
  });

function curveOf(job: OpeningOddsCase, model: OddsModel, drawn: Drawn, asked: readonly Nm[]): Answer["curve"] {
  return asked.flatMap((off) => {
    const glass = sizeAt(model, job, off);
    if (glass.width <= 0 || glass.height <= 0) return [];
    return [
      {
        off: lengthOut(off, job.unit),
        glass: { width: lengthOut(glass.width, job.unit), height: lengthOut(glass.height, job.unit) },
        ...chancesIn(drawn, { width: toMm(glass.width), height: toMm(glass.height) }),
      },
    ];
  });
}

const sizeAt = (model: OddsModel, job: OpeningOddsCase, off: Nm): Size => ({
  width: floorTo(takeNm(model.smallest.width, off), job.grid),
  height: floorTo(takeNm(model.smallest.height, off), job.grid),
});
function inputFrom(job: OpeningOddsCase): Outcome<OddsInput> {
  const readings = lengthsIn(job.opening, job.unit, "opening.");
  if (!readings.ok) return readings;
  const depths = job.rebateDepth === undefined ? ok(undefined) : sidesIn(job.rebateDepth, job.unit, "rebateDepth");
  if (!depths.ok) return depths;
  const leastCover = lengthIn(job.leastCover, job.unit, "leastCover");
  if (!leastCover.ok) return leastCover;
  const usual = errorsFor(HOUSE_DEFAULTS, { material: job.material, tape: job.unit, sealedUnit: false });
  const errors: SizeErrors = {
    ...usual,
    tape: job.tapeSpread ?? usual.tape,
    cutting: job.cutting,
    lies: job.lies,
    costs: job.costs,
    alike: job.alike,
    doubtMm: job.doubt,
    movement: job.movement,
    when: job.when,
  };
  return ok({
    readings: readings.value,
    figure: figureOf(readings.value),
    grid: job.grid,
    depths: depths.value,
    leastCover: leastCover.value,
    errors,
  });
}
