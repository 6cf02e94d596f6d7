/**
 * Chance that a standard normal variate is at most x, to 1e-14 or so. Source: Hart's rational approximation for double
 * precision, with a continued fraction in the tails (West, 2005).
 * @example normalBelow(0) // 0.5
 * @example normalBelow(1.959963984540054) // 0.975
 */
export function normalBelow(x: number): number {
  const far = Math.abs(x);
  if (far > 37) return x > 0 ? 1 : 0;
  const e = Math.exp((-far * far) / 2);
  const tail = far < 7.07106781186547 ? (e * ratio(far, ABOVE)) / ratio(far, BELOW) : e / (fraction(far) * ROOT_2_PI);
  return x > 0 ? 1 - tail : tail;
}

const ROOT_2_PI = 2.506628274631;
const ABOVE = [
  3.52624965998911e-2, 0.700383064443688, 6.37396220353165, 33.912866078383, 112.079291497871, 221.213596169931,
  220.206867912376,
];
const BELOW = [
  8.83883476483184e-2, 1.75566716318264, 16.064177579207, 86.7807322029461, 296.564248779674, 637.333633378831,
  793.826512519948, 440.413735824752,
];

function ratio(x: number, terms: readonly number[]): number {
  let sum = 0;
  for (const t of terms) sum = sum * x + t;
  return sum;
}

const fraction = (x: number): number => x + 1 / (x + 2 / (x + 3 / (x + 4 / (x + 0.65))));

/** Height of the standard normal curve at x. */
export const normalAt = (x: number): number => Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI);

/**
 * The x below which a share p of a standard normal lies, 0 < p < 1: Acklam's approximation and one Halley step, to 1e-13.
 * @example normalInverse(0.975) // 1.959963984540054
 */
export function normalInverse(p: number): number {
  if (!(p > 0 && p < 1)) throw new RangeError(`a share between 0 and 1, not ${p}`);
  const x = acklam(p);
  const miss = (normalBelow(x) - p) / normalAt(x);
  return x - miss / (1 + (x * miss) / 2);
}

const A = [
  -3.969683028665376e1, 2.209460984245205e2, -2.759285104469687e2, 1.38357751867269e2, -3.066479806614716e1,
  2.506628277459239,
];
const B = [
  -5.447609879822406e1, 1.615858368580409e2, -1.556989798598866e2, 6.680131188771972e1, -1.328068155288572e1, 1,
];
const C = [
  -7.784894002430293e-3, -3.223964580411365e-1, -2.400758277161838, -2.549732539343734, 4.374664141464968,
  2.938163982698783,
];
const D = [7.784695709041462e-3, 3.224671290700398e-1, 2.445134137142996, 3.754408661907416, 1];
const EDGE = 0.02425;

function acklam(p: number): number {
  if (p > 1 - EDGE) return -acklam(1 - p);
  if (p < EDGE) {
    const q = Math.sqrt(-2 * Math.log(p));
    return ratio(q, C) / ratio(q, D);
  }
  const q = p - 0.5;
  return (q * ratio(q * q, A)) / ratio(q * q, B);
}
