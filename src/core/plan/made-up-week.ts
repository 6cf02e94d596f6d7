import { seeded } from "../chance/seeded.ts";
import { addDays, type Day, day, weekday } from "../units/day.ts";
import { WEIGHTS, type Week, type WeekVisit } from "./week.ts";

/** How large a made-up week is. */
export type MadeUp = { readonly seed: number; readonly visits: number; readonly people: number; readonly days: number };

/**
 * A week of a firm that is not there, for tests and for measuring how good a week is: places on a plane, rain and cold days,
 * visits with helpers, chains, skills and promises, each as often as in a firm's year.
 */
export function madeUpWeek({ seed, visits: n, people: P, days: D }: MadeUp): Week {
  const { uniform } = seeded(seed);
  const int = (from: number, to: number): number => from + Math.floor(uniform() * (to - from + 1));
  const chance = (share: number): boolean => uniform() < share;
  const first = day(20_600);
  const workdays: Day[] = [];
  for (let d = first; workdays.length < D; d = addDays(d, 1))
    if (weekday(d) !== 0 && weekday(d) !== 6) workdays.push(d);
  const places = Array.from({ length: Math.max(2, Math.ceil(n / 2)) }, (_, i) => ({
    name: `place ${i}`,
    x: uniform() * 30,
    y: uniform() * 20,
  }));
  const yard = { name: "yard", x: 15, y: 10 };
  const at = new Map([yard, ...places].map((p) => [p.name, p]));
  const made: WeekVisit[] = [];
  for (let i = 0; i < n; i++) {
    const before = made[i - 1];
    const follows = before !== undefined && chance(0.25) && before.after.length === 0;
    const earliest = chance(0.7) ? first : addDays(first, int(0, D));
    const latest = chance(0.15) ? addDays(earliest, int(3, 12)) : null;
    const place = follows ? before.place : (places[int(0, places.length - 1)]?.name ?? "yard");
    const minutes = int(2, 16) * 10;
    const helperMinutes = P > 1 && chance(0.12) ? int(1, 3) * 10 : 0;
    made.push({
      id: `v${i}`,
      place,
      minutes,
      helperMinutes,
      helperFrom: helperMinutes === 0 ? 0 : Math.max(0, Math.min(minutes - helperMinutes, (i % 4) * 20)),
      skills: chance(0.08) ? ["lead"] : [],
      outside: chance(0.6),
      mostWindMs: chance(0.1) ? 8 : null,
      dry: chance(0.35),
      leastC: chance(0.3) ? 5 : null,
      earliest: follows ? first : earliest,
      latest: follows ? null : latest,
      promised: chance(0.3) ? addDays(first, int(1, D + 2)) : null,
      between: chance(0.05) ? [9 * 60, 12 * 60] : null,
      noDate: chance(0.03),
      openHole: chance(0.1),
      after: follows ? [{ id: before.id, lagDays: int(0, 3), lagCounts: chance(0.5) ? "all" : "working" }] : [],
      held: null,
    });
  }
  return {
    days: workdays.map((d) => ({
      day: d,
      rain: chance(0.3) ? [[int(7, 12) * 60, int(13, 18) * 60] as const] : [],
      lowC: int(-2, 14),
      windMs: int(1, 12),
      light: [7 * 60 + 30, 17 * 60],
    })),
    people: Array.from({ length: P }, (_, i) => ({
      name: `person ${i}`,
      hours: [8 * 60, 16 * 60 + 30] as const,
      off: workdays.filter(() => chance(0.05)),
      skills: i === 0 ? ["lead"] : [],
      start: "yard",
    })),
    visits: made,
    travel: (from, to) => {
      const [a, b] = [at.get(from) ?? yard, at.get(to) ?? yard];
      return from === to ? 0 : Math.round(4 + Math.hypot(a.x - b.x, a.y - b.y) * 1.6);
    },
    weights: WEIGHTS,
    grid: 1,
  };
}
