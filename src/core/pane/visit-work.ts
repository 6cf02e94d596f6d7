import type { Station } from "../plan/stations.ts";
import type { WeekVisit } from "../plan/week.ts";
import type { Hazard } from "../steps/hazard.ts";
import { timersIn } from "../steps/past.ts";
import { effortOf, type Step } from "../steps/step.ts";
import { type PaneBook, stepKey } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";
import { stepFacts } from "./step-facts.ts";
import { stepsAt } from "./steps-at.ts";
import { isHeldByRain } from "./works-outside.ts";

const FIVE = 5;
/** To five minutes, up: nobody plans by the minute. */
export const toFive = (minutes: number): number => Math.max(FIVE, Math.ceil(minutes / FIVE) * FIVE);

/** When two are needed of a visit, minutes from its beginning; nobody where one does it all. */
export type Help = { readonly from: number; readonly minutes: number };
const NOBODY: Help = { from: 0, minutes: 0 };

/** What is still to be worked: how long, by whoever, and by those who timed its steps themselves. */
export type Work = {
  readonly minutes: number;
  readonly by: ReadonlyMap<string, number>;
  readonly helper: Help;
  readonly dry: boolean;
  /** What the steps that are left raise. */
  readonly hazards: ReadonlySet<Hazard>;
};
export const NO_WORK: Work = { minutes: 0, by: new Map(), helper: NOBODY, dry: false, hazards: new Set() };

/** Minutes still to be worked at stations, when two are needed, and whether any of it must be dry. */
export function workOf(
  at: readonly Station[],
  book: PaneBook,
  r: Reckoning,
  counts: (key: string) => boolean | undefined = () => true,
): Work {
  const leftFor = (who: string | null) =>
    at.flatMap((station) =>
      stepsAt(station, book, r, who).filter((s) => {
        const key = stepKey(station, s.id);
        return !book.steps.has(key) && counts(key) === true;
      }),
    );
  const left = leftFor(null);
  // How long somebody takes is shown to the others only where the house says that they see each other.
  const shown = r.house.peopleSeeEachOther === "yes" ? timersIn(r.past) : [];
  return {
    minutes: effortOf(left).minutes,
    by: new Map(shown.map((who) => [who, effortOf(leftFor(who)).minutes])),
    helper: helpIn(left),
    dry: isHeldByRain(left, stepFacts(book, r)),
    hazards: new Set(left.flatMap((s) => s.hazards ?? [])),
  };
}

/**
 * How long a visit lasts, with what belongs to it beside its steps, and how long it lasts whoever is quicker or slower at them:
 * never shorter than till whoever helps has gone.
 * @example steps of 97 minutes, Nell's own 71, and 10 to tidy // 110, Nell 85
 */
export function minutesOf(work: Work, more: number): Pick<WeekVisit, "minutes" | "minutesBy"> {
  const minutes = toFive(work.minutes + more);
  const least = work.helper.from + work.helper.minutes;
  const by = [...work.by].flatMap(([who, theirs]): readonly [string, number][] => {
    const lasts = Math.max(toFive(theirs + more), least);
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

/** A board cut to the hole and screwed on; and off again. Source: trade practice. */
export const CLOSE_MINUTES = 15;
export const UNCOVER_MINUTES = 5;
/** Coming, saying so, tidying up. */
export const TIDY_MINUTES = 10;
