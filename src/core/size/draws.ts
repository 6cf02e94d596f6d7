import { evenPoints } from "../chance/even-points.ts";
import { normalInverse } from "../chance/normal.ts";
import { seeded } from "../chance/seeded.ts";
import type { Cutting } from "./odds-line.ts";

/**
 * What a draw of chance holds, in this order: the errors of eight readings, in spreads (the six outer ones, then the two
 * middle ones); how far the width and the height are cut off their order (−1..1 evenly, or in spreads); the shares of their
 * movements, from 0 to 1, one and the same unless they are drawn apart; and, in spreads, what nobody read of an opening: its
 * lean, the taper of its width and of its height, and the bow of each.
 */
export const ERRORS = 8;
export const [CUT_WIDTH, CUT_HEIGHT, MOVED_WIDTH, MOVED_HEIGHT] = [8, 9, 10, 11] as const;
export const [LEAN, TAPER_WIDTH, TAPER_HEIGHT, BOW_WIDTH, BOW_HEIGHT] = [12, 13, 14, 15, 16] as const;
export const DRAWN = 17;

/** Draws of chance, a column for each of the seventeen. */
export type Draws = { readonly count: number; readonly columns: readonly Float64Array[] };

/** The first so many of some draws. */
export const some = (draws: Draws, count: number): Draws =>
  count >= draws.count ? draws : { count, columns: draws.columns.map((c) => c.subarray(0, count)) };

const isSpread = (k: number, cutting: Cutting["kind"]): boolean =>
  k < ERRORS || k >= LEAN || (k < MOVED_WIDTH && cutting === "spread");

/** The same seed, number and cutter give the same draws. */
export function drawsFrom(
  seed: number,
  samples: number,
  cutting: Cutting["kind"],
  movement: "shared" | "apart" = "shared",
): Draws {
  const { uniform, normal } = seeded(seed);
  const columns: Float64Array[] = [];
  for (let k = 0; k < DRAWN; k++) {
    if (k === MOVED_HEIGHT && movement === "shared") {
      columns.push(columns[MOVED_WIDTH] as Float64Array);
      continue;
    }
    const column = new Float64Array(samples);
    // A column at a time, each in its own plain loop: three times as fast as choosing anew at every draw.
    if (isSpread(k, cutting)) for (let row = 0; row < samples; row++) column[row] = normal();
    else if (k < MOVED_WIDTH) for (let row = 0; row < samples; row++) column[row] = 2 * uniform() - 1;
    else for (let row = 0; row < samples; row++) column[row] = uniform();
    columns.push(column);
  }
  return { count: samples, columns };
}

/**
 * Draws spread as evenly as can be rather than by chance. Five hundred of them settle a chance to about one in a hundred,
 * every time the same, so that a size chosen by them is the same on the phone, in the office and on the order.
 */
export function evenDraws(samples: number, cutting: Cutting["kind"]): Draws {
  const points = evenPoints(samples, DRAWN - 1);
  const columns = Array.from({ length: DRAWN }, (_, k) => {
    // The height moves with the width: one axis for both.
    const column = points[k < MOVED_HEIGHT ? k : k === MOVED_HEIGHT ? MOVED_WIDTH : k - 1] as Float64Array;
    if (isSpread(k, cutting)) return column.map(normalInverse);
    return k < MOVED_WIDTH ? column.map((u) => 2 * u - 1) : column;
  });
  return { count: samples, columns };
}
