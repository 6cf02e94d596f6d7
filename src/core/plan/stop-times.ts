import type { Minute, Span, Stop, WeekVisit } from "./week.ts";

/**
 * From when till when somebody is at a stop: whoever does it all the time, whoever helps from when two are needed, for as long
 * as they are.
 * @example a visit from 8:30, two hours; a helper 40 minutes into it, for 20 // 8:30 to 10:30, and the helper 9:10 to 9:30
 */
export function timesAt(v: Pick<WeekVisit, "helperFrom" | "helperMinutes">, s: Stop, person: string): Span {
  if (s.person === person) return [s.from, s.to];
  const from = helpFrom(v, s);
  return [from, from + v.helperMinutes];
}

/** When whoever helps is there. */
export const helpFrom = (v: Pick<WeekVisit, "helperFrom">, s: Pick<Stop, "from">): Minute => s.from + v.helperFrom;

/** One person's stops in the order in which they come to them. */
export const inTurn = (
  stops: readonly Stop[],
  person: string,
  visits: ReadonlyMap<string, Pick<WeekVisit, "helperFrom" | "helperMinutes">>,
): readonly Stop[] => {
  const at = (s: Stop): Span => {
    const v = visits.get(s.visit);
    return v ? timesAt(v, s, person) : [s.from, s.to];
  };
  return stops
    .filter((s) => s.person === person || s.helper === person)
    .sort((a, b) => at(a)[0] - at(b)[0] || at(a)[1] - at(b)[1]);
};
