import { evenPoints } from "../chance/even-points.ts";
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
 * Draws spread as evenly as can be rather than by chance. Five hundred of them settle a chance to about one in a hundred,
 * every time the same, so that a size chosen by them is the same on the phone, in the office and on the order.
 */
export function evenDraws(samples: number, cutting: Cutting["kind"]): Draws {
  const columns = evenPoints(samples, MOVED_HEIGHT).map((column, k) => {
    if (k < ERRORS || (k < MOVED_WIDTH && cutting === "spread")) return column.map(normalInverse);
    return k < MOVED_WIDTH ? column.map((u) => 2 * u - 1) : column;
  });
  return { count: samples, columns: shared(columns) };
}
