import type { Day } from "../units/day.ts";
import type { Counts } from "./critical-path.ts";

/** Minutes since midnight, where the work is. */
export type Minute = number;
export type Span = readonly [from: Minute, to: Minute];

/** One day of a week that is laid out, as it is forecast. A day that nobody works may be left out. */
export type WeekDay = {
  readonly day: Day;
  /** When it rains, each from and to. */
  readonly rain: readonly Span[];
  /** Least temperature while work is done, °C; null where nothing is known: mild. */
  readonly lowC: number | null;
  /** Strongest wind while work is done, m/s; null where nothing is known: calm. */
  readonly windMs: number | null;
  /** From when till when it is light outside; null all day. */
  readonly light: Span | null;
};

/** Somebody who works. */
export type WeekPerson = {
  readonly name: string;
  readonly hours: Span;
  /** Days on which they do not work, whatever the day. */
  readonly off: readonly Day[];
  /** Days on which they work other hours than usual, as half of one. */
  readonly only?: readonly { readonly day: Day; readonly hours: Span }[] | undefined;
  /** What they may do that not everybody may, as "lead" or "height". */
  readonly skills: readonly string[];
  /** Where their day begins and ends. */
  readonly start: string;
};

/** One call at a window: what is done there without going away. */
export type WeekVisit = {
  readonly id: string;
  readonly place: string;
  readonly minutes: number;
  /** How long it takes those who are quicker or slower at it, by name. */
  readonly minutesBy?: Readonly<Record<string, number>> | undefined;
  /** For so long a second pair of hands is there; 0 for none. */
  readonly helperMinutes: number;
  /** So long after its beginning they are needed. */
  readonly helperFrom: number;
  /** What whoever does it must be allowed to do, each of them. */
  readonly skills: readonly string[];
  /** By daylight, and not in more wind than this, m/s. */
  readonly outside: boolean;
  readonly mostWindMs: number | null;
  /** Not while it rains. */
  readonly dry: boolean;
  /** Not on a day that is colder, °C. */
  readonly leastC: number | null;
  readonly earliest: Day;
  /** The last day on which it does any good; never later. */
  readonly latest: Day | null;
  /** The day that the customer was told; later is late. */
  readonly promised: Day | null;
  /** Begins within these minutes, as it was agreed. */
  readonly between: Span | null;
  /** What it waits for has no day that anybody gave: it is put on none until it has. */
  readonly noDate: boolean;
  /** There is a hole in the wall until it is done. */
  readonly openHole: boolean;
  /** Visits it follows, by a lag of so many days from the day after; the day after at the earliest. */
  readonly after: readonly { readonly id: string; readonly lagDays: number; readonly lagCounts: Counts }[];
  /** Given to somebody for a day by hand: it stays there. */
  readonly held: { readonly day: Day; readonly person: string; readonly helper: string | null } | null;
};

/** What a week is weighed by. Each is the cost of one of its kind; what is not placed costs most. */
export type WeekWeights = {
  /** A visit that finds no day, and that again for each that waits for a hole. */
  readonly unplaced: number;
  /** A day later than promised. */
  readonly late: number;
  /** A day that a hole stays open. */
  readonly hole: number;
  /** A minute on the road. */
  readonly travel: number;
  /** How unevenly the hours lie: the square of each person's hours. */
  readonly uneven: number;
  /** One more stop at an address on a day. */
  readonly stop: number;
  /** A day that anything is put off. */
  readonly wait: number;
};

export const WEIGHTS: WeekWeights = { unplaced: 5000, late: 200, hole: 60, travel: 1, uneven: 3, stop: 10, wait: 2 };

export type Week = {
  readonly days: readonly WeekDay[];
  readonly people: readonly WeekPerson[];
  readonly visits: readonly WeekVisit[];
  /** Minutes from one place to another; the same both ways is not taken for granted. */
  readonly travel: (from: string, to: string) => number;
  readonly weights: WeekWeights;
  /** Visits begin at whole multiples of so many minutes. */
  readonly grid: number;
};

/** A visit with its day, its hour and its people. */
export type Stop = {
  readonly visit: string;
  readonly day: Day;
  readonly person: string;
  readonly from: Minute;
  readonly to: Minute;
  readonly helper: string | null;
};

/** How long a visit takes somebody. @example 120, Nell 90 // Nell 90, anybody else 120 */
export const minutesFor = (v: Pick<WeekVisit, "minutes" | "minutesBy">, person: string): number =>
  (v.minutesBy && Object.hasOwn(v.minutesBy, person) ? v.minutesBy[person] : undefined) ?? v.minutes;

/** Whether somebody has every licence that a visit wants. */
export const mayDo = (person: Pick<WeekPerson, "skills">, visit: Pick<WeekVisit, "skills">): boolean =>
  visit.skills.every((s) => person.skills.includes(s));

/**
 * The hours that somebody works on a day that they work at all.
 * @example 8:00 to 16:30, and on 21 May until noon // on 21 May 8:00 to 12:00
 */
export const hoursOn = (person: Pick<WeekPerson, "hours" | "only">, day: Day): Span =>
  person.only?.find((o) => o.day === day)?.hours ?? person.hours;

export const worksOn = (person: WeekPerson, day: Day): boolean => !person.off.includes(day);
