import type { System } from "../frame/systems.ts";
import { ownMinutes } from "../learn/own-minutes.ts";
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
  /** What the house said of it there and then, minutes: what was timed stands beside it. */
  readonly usual?: number | undefined;
};

/** The same, by whom and when. */
export type Timed = Took & { readonly who: string; readonly day: string };

/** The firm's own past: all that was timed, by what it was. */
export type Past = ReadonlyMap<string, readonly Timed[]>;
export const NO_PAST: Past = new Map();

/** Under what a step's times are kept. @example face-putty, hard // "face-putty/hard" */
export const timedAs = (step: Step): string => (step.variant ? `${step.id}/${step.variant}` : step.id);

/** Older times of the same step by the same person say less than these newest ones: the rest is left out. */
export const MOST_TIMED = 30;

const keyOf = (t: { readonly system: System; readonly station: Station; readonly step: string }): string =>
  `${t.system}/${t.station}/${t.step}`;

/** By step, each person's newest thirty. @example pastOf([{ …took, who: "Nell", day: "2026-05-20" }, …]) */
export function pastOf(all: readonly Timed[]): Past {
  const past = new Map<string, Timed[]>();
  const kept = new Map<string, number>();
  for (const t of [...all].reverse()) {
    const [key, whose] = [keyOf(t), `${keyOf(t)}/${t.who}`];
    const had = kept.get(whose) ?? 0;
    if (had >= MOST_TIMED) continue;
    kept.set(whose, had + 1);
    const same = past.get(key);
    if (same) same.push(t);
    else past.set(key, [t]);
  }
  for (const same of past.values()) same.reverse();
  return past;
}

/** Everybody who timed anything. */
export const timersIn = (past: Past): readonly string[] => [
  ...new Set([...past.values()].flatMap((same) => same.map((t) => t.who))),
];

/**
 * The step with the firm's own minutes in place of the default, once it was timed three times; where `who` timed it three times
 * themselves, theirs. By the metre where its length is known. What was timed says how often, and within what it lies.
 * @example cut-free 20 by default, timed 6 min on 3 m, 8 on 2, 9 on 3; now 4 m // 12: 2, 4, 3 and half of 5 a metre
 */
export function stepByPast(
  step: Step,
  at: { readonly system: System; readonly station: Station; readonly metres: number | null },
  past: Past,
  who: string | null = null,
): Step {
  const took = past.get(keyOf({ ...at, step: timedAs(step) }));
  if (took === undefined) return step;
  const own = ownMinutes(took, { usual: step.minutes, metres: step.alongEdge === true ? at.metres : null, who });
  return own === null
    ? step
    : {
        ...step,
        minutes: Math.max(1, Math.round(own.minutes)),
        usual: step.minutes,
        timed: own.seen,
        timedBelief: own.belief,
        ...(own.who !== null && { timedBy: own.who }),
      };
}
