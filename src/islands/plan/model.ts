import { type Broken, brokenRules } from "../../core/plan/broken-rules.ts";
import { inTurn } from "../../core/plan/stop-times.ts";
import { hoursOn, type Stop, type Week } from "../../core/plan/week.ts";
import type { Day } from "../../core/units/day.ts";

/** Minutes to which somebody's hand sets a visit. */
export const STEP = 5;

/** A visit where somebody would put it, and what is against it there. */
export type Tried = { readonly stop: Stop; readonly broken: readonly Broken[] };

/** Of what is against a week, what was not against it before. */
function added(week: Week, before: readonly Stop[], after: readonly Stop[]): readonly Broken[] {
  const had = new Set(brokenRules(week, before).map(key));
  return brokenRules(week, after).filter((b) => b.rule !== "moved" && !had.has(key(b)));
}
const key = (b: Broken): string => `${b.visit} ${b.rule} ${b.of}`;

/**
 * Puts a visit on somebody's day: at the hour asked for, or at the first at which nothing is against it, with whoever is free to
 * help. Where something is against every hour, it stands at the hour asked for with all of it.
 */
export function tryAt(
  week: Week,
  stops: readonly Stop[],
  visit: string,
  to: {
    readonly day: Day;
    readonly person: string;
    readonly from?: number | undefined;
    readonly helper?: string | null;
  },
): Tried | null {
  const v = week.visits.find((w) => w.id === visit);
  const person = week.people.find((p) => p.name === to.person);
  if (!v || !person) return null;
  const others = stops.filter((s) => s.visit !== visit);
  const helpers: readonly (string | null)[] =
    v.helperMinutes === 0
      ? [null]
      : to.helper
        ? [to.helper]
        : week.people.map((p) => p.name).filter((n) => n !== to.person);
  const at = (from: number, helper: string | null): Tried => {
    const stop = { visit, day: to.day, person: to.person, from, to: from + v.minutes, helper };
    return { stop, broken: added(week, others, [...others, stop]) };
  };
  if (to.from !== undefined) {
    const tries = (helpers.length > 0 ? helpers : [null]).map((h) => at(to.from as number, h));
    return tries.find((t) => t.broken.length === 0) ?? tries[0] ?? null;
  }
  let least: Tried | null = null;
  const [begins, ends] = hoursOn(person, to.day);
  for (let from = begins; from <= ends - v.minutes; from += STEP)
    for (const h of helpers.length > 0 ? helpers : [null]) {
      const tried = at(from, h);
      if (tried.broken.length === 0) return tried;
      if (!least || tried.broken.length < least.broken.length) least = tried;
    }
  return least ?? at(begins, helpers[0] ?? null);
}

/** A day given to somebody else: the week as it is then, and what would not go over. */
export type Handed = { readonly stops: readonly Stop[]; readonly went: number; readonly stayed: readonly Tried[] };

/**
 * Gives somebody's day to another, visit by visit in its order: each goes where nothing is against it, at its first such hour,
 * and stays where something is.
 * @example two visits, the second wants a licence that the other has not // one goes over, one stays
 */
export function handDay(
  week: Week,
  stops: readonly Stop[],
  hand: { readonly day: Day; readonly from: string; readonly to: string },
): Handed {
  const own = stops.filter((s) => s.day === hand.day && s.person === hand.from).sort((a, b) => a.from - b.from);
  let after = stops.filter((s) => !own.includes(s));
  const stayed: Tried[] = [];
  for (const s of own) {
    const tried = tryAt(week, after, s.visit, { day: hand.day, person: hand.to });
    if (tried?.broken.length === 0) after = [...after, tried.stop];
    else {
      after = [...after, s];
      if (tried) stayed.push(tried);
    }
  }
  return { stops: after, went: own.length - stayed.length, stayed };
}

/** What changed from one week to another, visit by visit: a stop that is gone is null. */
export function changes(before: readonly Stop[], after: readonly Stop[]): ReadonlyMap<string, Stop | null> {
  const was = new Map(before.map((s) => [s.visit, s]));
  const is = new Map(after.map((s) => [s.visit, s]));
  const found = new Map<string, Stop | null>();
  for (const s of after) if (!same(was.get(s.visit), s)) found.set(s.visit, s);
  for (const s of before) if (!is.has(s.visit)) found.set(s.visit, null);
  return found;
}

const same = (a: Stop | undefined, b: Stop): boolean =>
  a !== undefined &&
  a.day === b.day &&
  a.person === b.person &&
  a.helper === b.helper &&
  Math.round(a.from) === Math.round(b.from);

/** Minutes that somebody is at work on a day, on the road too. */
export function busyOn(week: Week, stops: readonly Stop[], person: string, day: Day): number {
  const own = inTurn(
    stops.filter((s) => s.day === day),
    person,
    new Map(week.visits.map((v) => [v.id, v])),
  );
  const start = week.people.find((p) => p.name === person)?.start ?? "";
  let at = start;
  let minutes = 0;
  for (const s of own) {
    const v = week.visits.find((w) => w.id === s.visit);
    if (!v) continue;
    minutes += week.travel(at, v.place) + (s.person === person ? v.minutes : v.helperMinutes);
    at = v.place;
  }
  return own.length === 0 ? 0 : minutes + week.travel(at, start);
}
