import type { Day } from "../units/day.ts";
import { readyDay } from "./ready-day.ts";
import { timesAt } from "./stop-times.ts";
import {
  hoursOn,
  minutesFor,
  type Stop,
  type Week,
  type WeekDay,
  type WeekPerson,
  type WeekVisit,
  worksOn,
} from "./week.ts";

/** One thing that is against a stop. */
export type Broken = {
  readonly visit: string;
  readonly rule:
    | "unknown"
    | "twice"
    | "no-day"
    | "not-working"
    | "hours"
    | "skill"
    | "helper"
    | "overlap"
    | "no-date"
    | "too-early"
    | "too-late"
    | "rain"
    | "cold"
    | "wind"
    | "dark"
    | "agreed-hour"
    | "after"
    | "moved";
  /** The other person, visit or day that it is about. */
  readonly of: string;
};

/**
 * All that is against a week as it is laid out: looked at stop by stop, in no way as the search goes about it. Empty where no
 * hard rule is broken.
 * @example a visit that must be dry, from 9:00 to 10:00 on a day with rain from 9:30 // [{ rule: "rain" }]
 */
export function brokenRules(week: Week, stops: readonly Stop[]): readonly Broken[] {
  const visits = new Map(week.visits.map((v) => [v.id, v]));
  const people = new Map(week.people.map((p) => [p.name, p]));
  const days = new Map(week.days.map((d) => [d.day, d]));
  const placed = new Map(stops.map((s) => [s.visit, s]));
  const found: Broken[] = [];
  const seen = new Set<string>();
  for (const s of stops) {
    const visit = visits.get(s.visit);
    const person = people.get(s.person);
    const day = days.get(s.day);
    const say = (rule: Broken["rule"], about = "") => found.push({ visit: s.visit, rule, of: about });
    if (seen.has(s.visit)) say("twice");
    seen.add(s.visit);
    if (!visit || !person) {
      say("unknown");
      continue;
    }
    if (!day) {
      say("no-day", String(s.day));
      continue;
    }
    for (const rule of againstDay(visit, day)) say(rule, String(s.day));
    for (const rule of againstHour(visit, day, s)) say(rule);
    if (!worksOn(person, s.day)) say("not-working", person.name);
    for (const skill of visit.skills) if (!person.skills.includes(skill)) say("skill", skill);
    if (s.to - s.from < minutesFor(visit, s.person)) say("hours");
    if (visit.helperMinutes > 0) {
      const helper = s.helper === null ? undefined : people.get(s.helper);
      if (!helper || helper === person || !worksOn(helper, s.day)) say("helper", s.helper ?? "");
    }
    for (const rule of againstOrder(week, visit, s.day, placed)) say("after", rule);
    const { held } = visit;
    if (held && (held.day !== s.day || held.person !== s.person || (held.helper && held.helper !== s.helper)))
      say("moved", held.person);
  }
  for (const v of week.visits) if (v.held && !placed.has(v.id)) found.push({ visit: v.id, rule: "moved", of: "" });
  for (const p of week.people) for (const d of week.days) found.push(...againstDayOf(week, p, d.day, stops, visits));
  return found;
}

/** What is against a visit on a day, whoever does it and when. */
export function againstDay(v: WeekVisit, d: WeekDay): readonly Broken["rule"][] {
  const rules: Broken["rule"][] = [];
  if (v.noDate) rules.push("no-date");
  if (d.day < v.earliest) rules.push("too-early");
  if (v.latest !== null && d.day > v.latest) rules.push("too-late");
  if (v.leastC !== null && d.lowC !== null && d.lowC < v.leastC) rules.push("cold");
  if (v.mostWindMs !== null && d.windMs !== null && d.windMs > v.mostWindMs) rules.push("wind");
  return rules;
}

function againstHour(v: WeekVisit, d: WeekDay, s: Stop): readonly Broken["rule"][] {
  const rules: Broken["rule"][] = [];
  if (v.dry && d.rain.some(([from, to]) => s.from < to && from < s.to)) rules.push("rain");
  if (v.outside && d.light && (s.from < d.light[0] || s.to > d.light[1])) rules.push("dark");
  if (v.between && (s.from < v.between[0] || s.from > v.between[1])) rules.push("agreed-hour");
  return rules;
}

/** The visits that it follows, and that are not done in time. */
function againstOrder(week: Week, v: WeekVisit, day: Day, placed: ReadonlyMap<string, Stop>): readonly string[] {
  const days = week.days.map((d) => d.day);
  return v.after.flatMap((a) => {
    // What is no visit of this week was done before it.
    if (!week.visits.some((other) => other.id === a.id)) return [];
    const before = placed.get(a.id);
    return before && readyDay(before.day, a, days) <= day ? [] : [a.id];
  });
}

/** One person's day: there in time, one thing at a time, home in time. */
function againstDayOf(
  week: Week,
  person: WeekPerson,
  day: Day,
  stops: readonly Stop[],
  visits: ReadonlyMap<string, WeekVisit>,
): readonly Broken[] {
  const own = stops
    .flatMap((s) => {
      const v = visits.get(s.visit);
      if (!v || s.day !== day) return [];
      if (s.person !== person.name && s.helper !== person.name) return [];
      const [from, to] = timesAt(v, s, person.name);
      return [{ id: s.visit, place: v.place, from, to }];
    })
    .sort((a, b) => a.from - b.from || a.to - b.to);
  const found: Broken[] = [];
  let at = person.start;
  const [begins, ends] = hoursOn(person, day);
  let free = begins;
  for (const s of own) {
    if (s.from < free + week.travel(at, s.place))
      found.push({
        visit: s.id,
        rule: at === person.start && free === begins ? "hours" : "overlap",
        of: person.name,
      });
    at = s.place;
    free = s.to;
  }
  const last = own.at(-1);
  if (last && free + week.travel(at, person.start) > ends)
    found.push({ visit: last.id, rule: "hours", of: person.name });
  return found;
}
