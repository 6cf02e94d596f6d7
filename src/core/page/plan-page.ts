import type { Firm } from "../firm/firm.ts";
import type { PlanPerson } from "../firm/plan-book.ts";
import type { PaneBook } from "../pane/book.ts";
import type { Because, PaneVisit } from "../pane/pane-visit.ts";
import { type CountedPromise, promiseOf } from "../pane/promise.ts";
import type { Reckoning } from "../pane/reckoning.ts";
import type { SupplierRecord } from "../pane/source-facts.ts";
import { visitsOf } from "../pane/visits.ts";
import { type Wait, waitsOf } from "../pane/waits.ts";
import { type Broken, brokenRules } from "../plan/broken-rules.ts";
import { MONDAY_TO_FRIDAY } from "../plan/calendar.ts";
import type { Forecast } from "../plan/forecast.ts";
import { weatherOf } from "../plan/forecast.ts";
import { roadKey } from "../plan/road-key.ts";
import { roadBetween, UNKNOWN_ROAD_MINUTES } from "../plan/roads.ts";
import type { VisitPart } from "../plan/visit-part.ts";
import { minutesFor, type Span } from "../plan/week.ts";
import { type StopCase, stopOf, type WeekCase, weekOf } from "../plan/week-case.ts";
import { YARD } from "../plan/yard.ts";
import { addDays, type Day, dayOf, weekday, writeDay } from "../units/day.ts";
import { storeyWords } from "../words/entry/look.ts";
import { unlicensedText, wantedOf, whoMay } from "./who-may.ts";

/** So many days are planned ahead. */
export const PLAN_DAYS = 21;
/** Nobody agrees on a minute with a customer. */
const GRID_MINUTES = 5;
const DEFAULT_HOURS: Span = [8 * 60, 16 * 60 + 30];

/** What is said of a visit, beside what the plan reckons with. */
export type VisitSaid = {
  readonly id: string;
  readonly pane: string;
  readonly part: VisitPart;
  readonly where: string;
  readonly because: Because;
  /** Whose it is, their number, and who has the key. */
  readonly customer: string;
  /** It had a day, which went by without it. */
  readonly slipped: string | null;
  readonly byHand: boolean;
  readonly why: string;
  readonly told: boolean;
  /** Where it is worked from, where that is a ladder or a tower. */
  readonly access: string | null;
  /** What nobody on the list is licensed for. */
  readonly unlicensed: string | null;
};

export type PlanDay = {
  readonly day: string;
  readonly rain: readonly Span[];
  readonly lowC: number | null;
  readonly highC: number | null;
  readonly windMs: number | null;
  readonly by: "entered" | "told" | "nothing";
};

export type PlanPageData = {
  readonly case: WeekCase;
  /** The week as it stands in the log. */
  readonly stops: readonly StopCase[];
  /** What is against it by now. */
  readonly broken: readonly Broken[];
  readonly said: readonly VisitSaid[];
  /** All days that are planned, worked or not. */
  readonly days: readonly PlanDay[];
  /** Days that somebody counts on, the least likely to be kept first. */
  readonly promises: readonly CountedPromise[];
  readonly waits: readonly { readonly pane: string; readonly where: string; readonly waits: readonly Wait[] }[];
  /** Who works, as the firm said; none where nobody did: then whoever wrote is taken for the whole firm. */
  readonly peopleSaid: readonly PlanPerson[];
  readonly roadsGuessed: number;
  readonly late: readonly { readonly name: string; readonly day: string; readonly minutes: number }[];
  readonly today: number;
  readonly through: number;
};

export type PlanFrom = {
  readonly panes: readonly { readonly book: PaneBook; readonly r: Reckoning }[];
  readonly firm: Firm;
  /** Days whose weather somebody entered. */
  readonly entered: ReadonlySet<Day>;
  /** What became of each supplier's orders. */
  readonly record: readonly SupplierRecord[];
  readonly writers: readonly string[];
  readonly forecast: Forecast;
  readonly light: (day: Day) => Span | null;
  readonly today: Day;
  readonly through: number;
};

/** The firm's plan: every visit that a pane needs, those that have a day, and what is against them now. */
export function composePlan(from: PlanFrom): PlanPageData {
  const { firm, today, panes } = from;
  const all = panes.flatMap(({ book, r }) => visitsOf(book, r, today).map((visit) => ({ visit, book })));
  const dated = Array.from({ length: PLAN_DAYS }, (_, i) => addDays(today, i));
  const people = whoMay(
    peopleOf(from, dated),
    panes.map((p) => p.book),
  );
  const days = dated.map((d) => ({ day: d, ...weatherOf(d, from.forecast(d), firm.calendar, from.entered.has(d)) }));
  const worked = days.filter((d) => people.some((p) => !p.off.includes(writeDay(d.day))));
  const stops: StopCase[] = [];
  const said: VisitSaid[] = [];
  const visits: WeekCase["visits"][number][] = [];
  for (const { visit, book } of all) {
    const placed = book.visits.get(visit.part);
    const on = placed ? dayOf(placed.day) : null;
    const told = book.log.standing.some(
      (e) => e.kind === "plan.told" && e.payload.part === visit.part && e.payload.day === placed?.day,
    );
    const wanted = wantedOf(visit, people);
    const stands = placed !== undefined && on !== null && on >= today;
    said.push({
      id: visit.id,
      pane: visit.pane,
      part: visit.part,
      where: visit.where,
      because: visit.because,
      customer: whose(firm, visit.place),
      slipped: placed && !stands ? placed.day : null,
      byHand: stands && placed.byHand,
      why: placed?.why ?? "",
      told,
      access: visit.fromLadder ? outsideAt(book.building.storey) : null,
      unlicensed: unlicensedText(wanted.nobody, book.before.licensed),
    });
    // What somebody put there, or the customer was told of, is not moved behind their back.
    visits.push(
      caseOf(
        { ...visit, skills: wanted.skills },
        stands && (placed.byHand || told) ? { day: placed.day, person: placed.person, helper: placed.helper } : null,
      ),
    );
    if (stands)
      stops.push({
        visit: visit.id,
        day: placed.day,
        person: placed.person,
        from: placed.from ?? DEFAULT_HOURS[0],
        to: (placed.from ?? DEFAULT_HOURS[0]) + minutesFor(visit, placed.person),
        helper: placed.helper,
      });
  }
  const places = [...new Set([YARD, ...all.map(({ visit }) => visit.place)])];
  const roads = places.flatMap((a, i) =>
    places.slice(i + 1).map((b) => ({
      from: a,
      to: b,
      ...roadBetween(
        a,
        b,
        (x, y) => firm.plan.roads.get(roadKey(x, y)),
        (p) => firm.plan.where.get(p),
      ),
    })),
  );
  const week: WeekCase = {
    days: worked.map(({ day, rain, lowC, windMs }) => ({
      day: writeDay(day),
      rain,
      lowC,
      windMs,
      light: from.light(day),
    })),
    people,
    visits,
    roads: roads.map(({ from: a, to: b, minutes }) => ({ from: a, to: b, minutes })),
    roadElse: UNKNOWN_ROAD_MINUTES,
    grid: GRID_MINUTES,
    weights: firm.plan.weights,
  };
  return {
    case: week,
    stops,
    broken: brokenRules(weekOf(week), stops.map(stopOf)).filter((b) => b.rule !== "moved"),
    said,
    days: days.map(({ day, ...d }) => ({ ...d, day: writeDay(day) })),
    promises: panes
      .flatMap(({ book, r }) => promiseOf(book, r, from) ?? [])
      .filter((p) => p.restsOn.kind !== "set" || p.day >= today)
      .sort((a, b) => (a.chance ?? 0) - (b.chance ?? 0) || a.day - b.day),
    waits: panes.flatMap(({ book, r }) => {
      const waits = waitsOf(book, r, today).filter((w) => w.to >= today);
      return waits.length > 0 ? [{ pane: book.id, where: whereOf(book), waits }] : [];
    }),
    peopleSaid: firm.plan.people,
    roadsGuessed: roads.filter((r) => r.by === "nothing").length,
    late: [...firm.plan.late].map(([key, minutes]) => {
      const [name = "", day = ""] = key.split("\n");
      return { name, day, minutes };
    }),
    today,
    through: from.through,
  };
}

/** @example outsideAt(1) // "floor 1, from outside: a tower, or a ladder with a stabiliser" */
export const outsideAt = (storey: number | null): string =>
  `${storeyWords(storey)}, from outside: a tower, or a ladder with a stabiliser`;

const whereOf = (book: PaneBook): string => [book.added.address, book.added.opening].filter(Boolean).join(", ");

function whose(firm: Firm, address: string): string {
  const c = firm.customers.get(address);
  return c ? [c.name, c.telephone, c.keyHolder && `key: ${c.keyHolder}`].filter(Boolean).join(", ") : "";
}

function caseOf(v: PaneVisit, held: WeekCase["visits"][number]["held"]): WeekCase["visits"][number] {
  const { pane: _, part: __, where: ___, because: ____, fromLadder: _____, ...visit } = v;
  const text = (d: Day | null): string | null => (d === null ? null : writeDay(d));
  return { ...visit, earliest: writeDay(v.earliest), latest: text(v.latest), promised: text(v.promised), held };
}

/** Who works, and on which of these days. Until the firm said, whoever wrote here, in usual hours. */
function peopleOf({ firm, writers }: PlanFrom, days: readonly Day[]): WeekCase["people"] {
  const { plan, calendar } = firm;
  const told = plan.people.length > 0;
  const people = told
    ? plan.people
    : writers.map((name) => ({
        name,
        from: DEFAULT_HOURS[0],
        to: DEFAULT_HOURS[1],
        weekdays: MONDAY_TO_FRIDAY,
        skills: [],
      }));
  return people.map((p) => ({
    name: p.name,
    hours: [p.from, p.to] as const,
    skills: p.skills,
    start: YARD,
    only: days.flatMap((d) => {
      const other = plan.away.get(p.name)?.get(d);
      return other?.hours && !other.away ? [{ day: writeDay(d), hours: other.hours }] : [];
    }),
    off: days
      .filter((d) => {
        const away = plan.away.get(p.name)?.get(d);
        if (away) return away.away;
        return !p.weekdays.includes(weekday(d)) || calendar.daysOff.has(d);
      })
      .map(writeDay),
  }));
}
