import type { z } from "zod";
import type { OpeningAnswer, OpeningCase } from "../../contract/calc-opening.ts";
import { DISAGREE_MM, disagreement, type Figure, figureOf } from "../../core/measure/figure.ts";
import { OPENING } from "../../core/measure/places.ts";
import { slipsIn } from "../../core/measure/slips.ts";
import { twistOf } from "../../core/measure/twist.ts";
import { fail, ok } from "../../core/result.ts";
import { writeLength } from "../../core/tape/write.ts";
import { type LengthUnit, mm, toMm } from "../../core/units/length.ts";
import { say } from "../../core/words/dialect.ts";
import { ASSUMPTION_WORDS, missingWords, slipWords } from "../../core/words/opening.ts";
import { figureErrorSentence } from "../../core/words/size.ts";
import type { Outcome } from "../http/endpoint.ts";
import { lengthsIn } from "./lengths.ts";

export function calcOpening(asked: OpeningCase): Outcome<z.output<typeof OpeningAnswer>> {
  const readings = lengthsIn(asked.readings, asked.unit, "readings.");
  if (!readings.ok) return readings;
  const back = lengthsIn(asked.back ?? {}, asked.unit, "back.");
  if (!back.ok) return back;
  const figure = figureOf(readings.value);
  if (!figure.ok) return fail({ code: figure.error.kind, message: say(figureErrorSentence(figure.error), "a") });
  const f = figure.value;
  const slips = slipsIn({ readings: readings.value, unit: asked.unit, tapeMm: asked.unit === "mm" ? 0.5 : 0.4 });
  const other = Object.fromEntries(
    OPENING.flatMap((p) => (back.value[p] === undefined ? [] : [[`back-${p}`, back.value[p]]])),
  );
  const twist = twistOf({ ...readings.value, ...other });
  return ok({
    corners: f.quad,
    outOfSquareMm: f.outOfSquare,
    leanMm: f.lean,
    bowMm: f.bow,
    residualsMm: defined(f.residuals),
    disagreementMm: disagreement(f),
    assumptions: f.assumptions.map((kind) => ({ kind, says: say(ASSUMPTION_WORDS[kind], "a") })),
    missing: missingWords(readings.value).map((m) => ({ ...m, says: say(m.says, "a") })),
    slips: slips.map((s) => ({
      place: s.place,
      with: s.with ?? null,
      kind: s.kind,
      meantMm: toMm(s.meant),
      says: say(slipWords(s, asked.unit), "a"),
    })),
    twistMm: defined(twist.differences),
    says: openingWords(f, asked.unit),
    rule: "least squares of the six outer readings, unweighted; bow is a middle reading less the figure's own middle",
    source: "plane geometry",
  });
}

const defined = (figures: Readonly<Partial<Record<string, number>>>): Record<string, number> =>
  Object.fromEntries(Object.entries(figures).flatMap(([k, v]) => (v === undefined ? [] : [[k, v]])));

function openingWords(f: Figure, unit: LengthUnit): string {
  if (disagreement(f) > DISAGREE_MM) return "The readings do not fit one opening. Read the corners again.";
  if (f.assumptions.includes("no-lean")) return "Lean is not known: no corner was read.";
  return f.lean < 0.5 ? "Square." : `Leans ${writeLength(mm(f.lean), unit, { places: 1, ticks: 32 })}.`;
}
