import type { WeekIndex } from "./numbered-week.ts";

/** What somebody does on a day, in order: a visit by its number, or by its complement where they help at it. */
export type Route = readonly number[];
export const ownVisit = (code: number): number => (code >= 0 ? code : ~code);

const DAY_ENDS = 24 * 60;

/** How long a visit takes somebody. */
export const minutesAt = (ix: WeekIndex, v: number, person: number): number =>
  ix.minutes[v * ix.people + person] as number;

/** Whether what is put on days holds in time: the road, rain, light, agreed hours, and two who wait for each other. */
export class DayHolds {
  readonly ix: WeekIndex;
  /** When each visit begins, as its day was last timed. */
  readonly began: Float64Array;

  constructor(ix: WeekIndex) {
    this.ix = ix;
    this.began = new Float64Array(ix.n);
  }

  /** The first moment from which a visit of so many minutes can run on a day; past the day's end where it cannot. */
  private begin(v: number, day: number, from: number, minutes: number): number {
    const { ix } = this;
    const key = v * ix.days + day;
    const { grid } = ix.week;
    const onGrid = (minute: number): number => Math.ceil(minute / grid - 1e-9) * grid;
    let at = onGrid(Math.max(from, ix.begins[key] as number));
    if (ix.dry[v]) for (const [a, b] of ix.rain[day] ?? []) if (at < b && a < at + minutes) at = onGrid(b);
    return at > (ix.beginsLast[key] as number) || at + minutes > (ix.ends[key] as number) ? DAY_ENDS : at;
  }

  /** Whether somebody is waited for on this route. */
  isTied(route: Route): boolean {
    for (const code of route) if (code < 0 || (this.ix.helperMinutes[code] as number) > 0) return true;
    return false;
  }

  /** Whether one person's day holds with one more visit, if nobody has to be waited for: where it does not, it never does. */
  fitsRoute(p: number, day: number, route: Route, at: number, more: number): boolean {
    const { ix } = this;
    const { road, places } = ix;
    let now = ix.from[p * ix.days + day] as number;
    let here = ix.start[p] as number;
    for (let i = 0; i <= route.length; i++) {
      const code = i < at ? (route[i] as number) : i === at ? more : (route[i - 1] as number);
      const v = code >= 0 ? code : ~code;
      const place = ix.place[v] as number;
      const off = code >= 0 ? 0 : (ix.helperFrom[v] as number);
      // Who does it is not told of a helper: the quickest of all may.
      const lasts = code >= 0 ? minutesAt(ix, v, p) : (ix.quickest[v] as number);
      now = this.begin(v, day, now + (road[here * places + place] as number) - off, lasts);
      if (now >= DAY_ENDS) return false;
      now += off + (code >= 0 ? lasts : (ix.helperMinutes[v] as number));
      here = place;
    }
    return now + (road[here * places + (ix.start[p] as number)] as number) <= (ix.to[p * ix.days + day] as number);
  }

  /** Whether a whole day of everybody's holds, with those who help there when they are needed. */
  fitsDay(day: number, routeOf: (person: number) => Route): boolean {
    const { ix } = this;
    const P = ix.people;
    const at = new Int32Array(P);
    const now = Float64Array.from({ length: P }, (_, i) => ix.from[i * ix.days + day] as number);
    const here = Int32Array.from(ix.start);
    /** When the other of two is there: by visit. */
    const waits = new Map<number, { readonly person: number; readonly at: number }>();
    let left = 0;
    for (let i = 0; i < P; i++) left += routeOf(i).length;
    for (let moved = true; left > 0 && moved; ) {
      moved = false;
      for (let i = 0; i < P; i++) {
        for (;;) {
          const code = routeOf(i)[at[i] as number];
          if (code === undefined) break;
          const v = ownVisit(code);
          const place = ix.place[v] as number;
          const there = (now[i] as number) + (ix.road[(here[i] as number) * ix.places + place] as number);
          if ((ix.helperMinutes[v] as number) === 0) {
            const begun = this.begin(v, day, there, minutesAt(ix, v, i));
            if (begun >= DAY_ENDS) return false;
            this.began[v] = begun;
            now[i] = begun + minutesAt(ix, v, i);
            here[i] = place;
          } else {
            const other = waits.get(v);
            if (!other) {
              waits.set(v, { person: i, at: there });
              break;
            }
            if (other.person === i) break;
            const off = ix.helperFrom[v] as number;
            const [helper, doer] = code < 0 ? [i, other.person] : [other.person, i];
            const [help, own] = code < 0 ? [there, other.at] : [other.at, there];
            const begun = this.begin(v, day, Math.max(own, help - off), minutesAt(ix, v, doer));
            if (begun >= DAY_ENDS) return false;
            this.began[v] = begun;
            now[helper] = begun + off + (ix.helperMinutes[v] as number);
            now[doer] = begun + minutesAt(ix, v, doer);
            here[i] = place;
            here[other.person] = place;
            at[other.person] = (at[other.person] as number) + 1;
            left--;
          }
          at[i] = (at[i] as number) + 1;
          left--;
          moved = true;
        }
      }
    }
    if (left > 0) return false;
    for (let i = 0; i < P; i++)
      if (
        routeOf(i).length > 0 &&
        (now[i] as number) + (ix.road[(here[i] as number) * ix.places + (ix.start[i] as number)] as number) >
          (ix.to[i * ix.days + day] as number)
      )
        return false;
    return true;
  }
}
