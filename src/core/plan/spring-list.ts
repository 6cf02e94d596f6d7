import type { Day } from "../units/day.ts";
import type { WeekDay, WeekVisit } from "./week.ts";

/** A visit that no day that is told is warm enough for. */
export type ForSpring = {
  readonly visit: string;
  readonly leastC: number;
  /** The warmest of the days that are told, by its least temperature, °C. */
  readonly warmestC: number;
  /** The last day on which it does any good, where that comes before anybody can know of a warmer one. */
  readonly runsOut: Day | null;
};

/**
 * What waits for warmth: of visits that want it, those for which every day that is told from their first one on is too cold.
 * What nobody told of is no reason to wait.
 * @example paint, not below 8; the days told have 2, 5 and 6 // wants 8, the warmest is 6
 */
export function springList(
  visits: readonly Pick<WeekVisit, "id" | "leastC" | "earliest" | "latest">[],
  days: readonly Pick<WeekDay, "day" | "lowC">[],
): readonly ForSpring[] {
  const told = days.flatMap((d) => (d.lowC === null ? [] : [{ day: d.day, lowC: d.lowC }]));
  const end = told.at(-1)?.day ?? null;
  return visits.flatMap(({ id, leastC, earliest, latest }) => {
    if (leastC === null || end === null) return [];
    const could = told.filter((d) => d.day >= earliest && (latest === null || d.day <= latest));
    if (could.length === 0 || could.some((d) => d.lowC >= leastC)) return [];
    return [
      {
        visit: id,
        leastC,
        warmestC: Math.max(...could.map((d) => d.lowC)),
        runsOut: latest !== null && latest <= end ? latest : null,
      },
    ];
  });
}
