import { visitSteps } from "../finish/visit.ts";
import { WAY_FACTS } from "../measure/ways.ts";
import type { VisitPart } from "../plan/visit-part.ts";
import { YARD } from "../plan/yard.ts";
import { type Day, dayOf, later } from "../units/day.ts";
import type { PaneBook } from "./book.ts";
import { glassFrom } from "./glass-from.ts";
import { oldGlassBack } from "./old-glass.ts";
import { isCovered, standsOpen } from "./open-hole.ts";
import { beforeNight, dryFrom } from "./overnight.ts";
import { owedPaint, paintOwed } from "./paint-owed.ts";
import type { PaneVisit } from "./pane-visit.ts";
import { isTakeOut, readyVisit } from "./ready-visit.ts";
import type { Reckoning } from "./reckoning.ts";
import { shutUntil } from "./shut.ts";
import { standings } from "./standing.ts";
import { finishFacts } from "./step-facts.ts";
import { benchMinutes, isToBeCut } from "./to-be-cut.ts";
import { common, visitId } from "./visit-common.ts";
import { CLOSE_MINUTES, minutesOf, NO_WORK, TIDY_MINUTES, toFive, UNCOVER_MINUTES, workOf } from "./visit-work.ts";

/** Looking, measuring and saying what it is to be: half an hour at a window. */
const READ_MINUTES = 30;
const OPEN_MINUTES = 15;
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
  // What is primed for putty dries over night: its rebate is made ready on one day, and the glass set on another.
  const night = beforeNight(book, r);
  if (wantsOut || (!sized && !seen) || (!sized && isOut)) {
    const part: VisitPart = wantsOut && seen ? "take-out" : "read";
    const work =
      part === "take-out"
        ? workOf(["takeout", "ready"], book, r, (key) => isTakeOut(key) || night?.steps.has(key))
        : NO_WORK;
    const reading = at.measure.state === "done" ? 0 : READ_MINUTES;
    // What is taken out before its glass is here is closed up for the time between.
    const closing = part === "take-out" ? CLOSE_MINUTES + (covered ? UNCOVER_MINUTES : 0) : 0;
    visits.push({
      ...common(book, r, part, work),
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
  const glass = glassFrom(book, r, today, first?.part ?? null);
  const primed = night !== null && !first ? readyVisit(book, r, { today, isOut, covered, hole, night, glass }) : null;
  if (primed) visits.push(primed);
  const opened = primed !== null || first?.part === "take-out";
  const work = workOf(isOut || opened ? ["ready", "set"] : ["takeout", "ready", "set"], book, r, (key) =>
    opened ? !night?.steps.has(key) : true,
  );
  const cut = isToBeCut(book, r) ? cutVisit(book, r, { today, sized, first: first?.id ?? null, promised }) : null;
  if (cut) visits.push(cut);
  visits.push({
    ...common(book, r, "fit", work),
    ...minutesOf(work, TIDY_MINUTES + (covered || opened ? UNCOVER_MINUTES : 0)),
    helperMinutes: work.helper.minutes,
    helperFrom: work.helper.from,
    dry: work.dry,
    leastC: r.compound.bed === "gasket" ? null : r.compound.leastC,
    earliest: later(glass.earliest, dryFrom(book, r) ?? today),
    // Late, and nobody said until when: a guess is no day to drive out on.
    noDate: glass.because.kind === "glass-late",
    latest: null,
    promised: promised ?? until,
    openHole: hole && visits.length === 0,
    after: [
      ...(first ? [{ id: first.id, lagDays: glass.lagDays, lagCounts: "working" as const }] : []),
      ...(primed ? [{ id: primed.id, lagDays: night?.lagDays ?? 0, lagCounts: "all" as const }] : []),
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
    ...common(book, r, "cut", NO_WORK),
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
      ...common(book, r, "open", NO_WORK),
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
  const paint = owedPaint(book, r);
  if (!paint) return visits;
  const from = paint.from ?? paint.opens;
  visits.push({
    ...common(book, r, "paint", NO_WORK),
    ...paintWork(book, r),
    earliest: later(today, from),
    latest: paint.closes !== null && paint.closes < today ? null : paint.closes,
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
      ...common(book, r, "paint", NO_WORK),
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
  minutes: toFive(visitSteps("paint", finishFacts(book, r)).reduce((sum, s) => sum + s.minutes, 0)),
  helperMinutes: 0,
  helperFrom: 0,
  dry: true,
  leastC: r.compound.leastC,
});
