import type { Day } from "../units/day.ts";
import { againstDay } from "./broken-rules.ts";
import { readyDay } from "./ready-day.ts";
import { hoursOn, mayDo, minutesFor, type Span, type Week, type WeekVisit, worksOn } from "./week.ts";

/** A week with everything numbered, for sums that are done a hundred thousand times a second. */
export type WeekIndex = {
  readonly week: Week;
  readonly n: number;
  readonly people: number;
  readonly days: number;
  readonly place: Int32Array;
  readonly start: Int32Array;
  readonly places: number;
  /** Minutes from place to place, row by row. */
  readonly road: Float64Array;
  /** How long it takes each: visit × person. */
  readonly minutes: Float64Array;
  /** And whoever is quickest at it. */
  readonly quickest: Float64Array;
  readonly helperMinutes: Float64Array;
  readonly helperFrom: Float64Array;
  /** Whether a visit may be on a day at all, its order aside: visit × day. */
  readonly mayDay: Uint8Array;
  /** Whether a person may do a visit at all: visit × person. */
  readonly mayPerson: Uint8Array;
  readonly mayHelp: Uint8Array;
  /** Whether a person works on a day: person × day. */
  readonly works: Uint8Array;
  /** When a person's day begins and ends: person × day. */
  readonly from: Float64Array;
  readonly to: Float64Array;
  /** Hours within which a visit may run on a day: those of light, and those agreed. */
  readonly begins: Float64Array;
  readonly beginsLast: Float64Array;
  readonly ends: Float64Array;
  readonly rain: readonly (readonly Span[])[];
  readonly dry: Uint8Array;
  readonly before: readonly (readonly { readonly of: number; readonly ready: Int32Array }[])[];
  readonly behind: readonly (readonly { readonly of: number; readonly ready: Int32Array }[])[];
  /** Cost of a visit on a day: late, hole and wait. */
  readonly dayCost: Float64Array;
  readonly missing: Float64Array;
  readonly held: readonly { readonly day: number; readonly person: number; readonly helper: number }[];
};

const ALWAYS = 24 * 60;

/** Numbers a week. What follows something that is not in it may begin at once. */
export function indexWeek(week: Week): WeekIndex {
  const { visits, people, days } = week;
  const [n, P, D] = [visits.length, people.length, days.length];
  const names = new Map<string, number>();
  const placeOf = (name: string): number => {
    const known = names.get(name);
    if (known !== undefined) return known;
    names.set(name, names.size);
    return names.size - 1;
  };
  const place = Int32Array.from(visits, (v) => placeOf(v.place));
  const start = Int32Array.from(people, (p) => placeOf(p.start));
  const all = [...names.keys()];
  const road = new Float64Array(all.length * all.length);
  all.forEach((a, i) => {
    all.forEach((b, j) => {
      road[i * all.length + j] = i === j ? 0 : week.travel(a, b);
    });
  });
  const dayNumbers = days.map((d) => d.day);
  const dayAt = new Map(dayNumbers.map((d, i) => [d, i]));
  const index = new Map(visits.map((v, i) => [v.id, i]));
  const personAt = new Map(people.map((p, i) => [p.name, i]));
  const before = visits.map((v) =>
    v.after.flatMap((a) => {
      const after = index.get(a.id);
      return after === undefined
        ? []
        : [{ of: after, ready: Int32Array.from(dayNumbers, (d) => firstFrom(dayNumbers, readyDay(d, a, dayNumbers))) }];
    }),
  );
  const behind = visits.map((_, i) =>
    before.flatMap((list, given) => list.filter((b) => b.of === i).map((b) => ({ of: given, ready: b.ready }))),
  );
  const first = dayNumbers[0] ?? 0;
  const last = dayNumbers.at(-1) ?? first;
  const costOn = (v: WeekVisit, day: number): number =>
    (v.promised === null ? 0 : week.weights.late * Math.max(0, day - v.promised)) +
    (v.openHole ? week.weights.hole * (day - first) : 0) +
    week.weights.wait * Math.max(0, day - Math.max(first, v.earliest));
  const grid = <A extends Float64Array | Uint8Array>(
    make: new (n: number) => A,
    worth: (v: WeekVisit, d: number) => number,
  ): A => {
    const a = new make(n * D);
    visits.forEach((v, i) => {
      for (let d = 0; d < D; d++) a[i * D + d] = worth(v, d);
    });
    return a;
  };
  const day = (d: number) => days[d] ?? { day: 0 as Day, rain: [], lowC: null, windMs: null, light: null };
  return {
    week,
    n,
    people: P,
    days: D,
    place,
    start,
    places: all.length,
    road,
    minutes: Float64Array.from(visits.flatMap((v) => people.map((p) => minutesFor(v, p.name)))),
    quickest: Float64Array.from(visits, (v) => Math.min(v.minutes, ...people.map((p) => minutesFor(v, p.name)))),
    helperMinutes: Float64Array.from(visits, (v) => v.helperMinutes),
    helperFrom: Float64Array.from(visits, (v) => v.helperFrom),
    mayDay: grid(Uint8Array, (v, d) => (againstDay(v, day(d)).length === 0 ? 1 : 0)),
    mayPerson: Uint8Array.from(visits.flatMap((v) => people.map((p) => (mayDo(p, v) ? 1 : 0)))),
    mayHelp: new Uint8Array(n * P).fill(1),
    works: Uint8Array.from(people.flatMap((p) => days.map((d) => (worksOn(p, d.day) ? 1 : 0)))),
    from: Float64Array.from(people.flatMap((p) => days.map((d) => hoursOn(p, d.day)[0]))),
    to: Float64Array.from(people.flatMap((p) => days.map((d) => hoursOn(p, d.day)[1]))),
    begins: grid(Float64Array, (v, d) => Math.max(v.outside ? (day(d).light?.[0] ?? 0) : 0, v.between?.[0] ?? 0)),
    beginsLast: grid(Float64Array, (v) => v.between?.[1] ?? ALWAYS),
    ends: grid(Float64Array, (v, d) => (v.outside ? (day(d).light?.[1] ?? ALWAYS) : ALWAYS)),
    rain: days.map((d) => [...d.rain].sort((a, b) => a[0] - b[0])),
    dry: Uint8Array.from(visits, (v) => (v.dry ? 1 : 0)),
    before,
    behind,
    dayCost: grid(Float64Array, (v, d) => costOn(v, day(d).day)),
    missing: Float64Array.from(visits, (v) => costOn(v, last + 1) + week.weights.unplaced * (v.openHole ? 2 : 1)),
    held: visits.map((v) => ({
      day: v.held ? (dayAt.get(v.held.day) ?? -2) : -1,
      person: v.held ? (personAt.get(v.held.person) ?? -2) : -1,
      helper: v.held?.helper ? (personAt.get(v.held.helper) ?? -2) : -1,
    })),
  };
}

/** Where the first day stands that is no earlier; one past the last where none is. */
const firstFrom = (days: readonly number[], day: number): number => {
  const at = days.findIndex((d) => d >= day);
  return at === -1 ? days.length : at;
};
