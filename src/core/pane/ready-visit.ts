import { addDays, type Day, later, weekday } from "../units/day.ts";
import { type PaneBook, stepKey } from "./book.ts";
import { type glassFrom, WEEK } from "./glass-from.ts";
import type { BeforeNight } from "./overnight.ts";
import type { PaneVisit } from "./pane-visit.ts";
import type { Reckoning } from "./reckoning.ts";
import { common } from "./visit-common.ts";
import { CLOSE_MINUTES, minutesOf, TIDY_MINUTES, UNCOVER_MINUTES, workOf } from "./visit-work.ts";

/**
 * Taken out, made ready, primed and closed up for the night: on the working day before its glass can be here, so that nobody
 * looks at a board for longer; at once where it is out already.
 */
export function readyVisit(
  book: PaneBook,
  r: Reckoning,
  by: {
    readonly today: Day;
    readonly isOut: boolean;
    readonly covered: boolean;
    readonly hole: boolean;
    readonly night: BeforeNight;
    readonly glass: ReturnType<typeof glassFrom>;
  },
): PaneVisit {
  const work = workOf(
    by.isOut ? ["ready"] : ["takeout", "ready"],
    book,
    r,
    (key) => isTakeOut(key) || by.night.steps.has(key),
  );
  const earliest = by.isOut ? by.today : later(by.today, workingDayBefore(by.glass.earliest));
  return {
    ...common(book, r, "ready", work),
    ...minutesOf(work, TIDY_MINUTES + CLOSE_MINUTES + (by.covered ? UNCOVER_MINUTES : 0)),
    helperMinutes: work.helper.minutes,
    helperFrom: work.helper.from,
    dry: work.dry,
    leastC: r.compound.leastC,
    earliest,
    // No frame is opened for glass of which nobody knows when it comes.
    noDate: !by.isOut && by.glass.because.kind === "glass-late",
    latest: null,
    promised: by.hole ? by.today : null,
    openHole: by.hole,
    after: [],
    because: earliest > by.today ? by.glass.because : { kind: "ready" },
  };
}

export const isTakeOut = (key: string): boolean => key.startsWith(stepKey("takeout", ""));

/** The last working day before a day. @example Monday // Friday */
function workingDayBefore(day: Day): Day {
  let before = addDays(day, -1);
  while (!WEEK.workingWeekdays.includes(weekday(before))) before = addDays(before, -1);
  return before;
}
