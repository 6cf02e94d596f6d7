import type { z } from "zod";
import type { OddsAnswer, OpeningOddsCase } from "../../contract/calc-odds.ts";
import { HEIGHTS, WIDTHS } from "../../core/measure/places.ts";
import { fail, ok } from "../../core/result.ts";
import { costOf, type OddsInput } from "../../core/size/best.ts";
import { movedOver } from "../../core/size/errors.ts";
import { type Chances, chancesOnBoth, chancesOnLine, type Line } from "../../core/size/odds-line.ts";
import { floorTo, type Nm, takeNm, toMm } from "../../core/units/length.ts";
import type { Outcome } from "../http/endpoint.ts";
import { lengthOut } from "./lengths.ts";
import { gridOffs } from "./odds-line.ts";

type Answer = z.output<typeof OddsAnswer>;
export type Size = { readonly width: Nm; readonly height: Nm };
type Dimension = { readonly line: Line; readonly smallest: Nm };

/** Quadrature is good to about this. */
const EXACT = 1e-10;

/**
 * Width and height each by itself, sharing one movement: exact, where no corner says how the two lie to each other.
 * Glass in nm, chances 0 to 1. Refuses an opening of which one of the two was not read.
 * @example one reading each way, 600.5 and 900.5, tape 0.5, cut and movement 0, glass 600 × 900 // binds: 1 − 0.8413² = 0.292
 */
export function oddsOfBoth(
  job: OpeningOddsCase,
  odds: OddsInput,
  asked: { readonly offs: readonly Nm[]; readonly sizes: readonly Size[] },
): Outcome<Answer> {
  const width = dimensionOf(odds, "width");
  const height = dimensionOf(odds, "height");
  if (!width || !height)
    return fail({
      code: width ? "no-height" : "no-width",
      message: `Read one ${width ? "height" : "width"}, and the odds can be worked out.`,
    });
  const at = (s: Size): Chances =>
    chancesOnBoth(
      { line: width.line, glass: toMm(s.width) },
      { line: height.line, glass: toMm(s.height) },
      job.shareMovement ? "shared" : "apart",
    );
  const cut = (d: Dimension, off: Nm): Nm => floorTo(takeNm(d.smallest, off), job.grid);
  const out = (s: Size) => ({ width: lengthOut(s.width, job.unit), height: lengthOut(s.height, job.unit) });
  const curve = asked.offs.flatMap((off) => {
    const glass = { width: cut(width, off), height: cut(height, off) };
    return glass.width > 0 && glass.height > 0
      ? [{ off: lengthOut(off, job.unit), glass: out(glass), ...at(glass) }]
      : [];
  });
  if (curve.length === 0 && asked.sizes.length === 0)
    return fail({ code: "nothing-left", message: "Nothing is left of the opening when that much comes off." });
  const off = { width: bestOf(width, job), height: bestOf(height, job) };
  const best = off.width !== null && off.height !== null ? { width: off.width, height: off.height } : null;
  const chances = best && at({ width: cut(width, best.width), height: cut(height, best.height) });
  return ok({
    method: "exact",
    curve,
    sizes: asked.sizes.map((s) => ({ ...out(s), ...at(s) })),
    best: best && chances && { off: out(best), cost: costOf(chances, job.costs), ...chances },
    samples: null,
    seed: null,
    standardError: null,
    rule: "no corner was read: each dimension by itself, products over its stations, averaged over cut and one movement for both",
    source: "normal tape error, cutter and movement as given",
  });
}

function dimensionOf(odds: OddsInput, dimension: "width" | "height"): Dimension | null {
  const read = (dimension === "width" ? WIDTHS : HEIGHTS).flatMap((place) => odds.readings[place] ?? []);
  const [first, ...rest] = read;
  if (first === undefined) return null;
  const smallest = rest.reduce((a, b) => (b < a ? b : a), first);
  const { tape, cutting, lies, movement, perMetre } = odds.errors;
  const d = odds.depths;
  const [one, other] = dimension === "width" ? [d?.left, d?.right] : [d?.bottom, d?.top];
  return {
    smallest,
    line: {
      readings: read.map(toMm),
      tape,
      cutting,
      lies,
      movement: movement?.[dimension] ?? movedOver(perMetre, toMm(smallest)),
      depth: one === undefined || other === undefined ? null : (toMm(one) + toMm(other)) / 2,
      leastCover: toMm(odds.leastCover),
    },
  };
}

/** The deduction of least expected cost, each way by itself; the smaller where they are alike. Null while no depth was read. */
function bestOf({ line, smallest }: Dimension, job: OpeningOddsCase): Nm | null {
  if (line.depth === null) return null;
  const tried = gridOffs(job.grid).flatMap((off) => {
    const glass = floorTo(takeNm(smallest, off), job.grid);
    return glass > 0 ? [{ off, cost: costOf(chancesOnLine(line, toMm(glass)), job.costs) }] : [];
  });
  const least = Math.min(...tried.map((t) => t.cost));
  return tried.find((t) => t.cost <= least + job.alike + EXACT)?.off ?? null;
}
