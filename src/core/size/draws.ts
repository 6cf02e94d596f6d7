import { normalInverse } from "../chance/normal.ts";
import { seeded } from "../chance/seeded.ts";
import { CUT_WIDTH, type Draws, ERRORS, MOVED_HEIGHT, MOVED_WIDTH } from "./forms.ts";
import type { Cutting } from "./odds-line.ts";

/** Draws that `chancesAt` and `chanceMap` take. The same seed, number and cutter give the same draws. */
export function drawsFrom(
  seed: number,
  samples: number,
  cutting: Cutting["kind"],
  movement: "shared" | "apart" = "shared",
): Draws {
  const { uniform, normal } = seeded(seed);
  const columns = Array.from({ length: MOVED_HEIGHT + (movement === "apart" ? 1 : 0) }, (_, k) => {
    const column = new Float64Array(samples);
    // A column at a time, each in its own plain loop: three times as fast as choosing anew at every draw.
    if (k < CUT_WIDTH || (k < MOVED_WIDTH && cutting === "spread"))
      for (let row = 0; row < samples; row++) column[row] = normal();
    else if (k < MOVED_WIDTH) for (let row = 0; row < samples; row++) column[row] = 2 * uniform() - 1;
    else for (let row = 0; row < samples; row++) column[row] = uniform();
    return column;
  });
  return { count: samples, columns: shared(columns) };
}

/** Where the height has no movement of its own, it moves with the width. */
const shared = (columns: readonly Float64Array[]): readonly Float64Array[] =>
  columns.length > MOVED_HEIGHT ? columns : [...columns, ...columns.slice(MOVED_WIDTH)];

/**
 * Draws spread as evenly as can be rather than by chance: Roberts's additive recurrence on the root of x^12 = x + 1. A
 * thousand of them settle a chance to about five in a thousand, every time the same, so that a size chosen by them is
 * the same on the phone, in the office and on the order.
 */
export function evenDraws(samples: number, cutting: Cutting["kind"]): Draws {
  let root = 1.1;
  for (let i = 0; i < 60; i++) root = (1 + root) ** (1 / (MOVED_HEIGHT + 1));
  const columns = Array.from({ length: MOVED_HEIGHT }, (_, k) => {
    const step = root ** -(k + 1);
    const normal = k < ERRORS || (k < MOVED_WIDTH && cutting === "spread");
    return Float64Array.from({ length: samples }, (_, row) => {
      const u = (0.5 + (row + 1) * step) % 1;
      return normal ? normalInverse(Math.min(1 - 1e-9, Math.max(1e-9, u))) : k < MOVED_WIDTH ? 2 * u - 1 : u;
    });
  });
  return { count: samples, columns: shared(columns) };
}
