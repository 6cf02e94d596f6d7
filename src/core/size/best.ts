import { type Figure, type FigureError, governing, type OpeningReadings, OUTER } from "../measure/figure.ts";
import { HEIGHTS, WIDTHS } from "../measure/places.ts";
import type { Result } from "../result.ts";
import { floorTo, type Grid, gridStep, type Nm, nm, takeNm, toMm } from "../units/length.ts";
import { evenDraws } from "./draws.ts";
import { movedOver, type SizeErrors } from "./errors.ts";
import { type Draws, type Forms, type GlassMm, some } from "./forms.ts";
import { bowSetback, type Depths } from "./lay.ts";
import { formsOf } from "./odds-figure.ts";
import type { Chances } from "./odds-line.ts";
import { formsOfLines, type PlacedLine } from "./odds-lines.ts";
import { chanceRuns, type Run } from "./sampling.ts";
import type { Deduction } from "./school.ts";

export type OddsInput = {
  readonly readings: OpeningReadings;
  readonly figure: Result<Figure, FigureError>;
  readonly grid: Grid;
  readonly depths: Depths | undefined;
  readonly leastCover: Nm;
  readonly errors: SizeErrors;
  /** Least that comes off each way, whatever the odds: glass never touches the rebate. */
  readonly leastOff?: Nm | undefined;
};

/** The opening and all that may be off, about one size of glass; and what it was reckoned from. */
export type OddsModel = {
  readonly forms: Forms;
  readonly smallest: { readonly width: Nm; readonly height: Nm };
  /** Smallest width and height, on the grid, with nothing taken off. */
  readonly full: { readonly width: Nm; readonly height: Nm };
  /** The whole figure with its lean, or each dimension by itself since no corners were read. */
  readonly from: "figure" | "lines";
  /** The depth taken for granted while none is read, mm. */
  readonly assumedDepth: number | null;
};

/** The model is right about this much off each way, mm, and as good as right for several more. */
const ABOUT_MM = 3;

/** Undefined until a width and a height are read. */
export function oddsModel(of: OddsInput, about?: { readonly width: Nm; readonly height: Nm }): OddsModel | undefined {
  const width = governing(of.readings, "width");
  const height = governing(of.readings, "height");
  if (!width || !height) return undefined;
  const full = { width: floorTo(width.length, of.grid), height: floorTo(height.length, of.grid) };
  const smallest = { width: width.length, height: height.length };
  const base: GlassMm = about
    ? { width: toMm(about.width), height: toMm(about.height) }
    : { width: toMm(full.width) - ABOUT_MM, height: toMm(full.height) - ABOUT_MM };
  if (base.width <= 0 || base.height <= 0) return undefined;
  const { errors } = of;
  const depth = depthsMm(of);
  const movement = errors.movement ?? {
    width: movedOver(errors.perMetre, toMm(width.length)),
    height: movedOver(errors.perMetre, toMm(height.length)),
  };
  const assumedDepth = of.depths === undefined ? errors.usualDepth : null;
  const common = { tape: errors.tape, cutting: errors.cutting, leastCover: toMm(of.leastCover), lies: errors.lies };
  const corners = of.readings["diagonal-up"] !== undefined || of.readings["diagonal-down"] !== undefined;
  if (corners && of.figure.ok) {
    const outer = Object.fromEntries(
      OUTER.flatMap((p) => (of.readings[p] === undefined ? [] : [[p, toMm(of.readings[p])]])),
    );
    const forms = formsOf(
      { quad: of.figure.value.quad, setback: bowSetback(of.figure.value), readings: outer, movement, depth, ...common },
      base,
    );
    if (forms) return { forms, smallest, full, from: "figure", assumedDepth };
  }
  const line = (axis: "width" | "height"): PlacedLine => {
    const places = (axis === "width" ? WIDTHS : HEIGHTS).filter((p) => of.readings[p] !== undefined);
    return {
      ...common,
      places,
      readings: places.map((p) => toMm(of.readings[p] ?? nm(0))),
      movement: movement[axis],
      depth: axis === "width" ? Math.min(depth.left, depth.right) : Math.min(depth.bottom, depth.top),
    };
  };
  return { forms: formsOfLines(line("width"), line("height"), base), smallest, full, from: "lines", assumedDepth };
}

function depthsMm(of: OddsInput) {
  const at = (side: keyof Depths): number => (of.depths ? toMm(of.depths[side]) : of.errors.usualDepth);
  return { left: at("left"), right: at("right"), bottom: at("bottom"), top: at("top") };
}

/** Most that is taken off each way, mm. */
const MOST_OFF_MM = 20;

export type Best = Pick<OddsModel, "smallest" | "full" | "from" | "assumedDepth"> & {
  /** What comes off the smallest reading's grid size, each way. */
  readonly off: { readonly width: Nm; readonly height: Nm };
  readonly chances: Chances;
};

/**
 * The deduction with the least expected cost, width and height each on the grid from 0 to 20 mm. Both are first tried
 * alike, then each about the best of those. Chances alike go to the smaller deduction.
 */
export function bestOff(model: OddsModel, of: OddsInput, draws: Draws = evenly(of.errors.cutting.kind)): Best {
  const step = toMm(gridStep(of.grid));
  const steps = Math.floor(MOST_OFF_MM / step + 1e-9) + 1;
  const least = Math.ceil((of.leastOff ?? 0) / gridStep(of.grid) - 1e-9);
  const start = {
    width: model.forms.base.width - toMm(model.full.width),
    height: model.forms.base.height - toMm(model.full.height),
  };
  const at = (i: number, k: number): GlassMm => ({ width: start.width + i * step, height: start.height + k * step });
  const alike: Run = { off: at(0, 0), step: { width: step, height: step } };
  const [diagonal = []] = chanceRuns(model.forms, some(draws, ROUGHLY), { runs: [alike], steps });
  const middle = cheapest(diagonal.map((chances, i) => ({ i, k: i, chances })).slice(least), of.errors).i;
  const reach = Math.ceil(AROUND_MM / step);
  const near = Array.from({ length: 2 * reach + 1 }, (_, n) => middle - reach + n).filter(
    (i) => i >= least && i < steps,
  );
  const first = near[0] ?? 0;
  const runs = near.map((i): Run => ({ off: at(i, first), step: { width: 0, height: step } }));
  const all = chanceRuns(model.forms, draws, { runs, steps: near.length }).flatMap((column, c) =>
    column.map((chances, k) => ({ i: near[c] ?? 0, k: first + k, chances })),
  );
  const best = cheapest(all, of.errors);
  const off = (n: number): Nm => nm(n * gridStep(of.grid));
  return {
    off: { width: off(best.i), height: off(best.k) },
    chances: best.chances,
    smallest: model.smallest,
    full: model.full,
    from: model.from,
    assumedDepth: model.assumedDepth,
  };
}

/** Each is tried so far about the best that is alike both ways, mm. */
const AROUND_MM = 3;
/** Draws that find the neighbourhood. */
const ROUGHLY = 128;

type Tried = { readonly i: number; readonly k: number; readonly chances: Chances };

export const costOf = (c: Chances, costs: SizeErrors["costs"]): number =>
  costs.binds * c.binds + costs.coverLost * (c.coverLost ?? 0);

function cheapest(tried: readonly Tried[], errors: SizeErrors): Tried {
  const costs = tried.map((t) => costOf(t.chances, errors.costs));
  const enough = Math.min(...costs) + errors.alike * Math.max(errors.costs.binds, errors.costs.coverLost) + 1e-12;
  let best: Tried | undefined;
  tried.forEach((t, n) => {
    if ((costs[n] ?? 0) > enough) return;
    if (!best || t.i + t.k < best.i + best.k || (t.i + t.k === best.i + best.k && t.i < best.i)) best = t;
  });
  return best ?? { i: 0, k: 0, chances: { binds: 1, coverLost: 1, trouble: 1 } };
}

const EVEN_DRAWS = 512;
const made = new Map<string, Draws>();

/** Made once, when first asked for, and never changed after: they are the same for every pane. */
export function evenly(cutting: SizeErrors["cutting"]["kind"]): Draws {
  const found = made.get(cutting) ?? evenDraws(EVEN_DRAWS, cutting);
  made.set(cutting, found);
  return found;
}

/** The best as a deduction from the smallest readings. */
export function bestDeduction(best: Best): Deduction {
  const off = (axis: "width" | "height"): Nm => takeNm(best.smallest[axis], takeNm(best.full[axis], best.off[axis]));
  return { width: off("width"), height: off("height"), source: "best odds: the least chance of trouble" };
}

/** The best for an opening; null until it has a width and a height. */
export type FindBest = (of: OddsInput) => Best | null;

export const findBest: FindBest = (of) => {
  const model = oddsModel(of);
  return model ? bestOff(model, of) : null;
};

/** The same, remembering the newest few openings: a list of panes asks for the same again and again. */
export function rememberBest(most: number): FindBest {
  const known = new Map<string, Best | null>();
  return (of) => {
    const { figure: _, ...rest } = of;
    const key = JSON.stringify(rest);
    const found = known.has(key) ? (known.get(key) ?? null) : findBest(of);
    known.delete(key);
    known.set(key, found);
    const oldest = known.keys().next().value;
    if (known.size > most && oldest !== undefined) known.delete(oldest);
    return found;
  };
}
