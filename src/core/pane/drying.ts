import { STATIONS, type Station } from "../plan/stations.ts";
import { dryingOf } from "../refurbish/beads-and-seal.ts";
import type { Step } from "../steps/step.ts";
import { type PaneBook, stepKey } from "./book.ts";

const MS_PER_HOUR = 3_600_000;

/** Under what it is kept that something is dry before its hours are over. */
export const dryOf = (step: Pick<Step, "id">): string => `${step.id}/dry`;

export type Drying = {
  readonly station: Station;
  readonly step: Step;
  readonly readyMs: number;
  readonly hours: number;
};

/**
 * What was primed, filled or sealed and is not dry yet, the one that takes longest first; of a step, only what comes before
 * it. Somebody's word that it is dry counts. Times run from the tick.
 * @example primed at 10:00, dries 16 h, asked at 14:00 // 12 h to go
 */
export function notDry(
  book: PaneBook,
  steps: (station: Station) => readonly Step[],
  nowMs: number,
  before?: Step,
): readonly Drying[] {
  const out: Drying[] = [];
  // The scale says more of drying beads than the clock.
  const weighedDry = dryingOf(book.before.refurbish.weighings).kind === "dry";
  // Once it is set, what lay under it is covered: only what finishes it still dries.
  for (const station of book.set ? (["finish"] as const) : STATIONS) {
    for (const step of steps(station)) {
      if (step.id === before?.id) return longest(out);
      const mark = book.steps.get(stepKey(station, step.id));
      if (mark?.state !== "done" || !step.driesHours) continue;
      if (book.before.ticked.get(stepKey(station, dryOf(step)))?.length) continue;
      if (step.asks === "oven" && weighedDry) continue;
      const readyMs = Date.parse(mark.at) + step.driesHours * MS_PER_HOUR;
      if (readyMs > nowMs) out.push({ station, step, readyMs, hours: Math.ceil((readyMs - nowMs) / MS_PER_HOUR) });
    }
  }
  return longest(out);
}

const longest = (all: readonly Drying[]): readonly Drying[] => [...all].sort((a, b) => b.readyMs - a.readyMs);
