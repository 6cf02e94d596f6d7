import { seeded } from "../chance/seeded.ts";
import type { Within } from "./belief.ts";

/** What an opening did between two days, mm a metre: wider is more. Days are days of the calendar, by number. */
export type Moved = { readonly read: number; readonly set: number; readonly by: number; readonly weight: number };

/** How far openings go over a year, mm a metre either side of their middle, and when they are widest. */
export type Swing = {
  readonly half: number;
  readonly within: Within;
  /** Day of the year, from 1; null while it could be any. */
  readonly widest: number | null;
};

const YEAR = 365.25;
const DRAWS = 4000;
const TURNS = 12;
/** A direction is told where what was seen outweighs its doubt by so much. */
const TOLD = 3;

/**
 * A year as one wave: an opening is a·cos + b·sin of the time of year wider than its middle, and what is seen is how much that
 * changed between reading and setting, and the error of whoever measured. The wave is normal about nothing, as wide as the
 * house has it; the error is worked out beside it, turn about, each from the other. Reading and setting within a week of each
 * other say next to nothing, and are weighed so by the sum itself. Source: Bayesian linear regression (Gelman et al., 2013,
 * 14.2), the error by conditional maximum.
 * @param prior half of the swing as the house has it; the error of one observation, mm a metre, and what that word is worth
 * @example nothing seen, the house says 1 // half 1: the house's word
 */
export function swingOf(
  moved: readonly Moved[],
  prior: { readonly half: number; readonly error: number; readonly worth: number; readonly share: number },
): Swing {
  let [aa, ab, bb, ay, by, yy, n] = [0, 0, 0, 0, 0, 0, 0];
  for (const m of moved) {
    const [x, z] = [wave(m.set).cos - wave(m.read).cos, wave(m.set).sin - wave(m.read).sin];
    aa += m.weight * x * x;
    ab += m.weight * x * z;
    bb += m.weight * z * z;
    ay += m.weight * x * m.by;
    by += m.weight * z * m.by;
    yy += m.weight * m.by * m.by;
    n += m.weight;
  }
  // Half a swing is the length of (a, b): two normals of spread s have a mean square of 2 s².
  const before = prior.half ** 2 / 2;
  let error = prior.error ** 2;
  let [a, b] = [0, 0];
  let cov = { aa: before, ab: 0, bb: before };
  for (let turn = 0; turn < TURNS; turn++) {
    const [p, r] = [aa + error / before, bb + error / before];
    const det = p * r - ab * ab;
    [a, b] = [(r * ay - ab * by) / det, (p * by - ab * ay) / det];
    cov = { aa: (error * r) / det, ab: (-error * ab) / det, bb: (error * p) / det };
    const rest = yy - 2 * (a * ay + b * by) + a * a * aa + 2 * a * b * ab + b * b * bb;
    error = (prior.worth * prior.error ** 2 + Math.max(0, rest)) / (prior.worth + n);
  }
  return {
    half: Math.sqrt(a * a + b * b + cov.aa + cov.bb),
    within: lengths({ a, b, ...cov }, prior.worth + n, prior.share),
    widest: a * a + b * b > TOLD * (cov.aa + cov.bb) ? dayAt(Math.atan2(b, a)) : null,
  };
}

const wave = (day: number): { readonly cos: number; readonly sin: number } => {
  const at = (2 * Math.PI * day) / YEAR;
  return { cos: Math.cos(at), sin: Math.sin(at) };
};

/** The day of the year on which the wave is highest. Days are counted from 1 January 1970, at which the wave is at nothing. */
const dayAt = (angle: number): number => {
  const day = (angle * YEAR) / (2 * Math.PI);
  return 1 + Math.floor((day + YEAR) % YEAR);
};

type Cloud = { readonly a: number; readonly b: number; readonly aa: number; readonly ab: number; readonly bb: number };

/** Where the length of (a, b) lies with this chance, by draws that are the same every time. */
function lengths(c: Cloud, freedom: number, share: number): Within {
  const chance = seeded(20260520);
  const [l11, l21] = [Math.sqrt(c.aa), c.ab / Math.sqrt(c.aa)];
  const l22 = Math.sqrt(Math.max(0, c.bb - l21 * l21));
  const all = Float64Array.from({ length: DRAWS }, () => {
    // Student's: a normal over the root of a chi-square by its freedom, the latter by Wilson and Hilferty's cube.
    const t = 2 / (9 * freedom);
    const stretch = 1 / Math.sqrt(Math.max(0.05, (1 - t + Math.sqrt(t) * chance.normal()) ** 3));
    const [u, v] = [stretch * chance.normal(), stretch * chance.normal()];
    return Math.hypot(c.a + l11 * u, c.b + l21 * u + l22 * v);
  }).sort();
  const at = (index: number): number => all[Math.min(DRAWS - 1, Math.floor(index * DRAWS))] ?? 0;
  return { lo: at((1 - share) / 2), hi: at((1 + share) / 2) };
}
