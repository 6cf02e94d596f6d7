import { indexWeek, type WeekIndex } from "./numbered-week.ts";
import { mayDo, type Span, type Week, type WeekVisit } from "./week.ts";
import { WeekRoutes } from "./week-routes.ts";

/** Why a visit found no day, and what would give it one. */
export type WhyNot = {
  readonly visit: string;
  readonly why: Reason;
  /** Each by itself would let it in. */
  readonly frees: readonly Frees[];
};

export type Reason =
  /** What it follows has no day itself, or is done too late for it. */
  | { readonly kind: "after"; readonly of: string }
  /** Not before a day past the last one, or not after one that is gone. */
  | { readonly kind: "days" }
  /** Nobody gave a day for what it waits for. */
  | { readonly kind: "no-date" }
  | { readonly kind: "nobody"; readonly skills: readonly string[] }
  | { readonly kind: "weather" }
  /** Nobody has so many minutes left in one piece, the road included. */
  | { readonly kind: "hours"; readonly minutes: number }
  | { readonly kind: "helper" }
  /** It was given to somebody for a day by hand, and that day is full or does not do. */
  | { readonly kind: "held" };

export type Frees =
  | "a-date"
  | "another-hour"
  | "second-person"
  | "skill"
  | "rain"
  | "cold"
  | "wind"
  | "daylight"
  | "agreed-hour"
  | "by-hand"
  | "one-more-person";

const HOUR = 60;

/**
 * Why a visit found no place in a week, from what would let it in: each rule is lifted by itself, and the week looked at again.
 * @example a visit that must be dry, in a week of rain // { why: { kind: "weather" }, frees: ["rain"] }
 */
export function whyNot(week: Week, ix: WeekIndex, now: WeekRoutes, v: number): WhyNot {
  const visit = week.visits[v] as WeekVisit;
  const blocked = (ix.before[v] ?? []).find((b) => !now.isPlaced(b.of));
  if (blocked) {
    const other = week.visits[blocked.of]?.id ?? "";
    return { visit: visit.id, why: { kind: "after", of: other }, frees: [] };
  }
  if (visit.noDate) return { visit: visit.id, why: { kind: "no-date" }, frees: ["a-date"] };
  const opens = (change: Partial<WeekVisit>, freed: Partial<Week> = {}): boolean => {
    const as = { ...week, ...freed, visits: week.visits.map((w, i) => (i === v ? { ...w, ...change } : w)) };
    const again = new WeekRoutes(indexWeek(as));
    again.like(now, v);
    return again.best(v) !== null;
  };
  const later = ([from, to]: Span): Span => [from, to + HOUR];
  const longer = {
    people: week.people.map((p) => ({
      ...p,
      hours: later(p.hours),
      only: p.only?.map((o) => ({ ...o, hours: later(o.hours) })),
    })),
  };
  const more = {
    people: [
      ...week.people,
      {
        name: "one more",
        hours: [7 * HOUR, 18 * HOUR] as const,
        off: [],
        skills: visit.skills,
        start: week.people[0]?.start ?? visit.place,
      },
    ],
  };
  const tries: readonly (readonly [Frees, () => boolean])[] = [
    ["by-hand", () => visit.held !== null && opens({ held: null })],
    ["rain", () => visit.dry && opens({ dry: false })],
    ["cold", () => visit.leastC !== null && opens({ leastC: null })],
    ["wind", () => visit.mostWindMs !== null && opens({ mostWindMs: null })],
    ["daylight", () => visit.outside && opens({ outside: false })],
    ["agreed-hour", () => visit.between !== null && opens({ between: null })],
    ["skill", () => visit.skills.length > 0 && opens({ skills: [] })],
    ["second-person", () => visit.helperMinutes > 0 && opens({ helperMinutes: 0 })],
    ["another-hour", () => opens({}, longer)],
    ["one-more-person", () => opens({}, more)],
  ];
  const frees = tries.flatMap(([name, lets]) => (lets() ? [name] : []));
  return { visit: visit.id, why: reasonOf(week, ix, now, v, visit, frees), frees };
}

function reasonOf(
  week: Week,
  ix: WeekIndex,
  now: WeekRoutes,
  v: number,
  visit: WeekVisit,
  frees: readonly Frees[],
): Reason {
  const first = week.days[0]?.day ?? 0;
  const last = week.days.at(-1)?.day ?? first;
  if (visit.earliest > last || (visit.latest !== null && visit.latest < first)) return { kind: "days" };
  const range = now.range(v);
  if (!range) return { kind: "after", of: visit.after[0]?.id ?? "" };
  if (!week.people.some((p) => mayDo(p, visit))) return { kind: "nobody", skills: visit.skills };
  if (frees.includes("by-hand")) return { kind: "held" };
  if (frees.some((f) => f === "rain" || f === "cold" || f === "wind")) return { kind: "weather" };
  let any = false;
  for (let d = range[0]; d <= range[1]; d++) any ||= ix.mayDay[v * ix.days + d] === 1;
  if (!any) return visit.leastC !== null || visit.mostWindMs !== null ? { kind: "weather" } : { kind: "days" };
  if (frees.includes("second-person")) return { kind: "helper" };
  return { kind: "hours", minutes: visit.minutes };
}
