import { studentInverse } from "../chance/beta.ts";
import { gammaInverse } from "../chance/gamma.ts";

/**
 * What is believed of figures that scatter about a mean, neither known: normal, with an inverse gamma of its variance. That
 * prior is its own kind again after every observation. Source: the conjugate prior of a normal (Gelman et al., 2013, 3.3).
 */
export type Belief = {
  readonly mean: number;
  /** How many observations the word for the mean is worth. */
  readonly worth: number;
  /** Shape and scale of the variance's inverse gamma. */
  readonly shape: number;
  readonly scale: number;
};

/** One figure that was seen, and how much it still counts: 1 new, less as it grows old. */
export type Seen = { readonly value: number; readonly weight: number };

/**
 * What the house says before anything was seen: a mean worth some observations, and a spread worth some.
 * @example believed({ mean: 0, worth: 2, spread: 0.5, spreadWorth: 4 }) // spread about 0.5
 */
export const believed = (belief: {
  readonly mean: number;
  readonly worth: number;
  readonly spread: number;
  readonly spreadWorth: number;
}): Belief => ({
  mean: belief.mean,
  worth: belief.worth,
  shape: belief.spreadWorth / 2,
  scale: (belief.spreadWorth / 2) * belief.spread ** 2,
});

/**
 * What is believed once these were seen. The order in which they come changes nothing.
 * @example mean 0 worth 1; seen 1, 1, 1 // mean 0.75 worth 4
 */
export function learn(prior: Belief, seen: readonly Seen[]): Belief {
  const n = seen.reduce((sum, s) => sum + s.weight, 0);
  if (n <= 0) return prior;
  const mean = seen.reduce((sum, s) => sum + s.weight * s.value, 0) / n;
  const squares = seen.reduce((sum, s) => sum + s.weight * (s.value - mean) ** 2, 0);
  const worth = prior.worth + n;
  return {
    mean: (prior.worth * prior.mean + n * mean) / worth,
    worth,
    shape: prior.shape + n / 2,
    scale: prior.scale + squares / 2 + (prior.worth * n * (mean - prior.mean) ** 2) / (2 * worth),
  };
}

/** The same where the mean is known to be nothing, as of differences between two readings of one place. */
export function learnSpread(prior: Belief, seen: readonly Seen[]): Belief {
  const n = seen.reduce((sum, s) => sum + s.weight, 0);
  const squares = seen.reduce((sum, s) => sum + s.weight * s.value ** 2, 0);
  return { ...prior, shape: prior.shape + n / 2, scale: prior.scale + squares / 2 };
}

export type Within = { readonly lo: number; readonly hi: number };

/** Where the mean lies with this chance, as much of it left out below as above. */
export function meanWithin(b: Belief, share: number): Within {
  const reach = studentInverse(0.5 + share / 2, 2 * b.shape) * Math.sqrt(b.scale / (b.shape * b.worth));
  return { lo: b.mean - reach, hi: b.mean + reach };
}

/** The spread: its middle one. */
export const spreadOf = (b: Belief): number => Math.sqrt(b.scale / gammaInverse(0.5, b.shape));

/** Where the spread lies with this chance. */
export const spreadWithin = (b: Belief, share: number): Within => ({
  lo: Math.sqrt(b.scale / gammaInverse(0.5 + share / 2, b.shape)),
  hi: Math.sqrt(b.scale / gammaInverse(0.5 - share / 2, b.shape)),
});
