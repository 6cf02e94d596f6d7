import { visitSteps } from "../finish/visit.ts";
import { WAY_FACTS } from "../measure/ways.ts";
import { afterWorkingDays } from "../order/lead.ts";
import { LINE_STATE_FACTS } from "../order/line-state.ts";
import { MONDAY_TO_FRIDAY, type WorkCalendar } from "../plan/calendar.ts";
import type { Station } from "../plan/stations.ts";
import type { VisitPart } from "../plan/visit-part.ts";
import type { WeekVisit } from "../plan/week.ts";
import { YARD } from "../plan/yard.ts";
import { timersIn } from "../steps/past.ts";
import { effortOf, type Step } from "../steps/step.ts";
import { type Day, dayOf } from "../units/day.ts";
import { toMm } from "../units/length.ts";
import { type PaneBook, stepKey } from "./book.ts";
import { oldGlassBack } from "./old-glass.ts";
import { isCovered, standsOpen } from "./open-hole.ts";
import { labelOf } from "./order-line.ts";
import { paintOwed } from "./paint-owed.ts";
import type { Reckoning } from "./reckoning.ts";
import { shutUntil } from "./shut.ts";
import { standings } from "./standing.ts";
import { isHere } from "./stands.ts";
import { finishFacts } from "./step-facts.ts";
import { stepsAt } from "./steps-at.ts";
import { benchMinutes, isToBeCut } from "./to-be-cut.ts";
import { isUnit } from "./unit.ts";
import { usualLeadDays } from "./usual-lead.ts";
import { wholeHere } from "./whole-here.ts";

/** A visit that a pane still needs, as the plan lays it out, and what to say of it. */
export type PaneVisit = Omit<WeekVisit, "held"> & {
  readonly pane: string;
  readonly part: VisitPart;
  readonly where: string;
  /** Why it is not before its earliest day. */
  readonly because: Because;
};

export type Because =
  | { readonly kind: "ready" }
  | { readonly kind: "glass-promised"; readonly supplier: string; readonly day: Day }
  | { readonly kind: "glass-late"; readonly supplier: string; readonly day: Day }
  /** On no order yet: so many working days are reckoned with, which nobody promised. */
  | { readonly kind: "not-ordered"; readonly days: number }
  | { readonly kind: "follows"; readonly part: VisitPart }
  | { readonly kind: "cure"; readonly day: Day }
  | { readonly kind: "shut"; readonly day: Day };

/** Looking, measuring and saying what it is to be: half an hour at a window. */
const READ_MINUTES = 30;
const OPEN_MINUTES = 15;
/** A board cut to the hole and screwed on; and off again. Source: trade practice. */
const CLOSE_MINUTES = 15;
const UNCOVER_MINUTES = 5;
/** Coming, saying so, tidying up. */
const TIDY_MINUTES = 10;
/** Larger glass than this is not carried in wind. Trade practice: a large pane is a sail from a fresh breeze on. */
const SAIL_M2 = 1;
const SAIL_WIND_MS = 8;
/** Where no supplier has promised, nobody said which days the glazier works and when: Monday to Friday. */
const WEEK: WorkCalendar = {
  workingWeekdays: MONDAY_TO_FRIDAY,
  daysOff: new Set(),
  wet: new Set(),
  lowC: new Map(),
};

export const visitId = (pane: string, part: VisitPart): string => `${pane}/${part}`;

/**
 * What a pane still needs somebody to come for, in order. What waits for nothing but hands is one visit: glass that is here goes
 * in on the day the old one comes out; glass that can only be sized from a cleared rebate makes two.
 */
export function visitsOf(book: PaneBook, r: Reckoning, today: Day): readonly PaneVisit[] {
  if (book.signed && !paintOwed(book, r)) return [];
  return book.set ? afterSet(book, r, today) : beforeSet(book, r, today);
}

function beforeSet(book: PaneBook, r: Reckoning, today: Day): readonly PaneVisit[] {
  const at = standings(book, r);
  const back = oldGlassBack(book);
  const sized = r.cut.ok || back;
  const isOut = at.takeout.state === "done";
  // Only a cleared rebate is measured after the old glass is out.
  const wantsOut = !isOut && !sized && WAY_FACTS[book.way].needsOut;
  const seen = at.look.state !== "open" || at.measure.state !== "open" || isOut;
  const hole = standsOpen(book);
  const covered = isCovered(book);
  const visits: PaneVisit[] = [];
  const promised = book.before.wants?.by ? dayOf(book.before.wants.by) : null;
  const until = book.closed ? dayOf(book.closed.until) : null;
  if (wantsOut || (!sized && !seen) || (!sized && isOut)) {
    const part: VisitPart = wantsOut && seen ? "take-out" : "read";
    const work = part === "take-out" ? workOf(["takeout"], book, r) : NO_WORK;
    const reading = at.measure.state === "done" ? 0 : READ_MINUTES;
    // What is taken out before its glass is here is closed up for the time between.
    const closing = part === "take-out" ? CLOSE_MINUTES + (covered ? UNCOVER_MINUTES : 0) : 0;
    visits.push({
      ...common(book, r, part),
      ...minutesOf(work, reading + closing),
      helperMinutes: work.helper.minutes,
      helperFrom: work.helper.from,
      dry: false,
      leastC: null,
      earliest: today,
      latest: null,
      promised: hole ? today : null,
      openHole: hole,
      after: [],
      because: { kind: "ready" },
    });
  }
  const first = visits[0];
  const work = workOf(isOut || first?.part === "take-out" ? ["ready", "set"] : ["takeout", "ready", "set"], book, r);
  const cut = isToBeCut(book, r) ? cutVisit(book, r, { today, sized, first: first?.id ?? null, promised }) : null;
  if (cut) visits.push(cut);
  const glass = glassFrom(book, r, today, first?.part ?? null);
  visits.push({
    ...common(book, r, "fit"),
    ...minutesOf(work, TIDY_MINUTES + (covered || first?.part === "take-out" ? UNCOVER_MINUTES : 0)),
    helperMinutes: work.helper.minutes,
    helperFrom: work.helper.from,
    dry: work.dry,
    leastC: r.compound.bed === "gasket" ? null : r.compound.leastC,
    earliest: glass.earliest,
    // Late, and nobody said until when: a guess is no day to drive out on.
    noDate: glass.because.kind === "glass-late",
    latest: null,
    promised: promised ?? until,
    openHole: hole && visits.length === 0,
    after: [
      ...(first ? [{ id: first.id, lagDays: glass.lagDays, lagCounts: "working" as const }] : []),
      ...(cut ? [{ id: cut.id, lagDays: 0, lagCounts: "working" as const }] : []),
    ],
    because: glass.because,
  });
  return [
    ...visits,
    ...paintAfter(book, r, today, { id: visitId(book.id, "fit"), lagDays: r.compound.leastDays ?? 0 }),
  ];
}

/** At the bench, under a roof: once it is sized, and before it is fitted. */
function cutVisit(
  book: PaneBook,
  r: Reckoning,
  by: { readonly today: Day; readonly sized: boolean; readonly first: string | null; readonly promised: Day | null },
): PaneVisit {
  return {
    ...common(book, r, "cut"),
    place: YARD,
    minutes: benchMinutes(r.house),
    helperMinutes: 0,
    helperFrom: 0,
    dry: false,
    leastC: null,
    earliest: by.today,
    latest: null,
    promised: by.promised,
    openHole: false,
    after: by.first !== null && !by.sized ? [{ id: by.first, lagDays: 0, lagCounts: "working" }] : [],
    because: { kind: "ready" },
  };
}

function afterSet(book: PaneBook, r: Reckoning, today: Day): readonly PaneVisit[] {
  const visits: PaneVisit[] = [];
  const shut = shutUntil(book, r);
  const opens = shut !== null && standings(book, r).finish.state !== "done" && r.paint?.kind !== "window";
  if (opens)
    visits.push({
      ...common(book, r, "open"),
      minutes: OPEN_MINUTES,
      helperMinutes: 0,
      helperFrom: 0,
      dry: false,
      leastC: null,
      earliest: later(today, shut),
      latest: null,
      promised: null,
      openHole: false,
      after: [],
      because: shut > today ? { kind: "shut", day: shut } : { kind: "ready" },
    });
  if (!paintOwed(book, r) || r.paint?.kind !== "window") return visits;
  const from = r.paint.from ?? r.paint.opens;
  visits.push({
    ...common(book, r, "paint"),
    ...paintWork(book, r),
    earliest: later(today, from),
    latest: r.paint.closes !== null && r.paint.closes < today ? null : r.paint.closes,
    promised: null,
    openHole: false,
    after: [],
    because: from > today ? { kind: "cure", day: from } : { kind: "ready" },
  });
  return visits;
}

/** Painting that follows the fitting, where what it will be set in wants it and nobody else paints. */
function paintAfter(
  book: PaneBook,
  r: Reckoning,
  today: Day,
  fit: { readonly id: string; readonly lagDays: number },
): readonly PaneVisit[] {
  if (r.compound.leastDays === null || book.paintLeft !== null) return [];
  return [
    {
      ...common(book, r, "paint"),
      ...paintWork(book, r),
      earliest: today,
      latest: null,
      promised: null,
      openHole: false,
      after: [{ id: fit.id, lagDays: Math.max(0, fit.lagDays - 1), lagCounts: "all" }],
      because: { kind: "follows", part: "fit" },
    },
  ];
}

const paintWork = (book: PaneBook, r: Reckoning) => ({
  minutes: rounded(visitSteps("paint", finishFacts(book, r)).reduce((sum, s) => sum + s.minutes, 0)),
  helperMinutes: 0,
  helperFrom: 0,
  dry: true,
  leastC: r.compound.leastC,
});

const common = (book: PaneBook, r: Reckoning, part: VisitPart) => {
  const glass = r.stands.size ?? (r.cut.ok ? r.cut.value.glass : null);
  const m2 = glass ? (toMm(glass.width) * toMm(glass.height)) / 1e6 : 0;
  return {
    id: visitId(book.id, part),
    pane: book.id,
    part,
    where: labelOf(book),
    place: book.added.address,
    skill: null,
    outside: part !== "open" && part !== "read" && part !== "cut",
    mostWindMs: (part === "fit" || part === "take-out") && m2 >= SAIL_M2 ? SAIL_WIND_MS : null,
    between: null,
    noDate: false,
  };
};

/** When two are needed of a visit, minutes from its beginning; nobody where one does it all. */
type Help = { readonly from: number; readonly minutes: number };
const NOBODY: Help = { from: 0, minutes: 0 };

/** What is still to be worked: how long, by whoever, and by those who timed its steps themselves. */
type Work = {
  readonly minutes: number;
  readonly by: ReadonlyMap<string, number>;
  readonly helper: Help;
  readonly dry: boolean;
};
const NO_WORK: Work = { minutes: 0, by: new Map(), helper: NOBODY, dry: false };

/** Minutes still to be worked at stations, when two are needed, and whether any of it must be dry. */
function workOf(at: readonly Station[], book: PaneBook, r: Reckoning): Work {
  const leftFor = (who: string | null) =>
    at.flatMap((station) => stepsAt(station, book, r, who).filter((s) => !book.steps.has(stepKey(station, s.id))));
  const left = leftFor(null);
  // How long somebody takes is shown to the others only where the house says that they see each other.
  const shown = r.house.peopleSeeEachOther === "yes" ? timersIn(r.past) : [];
  return {
    minutes: effortOf(left).minutes,
    by: new Map(shown.map((who) => [who, effortOf(leftFor(who)).minutes])),
    helper: helpIn(left),
    dry: left.some((s) => s.dryDay === true),
  };
}

/**
 * How long a visit lasts, with what belongs to it beside its steps, and how long it lasts whoever is quicker or slower at them:
 * never shorter than till whoever helps has gone.
 * @example steps of 97 minutes, Nell's own 71, and 10 to tidy // 110, Nell 85
 */
function minutesOf(work: Work, more: number): Pick<PaneVisit, "minutes" | "minutesBy"> {
  const minutes = rounded(work.minutes + more);
  const least = work.helper.from + work.helper.minutes;
  const by = [...work.by].flatMap(([who, theirs]): readonly [string, number][] => {
    const lasts = Math.max(rounded(theirs + more), least);
    return lasts === minutes ? [] : [[who, lasts]];
  });
  return { minutes, ...(by.length > 0 && { minutesBy: Object.fromEntries(by) }) };
}

/**
 * From the first step that wants two till the last: whoever helps does not drive away between lifting out and lifting in.
 * To five minutes, sooner and longer.
 * @example 12 min alone, 6 with two, 20 alone, 4 with two // from 10, for 35
 */
export function helpIn(steps: readonly Pick<Step, "minutes" | "people">[]): Help {
  const [first, last] = [steps.findIndex((s) => s.people === 2), steps.findLastIndex((s) => s.people === 2)];
  if (first === -1) return NOBODY;
  const upTo = (n: number): number => steps.slice(0, n).reduce((sum, s) => sum + s.minutes, 0);
  const from = FIVE * Math.floor(upTo(first) / FIVE);
  return { from, minutes: FIVE * Math.ceil((upTo(last + 1) - from) / FIVE) };
}
const FIVE = 5;

/** From when there is glass to fit. */
function glassFrom(
  book: PaneBook,
  r: Reckoning,
  today: Day,
  first: VisitPart | null,
): { readonly earliest: Day; readonly lagDays: number; readonly because: Because } {
  // What has come and was not looked at yet lies here all the same.
  if (oldGlassBack(book) || isHere(book) || book.line?.line.state === "arrived")
    return { earliest: today, lagDays: 0, because: { kind: "ready" } };
  if (book.line && book.line.line.due !== null && LINE_STATE_FACTS[book.line.line.state].coming) {
    const due = dayOf(book.line.line.due);
    const supplier = book.line.order.supplier;
    return due < today
      ? { earliest: today, lagDays: 0, because: { kind: "glass-late", supplier, day: due } }
      : { earliest: due, lagDays: 0, because: { kind: "glass-promised", supplier, day: due } };
  }
  if (isToBeCut(book, r)) return { earliest: today, lagDays: 0, because: { kind: "follows", part: "cut" } };
  const days = leadHere(book, r);
  const because: Because = { kind: "not-ordered", days };
  return first === null
    ? { earliest: afterWorkingDays(today, days, WEEK), lagDays: 0, because }
    : { earliest: today, lagDays: days, because };
}

/** How many working days what this pane needs usually takes, by the house's own figures. */
const leadHere = (book: PaneBook, r: Reckoning): number =>
  usualLeadDays(
    [
      {
        glass: r.chosen.kind,
        makeup: isUnit(book) ? {} : undefined,
        whole: wholeHere(book, r) ?? undefined,
      },
    ],
    r.house,
  );

const later = (a: Day, b: Day): Day => (a > b ? a : b);
/** To five minutes, up: nobody plans by the minute. */
const rounded = (minutes: number): number => Math.max(FIVE, Math.ceil(minutes / FIVE) * FIVE);
