import { addedBy, type Draws, type Form, type Forms, type GlassMm, offOf, pruned } from "./forms.ts";
import type { Chances } from "./odds-line.ts";

/** Draws are taken in blocks that stay in the processor's nearest memory. */
const BLOCK = 1024;

/** The values of a form at some draws, with nothing taken off the base. One pass: this is where the time goes. */
function valuesAt(form: Form, draws: Draws, from: number, count: number, out: Float64Array): void {
  const [constant, a, b, c, d, e, f, g, h, i, j, l] = form as unknown as Twelve;
  const [A, B, C, D, E, F, G, H, I, J, L] = draws.columns as unknown as Eleven;
  for (let k = 0, at = from; k < count; k++, at++)
    out[k] =
      constant +
      a * (A[at] as number) +
      b * (B[at] as number) +
      c * (C[at] as number) +
      d * (D[at] as number) +
      e * (E[at] as number) +
      f * (F[at] as number) +
      g * (G[at] as number) +
      h * (H[at] as number) +
      i * (I[at] as number) +
      j * (J[at] as number) +
      l * (L[at] as number);
}

type N = number;
type Twelve = readonly [N, N, N, N, N, N, N, N, N, N, N, N];
type C = Float64Array;
type Eleven = readonly [C, C, C, C, C, C, C, C, C, C, C];

/** How many draws bind, lose cover, or either, with glass of each of these sizes near the base. */
export function chancesAt(forms: Forms, draws: Draws, sizes: readonly GlassMm[]): readonly Chances[] {
  const values = new Float64Array(BLOCK);
  const gaps = sizes.map(() => new Float64Array(BLOCK));
  const covers = sizes.map(() => new Float64Array(BLOCK));
  const spreads = spreadsIn(draws);
  const offs = sizes.map((s) => offOf(forms.base, s));
  const gapForms = pruned(forms.gaps, offs, spreads);
  const coverForms = pruned(forms.covers ?? [], offs, spreads);
  const counts = sizes.map(() => ({ binds: 0, lost: 0, trouble: 0 }));
  for (let from = 0; from < draws.count; from += BLOCK) {
    const count = Math.min(BLOCK, draws.count - from);
    for (const [list, least] of [
      [gapForms, gaps],
      [coverForms, covers],
    ] as const) {
      for (const l of least) l.fill(Number.POSITIVE_INFINITY);
      for (const form of list) {
        valuesAt(form, draws, from, count, values);
        least.forEach((l, s) => {
          lower(l, values, addedBy(form, offs[s] as GlassMm), count);
        });
      }
    }
    counts.forEach((n, s) => {
      const gap = gaps[s] as Float64Array;
      const cover = covers[s] as Float64Array;
      for (let k = 0; k < count; k++) {
        const bound = (gap[k] as number) <= 0;
        const bare = (cover[k] as number) < 0;
        if (bound) n.binds++;
        if (bare) n.lost++;
        if (bound || bare) n.trouble++;
      }
    });
  }
  return counts.map((n) => ({
    binds: n.binds / draws.count,
    coverLost: forms.covers && n.lost / draws.count,
    trouble: n.trouble / draws.count,
  }));
}

function lower(least: Float64Array, values: Float64Array, add: number, count: number): void {
  for (let k = 0; k < count; k++) {
    const v = (values[k] as number) + add;
    if (v < (least[k] as number)) least[k] = v;
  }
}

/** Sizes along a line: what comes off the base at first, and at each step after. */
export type Run = { readonly off: GlassMm; readonly step: GlassMm };

/**
 * Chances at every step of some runs. Each draw binds up to some step of a run and loses cover past another, so that a
 * whole run costs hardly more than one size. A step never makes the pane larger.
 */
export function chanceRuns(
  forms: Forms,
  draws: Draws,
  by: { readonly runs: readonly Run[]; readonly steps: number },
): readonly (readonly Chances[])[] {
  const { runs, steps } = by;
  const spreads = spreadsIn(draws);
  const ends = runs.flatMap((run) => [run.off, stepped(run, steps - 1)]);
  const gapForms = pruned(forms.gaps, ends, spreads);
  const coverForms = pruned(forms.covers ?? [], ends, spreads);
  const values = new Float64Array(BLOCK);
  const tallies = runs.map((run) => ({
    run,
    upTo: new Float64Array(BLOCK),
    bareTo: new Float64Array(BLOCK),
    past: new Float64Array(BLOCK),
    tally: new Tally(steps),
  }));
  for (let from = 0; from < draws.count; from += BLOCK) {
    const count = Math.min(BLOCK, draws.count - from);
    for (const t of tallies) {
      t.upTo.fill(Number.NEGATIVE_INFINITY);
      t.bareTo.fill(Number.NEGATIVE_INFINITY);
      t.past.fill(Number.POSITIVE_INFINITY);
    }
    for (const form of gapForms) {
      valuesAt(form, draws, from, count, values);
      for (const { run, upTo } of tallies)
        bindsUpTo(upTo, values, addedBy(form, run.off), addedBy(form, run.step), count);
    }
    for (const form of coverForms) {
      valuesAt(form, draws, from, count, values);
      for (const { run, bareTo, past } of tallies) {
        const slope = addedBy(form, run.step);
        // A smaller pane is covered less; but one that must be turned to go in is covered the better the looser it is.
        if (slope > NEVER) bindsUpTo(bareTo, values, addedBy(form, run.off), slope, count);
        else bareFrom(past, values, addedBy(form, run.off), -slope, count);
      }
    }
    for (const { tally, upTo, bareTo, past } of tallies) tally.add(upTo, bareTo, past, count);
  }
  return tallies.map((t) => t.tally.chances(draws.count, forms.covers !== null));
}

const stepped = (run: Run, i: number): GlassMm => ({
  width: run.off.width + i * run.step.width,
  height: run.off.height + i * run.step.height,
});

/** As far out as this many draws go, and a little farther. @example a thousand // 4.1; a hundred thousand // 5.1 */
const spreadsIn = (draws: Draws): number => Math.sqrt(2 * Math.log(draws.count)) + 0.4;

const NEVER = 1e-12;

/** The last step of a run at which each draw still binds. */
function bindsUpTo(upTo: Float64Array, values: Float64Array, add: number, slope: number, count: number): void {
  for (let k = 0; k < count; k++) {
    const v = (values[k] as number) + add;
    const last = slope > NEVER ? -v / slope : v <= 0 ? Number.POSITIVE_INFINITY : Number.NEGATIVE_INFINITY;
    if (last > (upTo[k] as number)) upTo[k] = last;
  }
}

/** The step of a run past which each draw is covered too little. */
function bareFrom(past: Float64Array, values: Float64Array, add: number, slope: number, count: number): void {
  for (let k = 0; k < count; k++) {
    const v = (values[k] as number) + add;
    const first = slope > NEVER ? v / slope : v < 0 ? Number.NEGATIVE_INFINITY : Number.POSITIVE_INFINITY;
    if (first < (past[k] as number)) past[k] = first;
  }
}

/** Counts, for each whole step, the draws that bind, that are covered, and that are fine. Held as changes a step. */
class Tally {
  readonly #binds: Float64Array;
  readonly #covered: Float64Array;
  readonly #fine: Float64Array;
  readonly #steps: number;

  constructor(steps: number) {
    this.#steps = steps;
    this.#binds = new Float64Array(steps + 1);
    this.#covered = new Float64Array(steps + 1);
    this.#fine = new Float64Array(steps + 1);
  }

  add(upTo: Float64Array, bareTo: Float64Array, past: Float64Array, count: number): void {
    const top = this.#steps;
    for (let k = 0; k < count; k++) {
      // Steps 0..free−1 bind; those under covered, and from bare on, are covered too little.
      const free = clamp(Math.floor(upTo[k] as number) + 1, top);
      const covered = clamp(Math.floor(bareTo[k] as number) + 1, top);
      const bare = Math.max(covered, clamp(Math.floor(past[k] as number) + 1, top));
      this.#binds[free] = (this.#binds[free] as number) + 1;
      between(this.#covered, covered, bare);
      between(this.#fine, Math.max(free, covered), bare);
    }
  }

  chances(draws: number, known: boolean): readonly Chances[] {
    let [free, covered, fine] = [0, 0, 0];
    return Array.from({ length: this.#steps }, (_, i) => {
      free += this.#binds[i] as number;
      covered += this.#covered[i] as number;
      fine += this.#fine[i] as number;
      return { binds: 1 - free / draws, coverLost: known ? 1 - covered / draws : null, trouble: 1 - fine / draws };
    });
  }
}

function between(changes: Float64Array, from: number, to: number): void {
  if (from >= to) return;
  changes[from] = (changes[from] as number) + 1;
  changes[to] = (changes[to] as number) - 1;
}

const clamp = (v: number, top: number): number => (v < 0 ? 0 : v > top ? top : v);
