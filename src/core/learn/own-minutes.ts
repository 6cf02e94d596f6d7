import { dayOf } from "../units/day.ts";
import { type Belief, believed, learn, meanWithin, type Seen, type Within } from "./belief.ts";
import { weightOf } from "./forget.ts";
import { ENOUGH as FAR_FROM, type Parted, parted } from "./outliers.ts";
import { SURE } from "./own-figure.ts";

/** One piece of work that was timed. */
type Timed = {
  readonly minutes: number;
  /** Length that was worked along; null where it is not a work of length, or nobody knew. */
  readonly metres: number | null;
  readonly who: string;
  readonly day: string;
};

/** What is believed of a piece of work's time: of the logarithm of its minutes, by the metre where it goes by length. */
export type WorkBelief = { readonly logs: Belief; readonly metres: number };

export type OwnMinutes<T = Timed> = {
  readonly minutes: number;
  readonly belief: WorkBelief;
  /** How many times it rests on: one person's own where `who` is named. */
  readonly seen: number;
  readonly who: string | null;
  /** What took so long, or so short, that something else happened: named, not counted. */
  readonly outliers: readonly T[];
};

/** So many times before a step's own past says anything. */
export const TIMES_ENOUGH = 3;
/**
 * What the house says of a step is worth half a time: its word may be out by half as much again, one time scatters by a third.
 * What all others take is worth one time of somebody's own at most: people differ as much as their times do.
 */
const [HOUSE_WORTH, OTHERS_WORTH] = [0.5, 1] as const;
/** One time of the same work against another, as a share; and how many times that is worth. */
const [SCATTER, SCATTER_WORTH] = [0.35, 6] as const;
/** What work scatters at least, when it is asked what lies far out. */
const LEAST_SCATTER = 0.3;

/**
 * How long a piece of work takes here: the house's word and every time it was timed, multiplied and rooted (a time is as often
 * half as double), older ones counting less. From the third time on; where `who` timed it three times, their own, which begin at
 * what the others take. Null before.
 * @example usual 20; timed 10, 12, 14 // 12.8: the 3.5th root of √20 × 10 × 12 × 14
 */
export function ownMinutes<T extends Timed>(
  timed: readonly T[],
  work: { readonly usual: number; readonly metres: number | null; readonly who: string | null },
): OwnMinutes<T> | null {
  const { metres, who } = work;
  const { usual, outliers } = looked(timed, metres !== null);
  if (usual.length + outliers.length < TIMES_ENOUGH) return null;
  const a = metres ?? 1;
  const house = believed({
    mean: Math.log(work.usual / a),
    worth: HOUSE_WORTH,
    spread: SCATTER,
    spreadWorth: SCATTER_WORTH,
  });
  const own = who === null ? [] : usual.filter((t) => t.who === who);
  const isOwn = own.length >= TIMES_ENOUGH;
  const firm = learn(house, isOwn ? usual.filter((t) => t.who !== who) : usual);
  const logs = isOwn ? learn(asPrior(firm), own) : firm;
  return {
    minutes: Math.exp(logs.mean) * a,
    belief: { logs, metres: a },
    seen: isOwn ? own.length : usual.length,
    who: isOwn ? who : null,
    outliers,
  };
}

/** Times as they are learned from: each one's logarithm and how much it still counts, and whose it is; the outliers as they were. */
type Looked<T> = { readonly usual: readonly (Seen & { readonly who: string })[]; readonly outliers: readonly T[] };

/** A list of times is looked at once each way: every pane of the same frame asks for it. */
const [PLAIN, ALONG] = [new WeakMap<readonly Timed[], Looked<Timed>>(), new WeakMap<readonly Timed[], Looked<Timed>>()];

function looked<T extends Timed>(timed: readonly T[], along: boolean): Looked<T> {
  const kept = along ? ALONG : PLAIN;
  const known = kept.get(timed);
  // What was kept under a list is made of its own times.
  if (known) return known as Looked<T>;
  const all = along ? timed.filter((t) => t.metres !== null) : timed;
  const logOf = (t: T): number => Math.log(along ? t.minutes / (t.metres ?? 1) : t.minutes);
  const newest = all.reduce((last, t) => (t.day > last ? t.day : last), "");
  const { usual, outliers } = partedByPerson(all, logOf);
  const made: Looked<T> = {
    usual: usual.map((t) => ({ value: logOf(t), weight: weightOf(dayOf(t.day), dayOf(newest)), who: t.who })),
    outliers,
  };
  kept.set(timed, made);
  return made;
}

/**
 * Far from what the same person takes, where they timed it often enough; the rest among each other, unless the same person took
 * about as long another time: slow hands and quick ones are no slip.
 */
function partedByPerson<T extends Timed>(all: readonly T[], logOf: (t: T) => number): Parted<T> {
  const often = [...new Set(all.map((t) => t.who))].filter(
    (who) => all.filter((t) => t.who === who).length >= FAR_FROM,
  );
  const parts = [
    ...often.map((who) => all.filter((t) => t.who === who)),
    all.filter((t) => !often.includes(t.who)),
  ].map((same) => parted(same, logOf, LEAST_SCATTER));
  const tookSoAgain = (t: T): boolean =>
    all.some((o) => o !== t && o.who === t.who && Math.abs(logOf(o) - logOf(t)) < 2 * LEAST_SCATTER);
  const far = new Set(parts.flatMap((p) => p.outliers).filter((t) => often.includes(t.who) || !tookSoAgain(t)));
  return { usual: all.filter((t) => !far.has(t)), outliers: all.filter((t) => far.has(t)) };
}

/** What the others take, as a word for somebody else: no surer than people are alike. */
const asPrior = (firm: Belief): Belief => ({
  mean: firm.mean,
  worth: 1 / (1 / firm.worth + 1 / OTHERS_WORTH),
  shape: SCATTER_WORTH / 2,
  scale: ((SCATTER_WORTH / 2) * firm.scale) / firm.shape,
});

/** Where the minutes lie with nine chances in ten. @example 3 times about 12 // { lo: 8, hi: 19 } */
export function minutesWithin({ logs, metres }: WorkBelief): Within {
  const { lo, hi } = meanWithin(logs, SURE);
  return { lo: Math.exp(lo) * metres, hi: Math.exp(hi) * metres };
}
