/** Parted from the rest: what no tape and no cutter does by chance. */
export type Parted<T> = { readonly usual: readonly T[]; readonly outliers: readonly T[] };

/** Fewer than these have no middle to be far from. */
export const ENOUGH = 5;
/** Spreads from the middle beyond which something else happened: one in fifteen thousand by chance. */
const FAR = 4;
/** The middle distance from the middle, times this, is the spread of a normal. */
const TO_SPREAD = 1.4826;

/**
 * Parts what lies far from the middle of the rest: a pane made wrong, a slip of the pencil. They are named and not counted.
 * The spread goes by the middle distance from the middle, which outliers cannot move, and is taken to be no less than `least`.
 * @example 0.2, −0.1, 0.3, 0, 12 // 12 is an outlier
 */
export function parted<T>(items: readonly T[], value: (t: T) => number, least: number): Parted<T> {
  if (items.length < ENOUGH) return { usual: items, outliers: [] };
  const middle = median(items.map(value));
  const spread = Math.max(least, TO_SPREAD * median(items.map((t) => Math.abs(value(t) - middle))));
  const isFar = (t: T): boolean => Math.abs(value(t) - middle) > FAR * spread;
  return { usual: items.filter((t) => !isFar(t)), outliers: items.filter(isFar) };
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  const upper = sorted[half] ?? 0;
  return sorted.length % 2 ? upper : ((sorted[half - 1] ?? 0) + upper) / 2;
}
