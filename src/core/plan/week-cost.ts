import { inTurn } from "./stop-times.ts";
import { minutesFor, type Stop, type Week, worksOn } from "./week.ts";

/** What a week costs, part by part, in the firm's own weights. */
export type WeekCost = {
  readonly unplaced: number;
  readonly late: number;
  readonly hole: number;
  readonly travel: number;
  readonly uneven: number;
  readonly stop: number;
  readonly wait: number;
};

export const sumOf = (c: WeekCost): number => c.unplaced + c.late + c.hole + c.travel + c.uneven + c.stop + c.wait;

/**
 * What a week costs as it is laid out. Late, hole and wait go by days; travel by minutes, there and home again; uneven by the
 * square of each person's hours at windows and on the road; a stop is an address that somebody calls at on a day.
 */
export function weekCost(week: Week, stops: readonly Stop[]): WeekCost {
  const { weights: w, days } = week;
  const first = days[0]?.day ?? 0;
  const last = days.at(-1)?.day ?? first;
  const placed = new Map(stops.map((s) => [s.visit, s]));
  const visits = new Map(week.visits.map((v) => [v.id, v]));
  const cost = { unplaced: 0, late: 0, hole: 0, travel: 0, uneven: 0, stop: 0, wait: 0 };
  for (const v of week.visits) {
    const s = placed.get(v.id);
    const day = s ? s.day : last + 1;
    if (!s) cost.unplaced += w.unplaced * (v.openHole ? 2 : 1);
    if (v.promised !== null) cost.late += w.late * Math.max(0, day - v.promised);
    if (v.openHole) cost.hole += w.hole * (day - first);
    cost.wait += w.wait * Math.max(0, day - Math.max(first, v.earliest));
  }
  for (const p of week.people) {
    let hours = 0;
    for (const { day } of days) {
      if (!worksOn(p, day)) continue;
      const own = inTurn(
        stops.filter((s) => s.day === day),
        p.name,
        visits,
      );
      let at = p.start;
      const called = new Set<string>();
      for (const s of own) {
        const v = visits.get(s.visit);
        if (!v) continue;
        const road = week.travel(at, v.place);
        cost.travel += w.travel * road;
        hours += (road + (s.person === p.name ? minutesFor(v, p.name) : v.helperMinutes)) / 60;
        called.add(v.place);
        at = v.place;
      }
      if (own.length > 0) {
        const road = week.travel(at, p.start);
        cost.travel += w.travel * road;
        hours += road / 60;
      }
      cost.stop += w.stop * called.size;
    }
    cost.uneven += w.uneven * hours * hours;
  }
  return cost;
}
