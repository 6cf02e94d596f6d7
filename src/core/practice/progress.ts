import type { Mm } from "../units/length.ts";
import { MOST_LEVEL } from "./exercise.ts";

/** One answer that was given. */
export type Practised = {
  readonly right: boolean;
  readonly level: number;
  readonly seconds: number;
  readonly offMm: Mm | null;
};

/** So many right in a row, and it grows harder. */
export const RIGHT_IN_A_ROW = 3;

/**
 * How hard the next case is: one level up after three right in a row at a level, one down after two wrong.
 * @example three right at level 1 // 2
 */
export function levelAfter(all: readonly Practised[]): number {
  let level = 1;
  let row = 0;
  let wrong = 0;
  for (const p of all) {
    row = p.right ? row + 1 : 0;
    wrong = p.right ? 0 : wrong + 1;
    if (row >= RIGHT_IN_A_ROW && level < MOST_LEVEL) {
      level++;
      row = 0;
    }
    if (wrong >= 2 && level > 1) {
      level--;
      wrong = 0;
    }
  }
  return level;
}

/** Of one exercise: how many, how many of the newest twenty right, the middle time, and how far off readings were. */
export type Standing = {
  readonly done: number;
  readonly rightOfTwenty: number | null;
  readonly seconds: number | null;
  readonly spreadMm: Mm | null;
};

export function standingOf(all: readonly Practised[]): Standing {
  const newest = all.slice(-20);
  const off = newest.flatMap((p) => (p.offMm === null ? [] : [p.offMm]));
  const times = newest.map((p) => p.seconds).sort((a, b) => a - b);
  return {
    done: all.length,
    rightOfTwenty: newest.length === 0 ? null : newest.filter((p) => p.right).length / newest.length,
    seconds: times[times.length >> 1] ?? null,
    spreadMm: off.length < 5 ? null : Math.sqrt(off.reduce((s, o) => s + o * o, 0) / off.length),
  };
}
