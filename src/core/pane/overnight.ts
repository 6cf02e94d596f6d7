import type { Station } from "../plan/stations.ts";
import { driesOverNight } from "../steps/over-night.ts";
import type { Step } from "../steps/step.ts";
import { type Day, dayOf } from "../units/day.ts";
import { type PaneBook, stepKey } from "./book.ts";
import { notDry } from "./drying.ts";
import { leavesOpen } from "./open-hole.ts";
import type { Reckoning } from "./reckoning.ts";
import { stepsAt } from "./steps-at.ts";

const HOURS_A_DAY = 24;

const driesLong = (step: Step): boolean => driesOverNight(step.driesHours);

/** Work that ends a day, for what it ends with must dry. */
export type BeforeNight = {
  /** Steps of making ready up to the last that dries over night, by key. */
  readonly steps: ReadonlySet<string>;
  /** Whole days beyond the first night. */
  readonly lagDays: number;
};

/**
 * What of making ready still ends a day's work, because it dries longer than anybody waits; null where nothing does, or it was
 * done or left out already.
 * @example a rebate to be primed for linseed, 16 h // its steps up to the primer; set from the next day on
 * @example a filler of 24 h and a primer of 16 h after it // up to the primer; set from the next day on
 */
export function beforeNight(book: PaneBook, r: Reckoning): BeforeNight | null {
  const steps = stepsAt("ready", book, r, null);
  const isLeft = (step: Step): boolean => !book.steps.has(stepKey("ready", step.id));
  const last = steps.findLastIndex((s) => isLeft(s) && driesLong(s));
  if (last < 0) return null;
  return {
    steps: new Set(steps.slice(0, last + 1).map((s) => stepKey("ready", s.id))),
    lagDays: Math.max(0, Math.ceil((steps[last]?.driesHours ?? 0) / HOURS_A_DAY) - 1),
  };
}

/**
 * Whether the work at these stations leaves a hole for longer than a day: something is brought to close it.
 * @example taken out while its glass is still to come; primed for linseed with the glass in the van // both
 */
export const closesUp = (stations: readonly Station[], book: PaneBook, r: Reckoning): boolean =>
  (stations.includes("takeout") && leavesOpen(book)) ||
  (stations.includes("ready") && book.set === null && beforeNight(book, r) !== null);

/**
 * The day from which what was put on is dry, where it dries over night and nobody said that it is dry already; null where
 * nothing dries so.
 * @example primed on 20 May at 14:00, 16 h // 21 May
 */
export function dryFrom(book: PaneBook, r: Reckoning): Day | null {
  const ready = stepsAt("ready", book, r, null);
  const [last] = notDry(book, (station) => (station === "ready" ? ready : []), 0).filter((d) => driesLong(d.step));
  return last ? dayOf(new Date(last.readyMs).toISOString().slice(0, 10)) : null;
}
