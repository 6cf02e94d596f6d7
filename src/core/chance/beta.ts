import { logGamma } from "./gamma.ts";
import { halved } from "./halved.ts";

/**
 * Share of a beta distribution that lies below x: the regularized incomplete beta function, to 1e-12 or so. Source: the
 * continued fraction by Lentz's way (Abramowitz and Stegun 26.5.8).
 * @example betaBelow(0.5, 2, 2) // 0.5
 * @throws RangeError where a or b is not above nothing
 */
export function betaBelow(x: number, a: number, b: number): number {
  if (!(a > 0 && b > 0)) throw new RangeError(`two shapes above 0, not ${a} and ${b}`);
  if (x <= 0) return 0;
  if (x >= 1) return 1;
  // The fraction converges fast on the near side of the mean only.
  return x > (a + 1) / (a + b + 2) ? 1 - nearSide(1 - x, b, a) : nearSide(x, a, b);
}

function nearSide(x: number, a: number, b: number): number {
  const front = Math.exp(
    logGamma(a + b) - logGamma(a) - logGamma(b) + a * Math.log(x) + b * Math.log1p(-x) - Math.log(a),
  );
  let c = 1;
  let d = 1 / notNil(1 - ((a + b) * x) / (a + 1));
  let fraction = d;
  for (let m = 1; m < MOST_TERMS; m++) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m));
    d = 1 / notNil(1 + even * d);
    c = notNil(1 + even / c);
    fraction *= d * c;
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1));
    d = 1 / notNil(1 + odd * d);
    c = notNil(1 + odd / c);
    fraction *= d * c;
    if (Math.abs(d * c - 1) < 1e-14) break;
  }
  return front * fraction;
}

const MOST_TERMS = 1000;
const notNil = (x: number): number => (Math.abs(x) < 1e-300 ? 1e-300 : x);

/** The x below which a share p of a beta distribution lies. @example betaInverse(0.95, 1, 1) // 0.95 */
export const betaInverse = (p: number, a: number, b: number): number => halved((x) => betaBelow(x, a, b), p, 0, 1);

/**
 * The t below which a share p of Student's distribution lies, with so many degrees of freedom, which need not be whole.
 * @example studentInverse(0.95, 10) // 1.8125
 */
export function studentInverse(p: number, freedom: number): number {
  if (p === 0.5) return 0;
  const below = Math.min(p, 1 - p);
  // The share beyond t both ways is that of a beta below v/(v + t²).
  const x = betaInverse(2 * below, freedom / 2, 0.5);
  const t = Math.sqrt((freedom * (1 - x)) / x);
  return p < 0.5 ? -t : t;
}
