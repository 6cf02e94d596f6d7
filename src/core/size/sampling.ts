import { addedBy, type Draws, type Form, type Forms, type GlassMm, offOf, pruned } from "./odds-figure.ts";
import type { Chances } from "./odds-line.ts";

/** Draws are taken in blocks that stay in the processor's nearest memory. */
const BLOCK = 1024;

/** The values of a form at some draws, with nothing taken off the base. One pass: this is where the time goes. */
function valuesAt(form: Form, draws: Draws, from: number, count: number, out: Float64Array): void {
  const [constant, a, b, c, d, e, f, g, h, i] = form as unknown as readonly number[] as Ten;
  const [A, B, C, D, E, F, G, H, I] = draws.columns as Nine;
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
      i * (I[at] as number);
}

type Ten = readonly [number, number, number, number, number, number, number, number, number, number];
type Col = Float64Array;
type Nine = readonly [Col, Col, Col, Col, Col, Col, Col, Col, Col];

/** How many draws bind, lose cover, or either, with glass of each of these sizes near the base. */
export function chancesAt(
  forms: Forms,
  draws: Draws,
  sizes: readonly GlassMm[],
  leastCover: number,
): readonly Chances[] {
  const values = new Float64Array(BLOCK);
  const gaps = sizes.map(() => new Float64Array(BLOCK));
  const covers = sizes.map(() => new Float64Array(BLOCK));
  const offs = sizes.map((s) => offOf(forms.base, s));
  const none = { width: 0, height: 0 };
  const off = reachOf(
    offs.map((o) => ({ off: o, step: none })),
    1,
  );
  const gapForms = pruned(forms.gaps, off, 0);
  const coverForms = pruned(forms.covers ?? [], off, leastCover);
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
        const bare = (cover[k] as number) < leastCover;
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
  by: { readonly runs: readonly Run[]; readonly steps: number; readonly leastCover: number },
): readonly (readonly Chances[])[] {
  const { runs, steps, leastCover } = by;
  const off = reachOf(runs, steps);
  const gapForms = pruned(forms.gaps, off, 0);
  const coverForms = pruned(forms.covers ?? [], off, leastCover);
  const values = new Float64Array(BLOCK);
  const tallies = runs.map((run) => ({
    run,
    upTo: new Float64Array(BLOCK),
    past: new Float64Array(BLOCK),
    tally: new Tally(steps),
  }));
  for (let from = 0; from < draws.count; from += BLOCK) {
    const count = Math.min(BLOCK, draws.count - from);
    for (const t of tallies) {
      t.upTo.fill(Number.NEGATIVE_INFINITY);
      t.past.fill(Number.POSITIVE_INFINITY);
    }
    for (const form of gapForms) {
      valuesAt(form, draws, from, count, values);
      for (const { run, upTo } of tallies)
        bindsUpTo(upTo, values, addedBy(form, run.off), addedBy(form, run.step), count);
    }
    for (const form of coverForms) {
      valuesAt(form, draws, from, count, values);
      for (const { run, past } of tallies)
        bareFrom(past, values, addedBy(form, run.off) - leastCover, -addedBy(form, run.step), count);
    }
    for (const { tally, upTo, past } of tallies) tally.add(upTo, past, count);
  }
  return tallies.map((t) => t.tally.chances(draws.count, forms.covers !== null));
}

function reachOf(runs: readonly Run[], steps: number): { readonly least: GlassMm; readonly most: GlassMm } {
  const at = (run: Run, i: number): GlassMm => ({
    width: run.off.width + i * run.step.width,
    height: run.off.height + i * run.step.height,
  });
  const all = runs.flatMap((r) => [at(r, 0), at(r, steps - 1)]);
  return {
    least: { width: Math.min(...all.map((o) => o.width)), height: Math.min(...all.map((o) => o.height)) },
    most: { width: Math.max(...all.map((o) => o.width)), height: Math.max(...all.map((o) => o.height)) },
  };
}

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

/** Counts, for each whole step, the draws that bind, that are bare, and that are fine. */
class Tally {
  readonly #binds: Float64Array;
  readonly #bare: Float64Array;
  readonly #fine: Float64Array;
  readonly #steps: number;

  constructor(steps: number) {
    this.#steps = steps;
    this.#binds = new Float64Array(steps + 1);
    this.#bare = new Float64Array(steps + 1);
    this.#fine = new Float64Array(steps + 1);
  }

  add(upTo: Float64Array, past: Float64Array, count: number): void {
    const top = this.#steps;
    for (let k = 0; k < count; k++) {
      // Steps 0..free−1 bind; steps bare.. are bare; those between are fine.
      const free = clamp(Math.floor(upTo[k] as number) + 1, top);
      const bare = clamp(Math.floor(past[k] as number) + 1, top);
      this.#binds[free] = (this.#binds[free] as number) + 1;
      this.#bare[bare] = (this.#bare[bare] as number) + 1;
      if (free < bare) {
        this.#fine[free] = (this.#fine[free] as number) + 1;
        this.#fine[bare] = (this.#fine[bare] as number) - 1;
      }
    }
  }

  chances(draws: number, covered: boolean): readonly Chances[] {
    let [free, bare, fine] = [0, 0, 0];
    return Array.from({ length: this.#steps }, (_, i) => {
      free += this.#binds[i] as number;
      bare += this.#bare[i] as number;
      fine += this.#fine[i] as number;
      return { binds: 1 - free / draws, coverLost: covered ? bare / draws : null, trouble: 1 - fine / draws };
    });
  }
}

const clamp = (v: number, top: number): number => (v < 0 ? 0 : v > top ? top : v);
