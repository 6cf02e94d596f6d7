import type { System } from "../frame/systems.ts";
import type { Station } from "../plan/stations.ts";
import type { Past, Timed } from "../steps/past.ts";
import type { Within } from "./belief.ts";
import { minutesWithin, type OwnMinutes, ownMinutes, TIMES_ENOUGH } from "./own-minutes.ts";

/** One person's, or everybody's, minutes of a step. */
export type StepMinutes = {
  readonly who: string | null;
  readonly minutes: number;
  readonly within: Within;
  readonly seen: number;
};

/** One step as it was timed, beside what the house says of it. */
export type StepTime = {
  readonly system: System;
  readonly station: Station;
  readonly step: string;
  readonly timed: number;
  /** A work of length: all minutes are for so many metres; null for the others. */
  readonly metres: number | null;
  /** What the house said where it was timed last; null while nobody kept that. */
  readonly usual: number | null;
  /** Everybody's first, then each person's who is shown; empty while it was timed too seldom to say anything. */
  readonly own: readonly StepMinutes[];
  /** What took so long, or so short, that something else happened; named only where people are shown. */
  readonly outliers: readonly { readonly minutes: number; readonly who: string | null; readonly day: string }[];
};

/**
 * Every step that was timed, those timed most often first: whose minutes are told goes by `shows`.
 * @example face putty timed 10, 12 and 14, the house's 20 // 13, between 9 and 19, from 3
 */
export const stepTimes = (past: Past, shows: (who: string) => boolean): readonly StepTime[] =>
  [...past.values()]
    .map((timed) => stepTime(timed, shows))
    .sort((a, b) => b.timed - a.timed || a.step.localeCompare(b.step));

function stepTime(timed: readonly Timed[], shows: (who: string) => boolean): StepTime {
  const last = timed.at(-1);
  if (!last) throw new Error("a step that was timed has a time");
  // By the metre once enough of them say how long the work was: told for the length of the last.
  const byLength = timed.filter((t) => t.metres !== null).length >= TIMES_ENOUGH;
  const metres = byLength ? (timed.findLast((t) => t.metres !== null)?.metres ?? null) : null;
  const usual = timed.findLast((t) => t.usual !== undefined && (metres === null || t.metres === metres))?.usual ?? null;
  const timesOf = (who: string | null): OwnMinutes<Timed> | null =>
    ownMinutes(timed, { usual: usual ?? last.minutes, metres, who });
  const all = timesOf(null);
  const people = [...new Set(timed.map((t) => t.who))].filter(shows).sort();
  const own = [all, ...people.map(timesOf).filter((o) => o !== null && o.who !== null)];
  return {
    system: last.system,
    station: last.station,
    step: last.step,
    timed: timed.length,
    metres,
    usual,
    own: own.flatMap((o) =>
      o === null ? [] : [{ who: o.who, minutes: o.minutes, within: minutesWithin(o.belief), seen: o.seen }],
    ),
    outliers: (all?.outliers ?? []).map(({ minutes, who, day }) => ({
      minutes,
      who: shows(who) ? who : null,
      day,
    })),
  };
}
