import { type Day, dayOf, writeDay } from "../units/day.ts";
import type { Span, Stop, Week, WeekDay, WeekPerson, WeekVisit, WeekWeights } from "./week.ts";

/** A week as it is written down: days as `yyyy-mm-dd`, roads as a list. What crosses between server, page and worker. */
export type WeekCase = {
  readonly days: readonly (Omit<WeekDay, "day"> & { readonly day: string })[];
  readonly people: readonly (Omit<WeekPerson, "off" | "only"> & {
    readonly off: readonly string[];
    readonly only?: readonly { readonly day: string; readonly hours: Span }[] | undefined;
  })[];
  readonly visits: readonly (Omit<WeekVisit, "earliest" | "latest" | "promised" | "held"> & {
    readonly earliest: string;
    readonly latest: string | null;
    readonly promised: string | null;
    readonly held: { readonly day: string; readonly person: string; readonly helper: string | null } | null;
  })[];
  /** Minutes between two places, both ways where the other way is not given too. */
  readonly roads: readonly { readonly from: string; readonly to: string; readonly minutes: number }[];
  /** Minutes between places that stand in no road. */
  readonly roadElse: number;
  readonly weights: WeekWeights;
  readonly grid: number;
};

export type StopCase = Omit<Stop, "day"> & { readonly day: string };

const dayOrNull = (text: string | null): Day | null => (text === null ? null : dayOf(text));

/** The week that a case writes down. */
export function weekOf(c: WeekCase): Week {
  const roads = new Map<string, number>();
  for (const r of c.roads) roads.set(`${r.from}\n${r.to}`, r.minutes);
  return {
    days: c.days.map((d) => ({ ...d, day: dayOf(d.day) })),
    people: c.people.map((p) => ({
      ...p,
      off: p.off.map(dayOf),
      only: p.only?.map((o) => ({ ...o, day: dayOf(o.day) })),
    })),
    visits: c.visits.map((v) => ({
      ...v,
      earliest: dayOf(v.earliest),
      latest: dayOrNull(v.latest),
      promised: dayOrNull(v.promised),
      held: v.held && { ...v.held, day: dayOf(v.held.day) },
    })),
    travel: (from, to) =>
      from === to ? 0 : (roads.get(`${from}\n${to}`) ?? roads.get(`${to}\n${from}`) ?? c.roadElse),
    weights: c.weights,
    grid: c.grid,
  };
}

export const stopOf = (s: StopCase): Stop => ({ ...s, day: dayOf(s.day) });
export const stopCase = (s: Stop): StopCase => ({ ...s, day: writeDay(s.day) });
