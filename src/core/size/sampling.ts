import { addedBy, type Draws, type Far, type Form, type Forms, type GlassMm, offOf, pruned } from "./forms.ts";
import type { Chances } from "./odds-line.ts";

const MOST_SPREADS = 4;
/** Draws are taken in blocks that stay in the processor's nearest memory. */
const BLOCK = 1024;

/** The values of a form at some draws, with nothing taken off the base. One pass: this is where the time goes. */
function valuesAt(form: Form, draws: Draws, from: number, count: number, out: Float64Array): void {
  const [constant, a, b, c, d, e, f, g, h, i, j, l, m] = form as unknown as Thirteen;
  const [A, B, C, D, E, F, G, H, I, J, L, M] = draws.columns as unknown as Twelve;
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
      l * (L[at] as number) +
      m * (M[at] as number);
}

type N = number;
type Thirteen = readonly [N, N, N, N, N, N, N, N, N, N, N, N, N];
type C = Float64Array;
type Twelve = readonly [C, C, C, C, C, C, C, C, C, C, C, C];

/** How many draws bind, lose cover, or either, with glass of each of these sizes near the base. */
export function chancesAt(forms: Forms, draws: Draws, sizes: readonly GlassMm[]): readonly Chances[] {
  const offs = sizes.map((s) => offOf(forms.base, s));
  const far = farIn(forms, draws);
  const kinds = [forms.gaps, forms.covers ?? [], forms.held].map((list) => ({
    forms: pruned(list, offs, far),
    least: sizes.map(() => new Float64Array(BLOCK)),
  }));
  const values = new Float64Array(BLOCK);
  const counts = sizes.map(() => ({ binds: 0, lost: 0, trouble: 0 }));
  for (let from = 0; from < draws.count; from += BLOCK) {
    const count = Math.min(BLOCK, draws.count - from);
    for (const kind of kinds) {
      for (const l of kind.least) l.fill(Number.POSITIVE_INFINITY);
      for (const form of kind.forms) {
        valuesAt(form, draws, from, count, values);
        kind.least.forEach((l, s) => {
          lower(l, values, addedBy(form, offs[s] as GlassMm), count);
        });
      }
    }
    counts.forEach((n, s) => {
      const [gap, cover, held] = kinds.map((kind) => kind.least[s] as Float64Array) as [C, C, C];
      for (let k = 0; k < count; k++) {
        const bound = (gap[k] as number) <= 0;
        const bare = (cover[k] as number) < 0 || (!bound && (held[k] as number) < 0);
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

/**
 * As far out as draws are looked for, at the same time as cut and movement stand at their worst: together rarer than one in
 * a million, whatever the number of draws.
 */
const farIn = (forms: Forms, draws: Draws): Far => ({
  spreads: Math.min(MOST_SPREADS, Math.sqrt(2 * Math.log(draws.count)) + 0.4),
  cutting: forms.cutting,
});

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
  const ends = runs.flatMap((run) => [run.off, stepped(run, steps - 1)]);
  const far = farIn(forms, draws);
  const [gaps, covers, held] = [forms.gaps, forms.covers ?? [], forms.held].map((l) => pruned(l, ends, far));
  const values = new Float64Array(BLOCK);
  const tallies = runs.map((run) => ({ run, limits: new Limits(), tally: new Tally(steps) }));
  for (let from = 0; from < draws.count; from += BLOCK) {
    const count = Math.min(BLOCK, draws.count - from);
    for (const { limits } of tallies) limits.clear();
    for (const form of gaps ?? []) {
      valuesAt(form, draws, from, count, values);
      for (const { run, limits } of tallies)
        nilUpTo(limits.bindsTo, values, addedBy(form, run.off), addedBy(form, run.step), count);
    }
    for (const form of covers ?? []) {
      valuesAt(form, draws, from, count, values);
      for (const { run, limits } of tallies)
        nilPast(limits.barePast, values, addedBy(form, run.off), -addedBy(form, run.step), count);
    }
    for (const form of held ?? []) {
      valuesAt(form, draws, from, count, values);
      for (const { run, limits } of tallies) {
        const slope = addedBy(form, run.step);
        // One that must be turned to go in is covered the better the looser it is; or else the tighter.
        if (slope > NEVER) nilUpTo(limits.heldTo, values, addedBy(form, run.off), slope, count);
        else nilPast(limits.heldPast, values, addedBy(form, run.off), -slope, count);
      }
    }
    for (const { tally, limits } of tallies) tally.add(limits, count);
  }
  return tallies.map((t) => t.tally.chances(draws.count, forms.covers !== null));
}

const stepped = (run: Run, i: number): GlassMm => ({
  width: run.off.width + i * run.step.width,
  height: run.off.height + i * run.step.height,
});

const NEVER = 1e-12;

/** For each draw of a block, the steps of a run at which something begins or ends. */
class Limits {
  readonly bindsTo = new Float64Array(BLOCK);
  readonly barePast = new Float64Array(BLOCK);
  readonly heldTo = new Float64Array(BLOCK);
  readonly heldPast = new Float64Array(BLOCK);

  clear(): void {
    this.bindsTo.fill(Number.NEGATIVE_INFINITY);
    this.heldTo.fill(Number.NEGATIVE_INFINITY);
    this.barePast.fill(Number.POSITIVE_INFINITY);
    this.heldPast.fill(Number.POSITIVE_INFINITY);
  }
}

/** The last step of a run up to which a form that grows with it is nil or less. */
function nilUpTo(upTo: Float64Array, values: Float64Array, add: number, slope: number, count: number): void {
  for (let k = 0; k < count; k++) {
    const v = (values[k] as number) + add;
    const last = slope > NEVER ? -v / slope : v <= 0 ? Number.POSITIVE_INFINITY : Number.NEGATIVE_INFINITY;
    if (last > (upTo[k] as number)) upTo[k] = last;
  }
}

/** The step of a run past which a form that shrinks with it is less than nil. */
function nilPast(past: Float64Array, values: Float64Array, add: number, slope: number, count: number): void {
  for (let k = 0; k < count; k++) {
    const v = (values[k] as number) + add;
    const first = slope > NEVER ? v / slope : v < 0 ? Number.NEGATIVE_INFINITY : Number.POSITIVE_INFINITY;
    if (first < (past[k] as number)) past[k] = first;
  }
}

/** Counts, for each whole step, the draws that bind, that are fine, and that bind and are bare at once. */
class Tally {
  readonly #binds: Float64Array;
  readonly #fine: Float64Array;
  readonly #both: Float64Array;
  readonly #steps: number;

  constructor(steps: number) {
    this.#steps = steps;
    this.#binds = new Float64Array(steps + 1);
    this.#fine = new Float64Array(steps + 1);
    this.#both = new Float64Array(steps + 1);
  }

  add(l: Limits, count: number): void {
    const top = this.#steps;
    for (let k = 0; k < count; k++) {
      // Steps 0..free−1 bind, from bare on cover is short; a draw that goes in is fine from held on, and before let.
      const free = stepAfter(l.bindsTo[k] as number, top);
      const bare = stepAfter(l.barePast[k] as number, top);
      const held = stepAfter(l.heldTo[k] as number, top);
      const upto = stepAfter(l.heldPast[k] as number, top);
      between(this.#binds, 0, free);
      between(this.#both, bare, free);
      between(this.#fine, Math.max(free, held), Math.min(bare, upto));
    }
  }

  chances(draws: number, known: boolean): readonly Chances[] {
    let [binds, both, fine] = [0, 0, 0];
    return Array.from({ length: this.#steps }, (_, i) => {
      binds += this.#binds[i] as number;
      both += this.#both[i] as number;
      fine += this.#fine[i] as number;
      const trouble = draws - fine;
      return {
        binds: binds / draws,
        coverLost: known ? (trouble - binds + both) / draws : null,
        trouble: trouble / draws,
      };
    });
  }
}

const stepAfter = (limit: number, top: number): number => clamp(Math.floor(limit) + 1, top);

/** Steps are held as changes: one more from the first, one less from the last on. */
function between(changes: Float64Array, from: number, to: number): void {
  if (from >= to) return;
  changes[from] = (changes[from] as number) + 1;
  changes[to] = (changes[to] as number) - 1;
}

const clamp = (v: number, top: number): number => (v < 0 ? 0 : v > top ? top : v);
