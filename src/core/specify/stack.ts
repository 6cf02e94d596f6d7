import { isInchMake } from "../units/inch-make.ts";
import { inches, type Mm, mm, type Nm, nm, toMm } from "../units/length.ts";

/** What panes and spacers are made in. Metric and inch makes are exact sizes and are not mixed in one unit. */
export const MAKES = {
  metric: {
    panes: [3, 4, 5, 6].map(mm),
    spacers: [6, 8, 9, 10, 12, 14, 15, 16, 18, 20].map(mm),
  },
  inch: {
    panes: [inches(0, 1, 8), inches(0, 5, 32), inches(0, 3, 16), inches(0, 1, 4)],
    spacers: [
      inches(0, 1, 4),
      inches(0, 5, 16),
      inches(0, 3, 8),
      inches(0, 7, 16),
      inches(0, 1, 2),
      inches(0, 9, 16),
      inches(0, 5, 8),
    ],
  },
} as const;
/** Spacers that go with panes of this make, mm. @example spacersWith(4) // 6, 8, 9 …; spacersWith(3.175) // 6.35, 7.9375 … */
export const spacersWith = (paneMm: Mm): readonly number[] =>
  MAKES[isInchMake(paneMm) ? "inch" : "metric"].spacers.map(toMm);
export type Make = keyof typeof MAKES;

/** A sealed unit that is made: panes and spacers in turn, from one face to the other; which face comes first is open. */
export type Stack = {
  readonly make: Make;
  readonly panes: readonly Nm[];
  readonly spacers: readonly Nm[];
  readonly overall: Nm;
  readonly equalPanes: boolean;
  /** Overall read less this stack, mm. */
  readonly off: number;
  /** Squared differences over the errors of the readings: 0 is exact. */
  readonly score: number;
};

export type StackReadings = {
  readonly overall: Nm;
  /** Panes as read: none, one, or more; each must be in the stack. */
  readonly panes: readonly Nm[];
  readonly count: 2 | 3;
  readonly overallError: Nm;
  readonly paneError: Nm;
};

/**
 * The stacks that these readings can be, the likeliest first; where they are as likely, equal panes before unequal, and those
 * of the commonest sheets first.
 * @example overall 24, pane 4, of two panes // 4-16-4 first, then 4-15-5 and 4-14-6
 */
export function stacksFor(readings: StackReadings): readonly Stack[] {
  const out: Stack[] = [];
  for (const make of Object.keys(MAKES) as Make[])
    for (const panes of paneSets(MAKES[make].panes, readings.count))
      for (const spacers of spacerSets(MAKES[make].spacers, panes)) {
        const overall = nm([...panes, ...spacers].reduce<number>((s, v) => s + v, 0));
        if (Math.abs(readings.overall - overall) > readings.overallError) continue;
        const paneScore = matched(panes, readings);
        if (paneScore === null) continue;
        const equalPanes = panes.every((p) => p === panes[0]);
        const score = ratio(readings.overall - overall, readings.overallError) ** 2 + paneScore;
        out.push({ make, panes, spacers, overall, equalPanes, off: toMm(nm(readings.overall - overall)), score });
      }
  return out.sort(
    (a, b) =>
      Math.round((a.score - b.score) * 1e9) ||
      Number(b.equalPanes) - Number(a.equalPanes) ||
      unlikeness(a.spacers) - unlikeness(b.spacers) ||
      rarity(a) - rarity(b) ||
      a.make.localeCompare(b.make) * -1,
  );
}

const ratio = (off: number, error: Nm): number =>
  off === 0 ? 0 : error === 0 ? Number.POSITIVE_INFINITY : off / error;

/** Sets of panes in order, one of each pair of mirror images. */
function paneSets(makes: readonly Nm[], count: 2 | 3): readonly (readonly Nm[])[] {
  const out: Nm[][] = [];
  for (const a of makes)
    for (const b of makes) {
      if (b < a) continue;
      if (count === 2) out.push([a, b]);
      else for (const middle of makes) out.push([a, middle, b]);
    }
  return out;
}

function spacerSets(makes: readonly Nm[], panes: readonly Nm[]): readonly (readonly Nm[])[] {
  if (panes.length === 2) return makes.map((s) => [s]);
  const mirrored = panes[0] === panes[2];
  return makes.flatMap((a) => makes.flatMap((b) => (mirrored && b < a ? [] : [[a, b]])));
}

/** Sheets that units are made of, the commonest first. Source: the trade's habit; where readings tell, they decide. */
const COMMONEST: Readonly<Record<Make, readonly Nm[]>> = {
  metric: [4, 6, 5, 3].map(mm),
  inch: [inches(0, 1, 8), inches(0, 5, 32), inches(0, 3, 16), inches(0, 1, 4)],
};
const rarity = ({ make, panes, equalPanes }: Pick<Stack, "make" | "panes" | "equalPanes">): number =>
  equalPanes ? COMMONEST[make].indexOf(panes[0] ?? nm(0)) : 0;

const unlikeness = (sizes: readonly Nm[]): number => Math.max(...sizes) - Math.min(...sizes);

/** How far the panes read are from panes of the stack, each used once; null when one is in none of them. */
function matched(panes: readonly Nm[], readings: StackReadings): number | null {
  if (readings.panes.length === 0) return 0;
  let best: number | null = null;
  for (const order of orders(panes, readings.panes.length)) {
    if (order.some((p, i) => Math.abs(p - (readings.panes[i] ?? p)) > readings.paneError)) continue;
    const score = order.reduce((s, p, i) => s + ratio((readings.panes[i] ?? p) - p, readings.paneError) ** 2, 0);
    if (best === null || score < best) best = score;
  }
  return best;
}

/** Every way of taking so many of some things in order. */
function orders<T>(from: readonly T[], count: number): readonly (readonly T[])[] {
  if (count === 0) return [[]];
  return from.flatMap((first, i) =>
    orders([...from.slice(0, i), ...from.slice(i + 1)], count - 1).map((rest) => [first, ...rest]),
  );
}
