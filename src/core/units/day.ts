import { fail, ok, type Result } from "../result.ts";

declare const civilDay: unique symbol;

/** A day on the calendar, without time or zone: whole days since 1970-01-01. */
export type Day = number & { readonly [civilDay]: true };

const MS_PER_DAY = 86_400_000;

export const day = (sinceEpoch: number): Day => {
  if (!Number.isInteger(sinceEpoch)) throw new RangeError(`not a whole day: ${sinceEpoch}`);
  return sinceEpoch as Day;
};

/** No date of a firm's work lies outside these years: year 26 or 20262 is a slip of the fingers. Both included. */
export const FIRST_DAY = "2000-01-01";
export const LAST_DAY = "2100-12-31";

export type DayError = { readonly kind: "not-a-day" | "no-such-year"; readonly text: string };

/**
 * Reads `yyyy-mm-dd`; a day that is not on the calendar is refused, and so is a year before 2000 or after 2100.
 * @example readDay("2026-02-30") // not-a-day
 * @example readDay("0026-05-20") // no-such-year
 */
export function readDay(text: string): Result<Day, DayError> {
  const parts = /^(\d{4})-(\d{2})-(\d{2})$/.exec(text);
  if (!parts) return fail({ kind: "not-a-day", text });
  if (text < FIRST_DAY || text > LAST_DAY) return fail({ kind: "no-such-year", text });
  const found = day(Date.UTC(Number(parts[1]), Number(parts[2]) - 1, Number(parts[3])) / MS_PER_DAY);
  return writeDay(found) === text ? ok(found) : fail({ kind: "not-a-day", text });
}

/** `yyyy-mm-dd`. */
export const writeDay = (d: Day): string => new Date(d * MS_PER_DAY).toISOString().slice(0, 10);

/** Reads a day that a schema has already checked. Throws otherwise. */
export function dayOf(text: string): Day {
  const read = readDay(text);
  if (!read.ok) throw new RangeError(`not a day: ${text}`);
  return read.value;
}

export const addDays = (d: Day, days: number): Day => day(d + days);

/** The later of two days. @example Monday the 4th, Friday the 1st // Monday the 4th */
export const later = (a: Day, b: Day): Day => (a > b ? a : b);

/** 0 is Sunday, 6 Saturday. 1970-01-01 was a Thursday. */
export const weekday = (d: Day): 0 | 1 | 2 | 3 | 4 | 5 | 6 => ((((d + 4) % 7) + 7) % 7) as 0 | 1 | 2 | 3 | 4 | 5 | 6;

export const monthOf = (d: Day): number => new Date(d * MS_PER_DAY).getUTCMonth();
export const dayOfMonth = (d: Day): number => new Date(d * MS_PER_DAY).getUTCDate();
