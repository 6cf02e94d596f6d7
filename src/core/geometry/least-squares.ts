import { solveLinear } from "./linear.ts";

export type LeastSquares = {
  readonly x: readonly number[];
  readonly sum: number;
  readonly steps: number;
  readonly settled: boolean;
};

/** A row an unknown: how each residual changes with it. */
export type Slopes = readonly (readonly number[])[];

const MOST_STEPS = 80;
/** Steps shorter than this (in the unknowns' own unit, mm here) change nothing that is ever printed. */
const STEP_ENOUGH = 1e-10;

/**
 * The x with the least sum of squared residuals near `start`: Gauss-Newton with Levenberg's damping, slopes given or by
 * central differences. At most 80 steps, then the best found so far with `settled: false`.
 */
export function leastSquares(
  residuals: (x: readonly number[]) => readonly number[],
  start: readonly number[],
  slopes: (x: readonly number[]) => Slopes = (x) => slopesAt(residuals, x),
): LeastSquares {
  let x = start;
  let r = residuals(x);
  let sum = squares(r);
  let damping = 1e-6;
  for (let steps = 1; steps <= MOST_STEPS; steps++) {
    const by = slopes(x);
    const gradient = x.map((_, i) => dot(by[i] ?? [], r));
    const normal = x.map((_, i) => x.map((_, j) => dot(by[i] ?? [], by[j] ?? [])));
    let moved = false;
    for (let tries = 0; tries < 30 && !moved; tries++) {
      const damped = normal.map((row, i) => row.map((v, j) => (i === j ? v * (1 + damping) + 1e-15 : v)));
      const step = solveLinear(
        damped,
        gradient.map((g) => -g),
      );
      const next = step && x.map((v, i) => v + (step[i] ?? 0));
      const nextR = next && residuals(next);
      const nextSum = nextR ? squares(nextR) : Number.POSITIVE_INFINITY;
      if (step && next && nextR && nextSum <= sum) {
        const length = Math.hypot(...step);
        [x, r, sum, moved] = [next, nextR, nextSum, true];
        damping = Math.max(damping / 10, 1e-14);
        if (length < STEP_ENOUGH) return { x, sum, steps, settled: true };
      } else damping = Math.max(damping * 10, 1e-9);
    }
    if (!moved) return { x, sum, steps, settled: true };
  }
  return { x, sum, steps: MOST_STEPS, settled: false };
}

const squares = (r: readonly number[]): number => r.reduce((s, v) => s + v * v, 0);
const dot = (a: readonly number[], b: readonly number[]): number => a.reduce((s, v, i) => s + v * (b[i] ?? 0), 0);

function slopesAt(residuals: (x: readonly number[]) => readonly number[], x: readonly number[]): Slopes {
  const h = 1e-4;
  return x.map((_, i) => {
    const up = residuals(x.map((v, k) => (k === i ? v + h : v)));
    const down = residuals(x.map((v, k) => (k === i ? v - h : v)));
    return up.map((v, k) => (v - (down[k] ?? 0)) / (2 * h));
  });
}
