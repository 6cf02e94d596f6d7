import type { System } from "../frame/systems.ts";
import type { Station } from "../plan/stations.ts";
import type { Step } from "./step.ts";

/** How long somebody took over a step, on whatever pane. */
export type Took = {
  readonly system: System;
  readonly station: Station;
  readonly step: string;
  readonly minutes: number;
  /** Length that was worked along, where the step is one of length. */
  readonly metres: number | null;
};

type Timed = ReadonlyMap<string, readonly Took[]>;

/** The firm's own past: all that was timed, by what it was; and what each person timed of it. */
export type Past = { readonly all: Timed; readonly by: ReadonlyMap<string, Timed> };
export const NO_PAST: Past = { all: new Map(), by: new Map() };

/** So many times before a step's own past is trusted over the default. */
export const TRUST_FROM = 3;

/** Under what a step's times are kept. @example face-putty, hard // "face-putty/hard" */
export const timedAs = (step: Step): string => (step.variant ? `${step.id}/${step.variant}` : step.id);

/** Older times of the same step say less than these newest ones: the rest is left out. */
export const MOST_TIMED = 30;

const keyOf = (t: { readonly system: System; readonly station: Station; readonly step: string }): string =>
  `${t.system}/${t.station}/${t.step}`;

/** @example pastOf([{ who: "Nell", took: … }, …]) // what all took, and what Nell did */
export function pastOf(all: readonly { readonly who: string; readonly took: Took }[]): Past {
  const whose = [...new Set(all.map((t) => t.who))];
  return {
    all: timedOf(all.map((t) => t.took)),
    by: new Map(whose.map((who) => [who, timedOf(all.filter((t) => t.who === who).map((t) => t.took))])),
  };
}

function timedOf(all: readonly Took[]): Timed {
  const by = new Map<string, Took[]>();
  for (const t of all) {
    const same = by.get(keyOf(t));
    if (same) same.push(t);
    else by.set(keyOf(t), [t]);
  }
  for (const [key, same] of by) if (same.length > MOST_TIMED) by.set(key, same.slice(-MOST_TIMED));
  return by;
}

const median = (sorted: readonly number[]): number => {
  const half = sorted.length >> 1;
  const [a, b] = [sorted[half - 1] ?? 0, sorted[half] ?? 0];
  return sorted.length % 2 ? b : (a + b) / 2;
};

/**
 * The step with the firm's own minutes in place of the default, once it was timed three times: the middle one, by the metre
 * where its length is known. Where `who` timed it three times themselves, theirs. What was timed says how often.
 * @example cut-free 20 by default, timed 6 min on 3 m, 8 on 2, 9 on 3; now 4 m // 2, 4 and 3 a metre: 12
 */
export function stepByPast(
  step: Step,
  at: { readonly system: System; readonly station: Station; readonly metres: number | null },
  past: Past,
  who: string | null = null,
): Step {
  const key = keyOf({ ...at, step: timedAs(step) });
  const byLength = step.alongEdge === true && at.metres !== null;
  const sorted = (timed: Timed | undefined): readonly number[] =>
    (timed?.get(key) ?? [])
      .flatMap((t) => (byLength ? (t.metres ? [t.minutes / t.metres] : []) : [t.minutes]))
      .sort((a, b) => a - b);
  const own = who === null ? [] : sorted(past.by.get(who));
  const isOwn = own.length >= TRUST_FROM;
  const took = isOwn ? own : sorted(past.all);
  if (took.length < TRUST_FROM) return step;
  const minutes = median(took) * (byLength ? (at.metres ?? 1) : 1);
  return { ...step, minutes: Math.max(1, Math.round(minutes)), timed: took.length, ...(isOwn && { timedBy: who }) };
}
