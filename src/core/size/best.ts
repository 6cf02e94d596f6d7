import type { HouseRule } from "../house/rules.ts";
import { type Figure, type FigureError, governing, type OpeningReadings } from "../measure/figure.ts";
import type { Result } from "../result.ts";
import { floorTo, type Grid, gridStep, type Nm, nm, takeNm, toMm } from "../units/length.ts";
import { type Draws, evenDraws } from "./draws.ts";
import { movedOver, type SizeErrors } from "./errors.ts";
import type { Depths } from "./lay.ts";
import { chancesIn, type Drawn, doubtedCost, drawnIn } from "./lay-chances.ts";
import { type GlassMm, type LayModel, layModel } from "./lay-model.ts";
import type { Chances } from "./odds-line.ts";
import type { Deduction } from "./school.ts";

export type OddsInput = {
  readonly readings: OpeningReadings;
  readonly figure: Result<Figure, FigureError>;
  readonly grid: Grid;
  /** Each side's own depth; undefined while it is not read: then cover is not known, and only binding is judged. */
  readonly depths: Depths | undefined;
  readonly leastCover: Nm;
  readonly errors: SizeErrors;
  /** The house rules that they were taken from, where they were. */
  readonly rules?: readonly HouseRule[] | undefined;
  /** Least that comes off each way, whatever the odds: glass never touches the rebate. */
  readonly leastOff?: Nm | undefined;
  /** Most that may come off each way while no depth is read: so much leaves the least cover of what was told of it. */
  readonly mostOff?: Nm | undefined;
  /** Chance of binding that is let stand while cover is not known. */
  readonly bindShare?: number | undefined;
};

/** The opening and all that may be off, about one size of glass; and what it was reckoned from. */
export type OddsModel = {
  readonly lay: LayModel;
  readonly smallest: { readonly width: Nm; readonly height: Nm };
  /** Smallest width and height, on the grid, with nothing taken off. */
  readonly full: { readonly width: Nm; readonly height: Nm };
  /** A corner was read, or lean is only what is usual. */
  readonly from: "figure" | "usual-lean";
};

/** The model is right about this much off each way, mm, and as good as right for several more. */
const ABOUT_MM = 3;

/** Undefined until a width and a height are read that make an opening. */
export function oddsModel(
  input: OddsInput,
  about?: { readonly width: Nm; readonly height: Nm },
): OddsModel | undefined {
  const width = governing(input.readings, "width");
  const height = governing(input.readings, "height");
  if (!width || !height || !input.figure.ok) return undefined;
  const full = { width: floorTo(width.length, input.grid), height: floorTo(height.length, input.grid) };
  const smallest = { width: width.length, height: height.length };
  const base: GlassMm = about
    ? { width: toMm(about.width), height: toMm(about.height) }
    : { width: toMm(full.width) - ABOUT_MM, height: toMm(full.height) - ABOUT_MM };
  if (base.width <= 0 || base.height <= 0) return undefined;
  const { errors, depths } = input;
  const { quad, bow } = input.figure.value;
  const lay = layModel(
    {
      readings: input.readings,
      quad,
      bow,
      tape: errors.tape,
      cutting: errors.cutting,
      movement: errors.movement ?? {
        width: movedOver(errors.perMetre, toMm(width.length)),
        height: movedOver(errors.perMetre, toMm(height.length)),
      },
      depth: depths
        ? { left: toMm(depths.left), right: toMm(depths.right), bottom: toMm(depths.bottom), top: toMm(depths.top) }
        : null,
      leastCover: toMm(input.leastCover),
      lies: errors.lies,
      unread: errors.unread,
    },
    base,
  );
  const corners = input.readings["diagonal-up"] !== undefined || input.readings["diagonal-down"] !== undefined;
  return lay && { lay, smallest, full, from: corners ? "figure" : "usual-lean" };
}

/** Most that is taken off each way, mm. */
const MOST_OFF_MM = 20;

export type Best = Pick<OddsModel, "smallest" | "full" | "from"> & {
  /** What comes off the smallest reading's grid size, each way. */
  readonly off: { readonly width: Nm; readonly height: Nm };
  readonly chances: Chances;
};

/**
 * The deduction with the least expected cost, width and height each on the grid from 0 to 20 mm. Both are first tried alike,
 * then each by itself about the best of those until neither gets better. Of sizes whose chances are alike those stay whose cost
 * is alike too when what the firm believes is in doubt; of those, the smaller deduction. While no
 * depth is read cover cannot be weighed against binding: then it is the smallest that lets so much chance of binding stand.
 */
export function bestOff(model: OddsModel, input: OddsInput, draws: Draws = evenly(input.errors.cutting.kind)): Best {
  const step = toMm(gridStep(input.grid));
  const most = input.mostOff === undefined ? MOST_OFF_MM : Math.min(MOST_OFF_MM, Math.max(step, toMm(input.mostOff)));
  const steps = Math.floor(most / step + 1e-9) + 1;
  const least = Math.min(steps - 1, Math.ceil((input.leastOff ?? 0) / gridStep(input.grid) - 1e-9));
  const { when } = input.errors;
  const drawn = drawnIn(model.lay, draws, when);
  const search = new Search(model, input, drawn, step);
  const roughly = new Search(model, input, { ...drawn, count: Math.min(ROUGHLY, drawn.count) }, step);
  let best = roughly.cheapest(span(least, steps).map((i) => [i, i]));
  best = search.cheapest([[best.i, best.k]]);
  const reach = Math.max(1, Math.round(AROUND_MM / step));
  const near = (at: number): readonly number[] => span(Math.max(least, at - reach), Math.min(steps, at + reach + 1));
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const { i, k } = best;
    best = search.cheapest(near(best.i).map((at) => [at, best.k]));
    best = search.cheapest(near(best.k).map((at) => [best.i, at]));
    if (best.i === i && best.k === k) break;
  }
  const off = (n: number): Nm => nm(n * gridStep(input.grid));
  return {
    off: { width: off(best.i), height: off(best.k) },
    chances: best.chances,
    smallest: model.smallest,
    full: model.full,
    from: model.from,
  };
}

/** Each is tried so far about the best, mm, and again about the next: the cost has one valley. */
const AROUND_MM = 1;
const MOST_ROUNDS = 8;
/** Draws that find the neighbourhood. */
const ROUGHLY = 96;

const span = (from: number, to: number): readonly number[] =>
  Array.from({ length: Math.max(0, to - from) }, (_, n) => from + n);

type Tried = { readonly i: number; readonly k: number; readonly chances: Chances };

export const costOf = (c: Chances, costs: SizeErrors["costs"]): number =>
  costs.binds * c.binds + costs.coverLost * (c.coverLost ?? 0);

/** Deductions tried on one set of draws, each once. */
class Search {
  readonly #doubts = new Map<string, number>();
  readonly #known = new Map<string, Chances>();
  readonly #model: OddsModel;
  readonly #of: OddsInput;
  readonly #drawn: Drawn;
  readonly #step: number;

  constructor(model: OddsModel, input: OddsInput, drawn: Drawn, step: number) {
    this.#model = model;
    this.#of = input;
    this.#drawn = drawn;
    this.#step = step;
  }

  #sizeAt(i: number, k: number): GlassMm {
    const { full } = this.#model;
    return { width: toMm(full.width) - i * this.#step, height: toMm(full.height) - k * this.#step };
  }

  /** Of sizes that are alike by what the firm believes, those that are alike by what may be true too. */
  #surest(good: readonly Tried[]): readonly Tried[] {
    const { doubtMm, alike, costs } = this.#of.errors;
    // While cover is not known everything smaller is surer: there is nothing to weigh it against.
    if (doubtMm <= 0 || good.length < 2 || this.#of.depths === undefined) return good;
    const each = good.map((t) => this.#doubted(t.i, t.k));
    const enough = Math.min(...each) + alike * Math.max(costs.binds, costs.coverLost);
    return good.filter((_, n) => (each[n] ?? 0) <= enough + 1e-12);
  }

  #at(i: number, k: number): Chances {
    const key = `${i} ${k}`;
    const found = this.#known.get(key) ?? chancesIn(this.#drawn, this.#sizeAt(i, k));
    this.#known.set(key, found);
    return found;
  }

  /** What it costs where tape, cutter and frame may be other than the firm believes. */
  #doubted(i: number, k: number): number {
    const key = `${i} ${k}`;
    const { doubtMm, costs } = this.#of.errors;
    const found = this.#doubts.get(key) ?? doubtedCost(this.#drawn, this.#sizeAt(i, k), { doubtMm, costs });
    this.#doubts.set(key, found);
    return found;
  }

  cheapest(pairs: readonly (readonly [number, number])[]): Tried {
    const tried = pairs.map(([i, k]): Tried => ({ i, k, chances: this.#at(i, k) }));
    const { costs, alike } = this.#of.errors;
    const each = tried.map((t) => costOf(t.chances, costs));
    const least = Math.min(...each);
    const enough =
      this.#of.depths === undefined
        ? Math.max(least, costs.binds * (this.#of.bindShare ?? BIND_SHARE))
        : least + alike * Math.max(costs.binds, costs.coverLost);
    const good = tried.filter((_, n) => (each[n] ?? 0) <= enough + 1e-12);
    let best: Tried | undefined;
    for (const t of this.#surest(good)) {
      if (!best || t.i + t.k < best.i + best.k || (t.i + t.k === best.i + best.k && t.i < best.i)) best = t;
    }
    return best ?? { i: 0, k: 0, chances: { binds: 1, coverLost: 1, trouble: 1 } };
  }
}

const BIND_SHARE = 0.01;
const EVEN_DRAWS = 512;
const made = new Map<string, Draws>();

/** Made once, when first asked for, and never changed after: they are the same for every pane. */
export function evenly(cutting: SizeErrors["cutting"]["kind"]): Draws {
  const found = made.get(cutting) ?? evenDraws(EVEN_DRAWS, cutting);
  made.set(cutting, found);
  return found;
}

/** The chances of one size, by the same even draws that a size is chosen by; null while there is no opening. */
export function chancesOf(input: OddsInput, size: { readonly width: Nm; readonly height: Nm }): Chances | null {
  const model = oddsModel(input, size);
  if (!model) return null;
  const drawn = drawnIn(model.lay, evenly(input.errors.cutting.kind), input.errors.when);
  return chancesIn(drawn, { width: toMm(size.width), height: toMm(size.height) });
}

/** The best as a deduction from the smallest readings. */
export function bestDeduction(best: Best): Deduction {
  const off = (axis: "width" | "height"): Nm => takeNm(best.smallest[axis], takeNm(best.full[axis], best.off[axis]));
  return { width: off("width"), height: off("height"), source: "best odds: the least chance of trouble" };
}

/** The best for an opening; null until it has a width and a height. */
export type FindBest = (input: OddsInput) => Best | null;

export const findBest: FindBest = (given) => {
  const model = oddsModel(given);
  return model ? bestOff(model, given) : null;
};

/** The same, remembering the newest few openings: a list of panes asks for the same again and again. */
export function rememberBest(most: number): FindBest {
  const known = new Map<string, Best | null>();
  return (given) => {
    const { figure: _, ...rest } = given;
    const key = JSON.stringify(rest);
    const found = known.has(key) ? (known.get(key) ?? null) : findBest(given);
    known.delete(key);
    known.set(key, found);
    const oldest = known.keys().next().value;
    if (known.size > most && oldest !== undefined) known.delete(oldest);
    return found;
  };
}
