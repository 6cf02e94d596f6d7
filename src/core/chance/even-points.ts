/**
 * Degree and coefficients of a primitive polynomial, and first direction numbers, for each axis past the first. Source:
 * Joe and Kuo, 2008.
 */
const AXES: readonly (readonly [degree: number, coefficients: number, ...first: number[]])[] = [
  [1, 0, 1],
  [2, 1, 1, 3],
  [3, 1, 1, 3, 1],
  [3, 2, 1, 1, 1],
  [4, 1, 1, 1, 3, 3],
  [4, 4, 1, 3, 5, 13],
  [5, 2, 1, 1, 5, 5, 17],
  [5, 4, 1, 1, 5, 5, 5],
  [5, 7, 1, 1, 7, 11, 19],
  [5, 11, 1, 1, 5, 1, 1],
  [5, 13, 1, 1, 1, 3, 11],
  [5, 14, 1, 3, 5, 5, 31],
  [6, 1, 1, 3, 3, 9, 7, 49],
  [6, 13, 1, 1, 1, 15, 21, 21],
  [6, 16, 1, 3, 1, 13, 27, 49],
  [6, 19, 1, 1, 1, 15, 7, 5],
];
const BITS = 31;
export const MOST_AXES = AXES.length + 1;

function directionsOf(axis: number): readonly number[] {
  if (axis === 0) return Array.from({ length: BITS }, (_, i) => 2 ** (BITS - 1 - i));
  const [degree, coefficients, ...first] = AXES[axis - 1] ?? [1, 0, 1];
  const v = first.map((m, i) => m * 2 ** (BITS - 1 - i));
  for (let i = degree; i < BITS; i++) {
    const back = v[i - degree] ?? 0;
    let next = back ^ (back >>> degree);
    for (let k = 1; k < degree; k++) if ((coefficients >> (degree - 1 - k)) & 1) next ^= v[i - k] ?? 0;
    v.push(next);
  }
  return v;
}

/**
 * Points spread as evenly as can be over a cube of up to seventeen axes: a column of numbers between 0 and 1 for each axis
 * (Sobol's sequence). A count that is a power of two fills each axis without a gap. Throws on more axes.
 * @example evenPoints(4, 1) // [[0.125, 0.625, 0.875, 0.375]]
 */
export function evenPoints(count: number, axes: number): readonly Float64Array[] {
  if (axes > MOST_AXES) throw new RangeError(`at most ${MOST_AXES} axes, not ${axes}`);
  const middle = 0.5 / count;
  return Array.from({ length: axes }, (_, axis) => {
    const directions = directionsOf(axis);
    const column = new Float64Array(count);
    let x = 0;
    for (let i = 0; i < count; i++) {
      column[i] = x / 2 ** BITS + middle;
      // Gray code: the next point differs by the direction of the lowest bit that is nil in this one's number.
      let bit = 0;
      for (let n = i; n & 1; n >>= 1) bit++;
      x ^= directions[bit] ?? 0;
    }
    return column;
  });
}
