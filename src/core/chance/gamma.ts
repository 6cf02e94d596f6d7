import { halved } from "./halved.ts";

const LANCZOS = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
  12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
];

/** The natural logarithm of the gamma function, x above 0. Source: Lanczos' approximation, g = 7. @example logGamma(5) // ln 24 */
export function logGamma(x: number): number {
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - logGamma(1 - x);
  const at = x - 1;
  let sum = LANCZOS[0] as number;
  for (let i = 1; i < LANCZOS.length; i++) sum += (LANCZOS[i] as number) / (at + i);
  const t = at + 7.5;
  return 0.5 * Math.log(2 * Math.PI) + (at + 0.5) * Math.log(t) - t + Math.log(sum);
}

/**
 * Share of a gamma distribution of this shape and scale 1 that lies below x. Source: its series, and its continued fraction
 * beyond the mean (Abramowitz and Stegun 6.5.29 and 6.5.31).
 * @example gammaBelow(1, 1) // 1 − 1/e
 */
export function gammaBelow(x: number, shape: number): number {
  if (x <= 0) return 0;
  const front = Math.exp(shape * Math.log(x) - x - logGamma(shape));
  return x < shape + 1 ? front * series(x, shape) : 1 - front * fraction(x, shape);
}

function series(x: number, shape: number): number {
  let term = 1 / shape;
  let sum = term;
  for (let n = 1; n < 10_000; n++) {
    term *= x / (shape + n);
    sum += term;
    if (term < sum * 1e-15) break;
  }
  return sum;
}

function fraction(x: number, shape: number): number {
  let b = x + 1 - shape;
  let c = 1e300;
  let d = 1 / b;
  let h = d;
  for (let n = 1; n < 10_000; n++) {
    const a = -n * (n - shape);
    b += 2;
    d = 1 / (a * d + b);
    c = b + a / c;
    h *= d * c;
    if (Math.abs(d * c - 1) < 1e-15) break;
  }
  return h;
}

/** The x below which a share p of a gamma distribution of this shape lies. @example gammaInverse(0.95, 1) // 2.9957 */
export function gammaInverse(p: number, shape: number): number {
  let hi = Math.max(1, shape);
  while (gammaBelow(hi, shape) < p) hi *= 2;
  return halved((x) => gammaBelow(x, shape), p, 0, hi);
}
