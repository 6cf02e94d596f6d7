import type { z } from "zod";
import type { LineOddsCase, OddsAnswer } from "../../contract/calc-odds.ts";
import { HOUSE_DEFAULTS } from "../../core/house/rules.ts";
import { fail, ok } from "../../core/result.ts";
import { costOf } from "../../core/size/best.ts";
import { errorsFor, movedOver } from "../../core/size/errors.ts";
import { type Chances, chancesOnLine, type Line } from "../../core/size/odds-line.ts";
import { floorTo, gridStep, mm, type Nm, nm, takeNm, toMm } from "../../core/units/length.ts";
import type { Outcome } from "../http/endpoint.ts";
import { lengthIn, lengthOut } from "./lengths.ts";

type Answer = z.output<typeof OddsAnswer>;

const MOST_OFF_MM = 20;

/** Deductions asked for, or the grid from 0 to 20 mm. */
export function deductionsOf(job: Pick<LineOddsCase, "deductions" | "grid" | "unit">): Outcome<readonly Nm[]> {
  if (job.deductions === undefined) return ok(gridOffs(job.grid));
  const out: Nm[] = [];
  for (const [i, d] of job.deductions.entries()) {
    const read = lengthIn(d, job.unit, `deductions.${i}`);
    if (!read.ok) return read;
    out.push(read.value);
  }
  return ok(out);
}

export function gridOffs(grid: LineOddsCase["grid"]): readonly Nm[] {
  const step = gridStep(grid);
  return Array.from({ length: Math.floor(mm(MOST_OFF_MM) / step) + 1 }, (_, i) => nm(i * step));
}

/** One dimension, exactly. */
export function oddsOnLine(job: LineOddsCase): Outcome<Answer> {
  const readings: Nm[] = [];
  for (const [i, r] of job.readings.entries()) {
    const read = lengthIn(r, job.unit, `readings.${i}`);
    if (!read.ok) return read;
    readings.push(read.value);
  }
  const depth = job.rebateDepth === undefined ? ok(null) : lengthIn(job.rebateDepth, job.unit, "rebateDepth");
  if (!depth.ok) return depth;
  const leastCover = lengthIn(job.leastCover, job.unit, "leastCover");
  if (!leastCover.ok) return leastCover;
  const asked = deductionsOf(job);
  if (!asked.ok) return asked;

  const errors = errorsFor(HOUSE_DEFAULTS, { material: job.material, tape: job.unit, sealedUnit: false });
  const smallest = readings.reduce((a, b) => (b < a ? b : a));
  const line: Line = {
    readings: readings.map(toMm),
    tape: job.tapeSpread ?? errors.tape,
    cutting: job.cutting,
    movement: job.movement ?? movedOver(errors.perMetre, toMm(smallest)),
    depth: depth.value === null ? null : toMm(depth.value),
    leastCover: toMm(leastCover.value),
    lies: job.lies,
  };
  const at = (off: Nm): { readonly off: Nm; readonly glass: Nm; readonly chances: Chances } | null => {
    const glass = floorTo(takeNm(smallest, off), job.grid);
    return glass > 0 ? { off, glass, chances: chancesOnLine(line, toMm(glass)) } : null;
  };
  const curve = asked.value.flatMap((off) => at(off) ?? []);
  if (curve.length === 0)
    return fail({ code: "nothing-left", message: "Nothing is left of the opening when that much comes off." });
  const tried = job.deductions === undefined ? curve : gridOffs(job.grid).flatMap((off) => at(off) ?? []);
  const least = Math.min(...tried.map((t) => costOf(t.chances, job.costs)));
  const best =
    line.depth === null ? undefined : tried.find((t) => costOf(t.chances, job.costs) <= least + job.alike + EXACT);
  return ok({
    method: "exact",
    curve: curve.map((c) => ({
      off: lengthOut(c.off, job.unit),
      glass: lengthOut(c.glass, job.unit),
      ...c.chances,
    })),
    sizes: [],
    best: best ? { off: lengthOut(best.off, job.unit), cost: costOf(best.chances, job.costs), ...best.chances } : null,
    samples: null,
    seed: null,
    standardError: null,
    rule: "products over the stations, averaged over cut and movement",
    source: "normal tape error, cutter and movement as given",
  });
}

/** Quadrature is good to about this. */
const EXACT = 1e-10;
