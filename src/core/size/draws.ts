import { normalInverse } from "../chance/normal.ts";
import { seeded } from "../chance/seeded.ts";
import { CUT_WIDTH, DRAWN, type Draws, ERRORS, SHARE } from "./forms.ts";
import type { Cutting } from "./odds-line.ts";

/** Draws that `chancesAt` and `chanceMap` take. The same seed, number and cutter give the same draws. */
export function drawsFrom(seed: number, samples: number, cutting: Cutting["kind"]): Draws {
  const { uniform, normal } = seeded(seed);
  const columns = Array.from({ length: DRAWN }, (_, k) => {
    const column = new Float64Array(samples);
    // A column at a time, each in its own plain loop: three times as fast as choosing anew at every draw.
    if (k < CUT_WIDTH || (k < SHARE && cutting === "spread"))
      for (let row = 0; row < samples; row++) column[row] = normal();
    else if (k < SHARE) for (let row = 0; row < samples; row++) column[row] = 2 * uniform() - 1;
    else for (let row = 0; row < samples; row++) column[row] = uniform();
    return column;
  });
  return { count: samples, columns };
}

/**
 * Draws spread as evenly as can be rather than by chance: Roberts's additive recurrence on the root of x^12 = x + 1. A
 * thousand of them settle a chance to about five in a thousand, every time the same, so that a size chosen by them is
 * the same on the phone, in the office and on the order.
 */
export function evenDraws(samples: number, cutting: Cutting["kind"]): Draws {
  let root = 1.1;
  for (let i = 0; i < 60; i++) root = (1 + root) ** (1 / (DRAWN + 1));
  const columns = Array.from({ length: DRAWN }, (_, k) => {
    const step = root ** -(k + 1);
    const normal = k < ERRORS || (k < SHARE && cutting === "spread");
    return Float64Array.from({ length: samples }, (_, row) => {
      const u = (0.5 + (row + 1) * step) % 1;
      return normal ? normalInverse(Math.min(1 - 1e-9, Math.max(1e-9, u))) : k < SHARE ? 2 * u - 1 : u;
    });
  });
  return { count: samples, columns };
}
