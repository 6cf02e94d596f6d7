import { OPENING, type Place } from "../measure/places.ts";
import type { Readings } from "../measure/reckoned.ts";
import type { Nm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";

/** What the readings of a book come to, with their hair taken off or added; and those that cannot be read. */
export function readingsOf(book: Pick<PaneBook, "readings">): {
  readonly readings: Readings;
  readonly unread: readonly Place[];
} {
  const readings: Partial<Record<Place, Nm>> = {};
  const unread: Place[] = [];
  for (const [place, reading] of Object.entries(book.readings) as [Place, NonNullable<PaneBook["readings"][Place]>][]) {
    if (reading.read.ok) readings[place] = reading.read.value.adjusted;
    else unread.push(place);
  }
  return { readings, unread };
}

/** Who held the tape to what a size follows from: the opening, or the old pane. Each named as often as they read. */
export const readersOf = (book: Pick<PaneBook, "readings">): readonly string[] =>
  SIZED_BY.flatMap((place) => {
    const reading = book.readings[place];
    return reading?.read.ok ? [reading.who] : [];
  });

const SIZED_BY = [...OPENING, "old-width", "old-height"] as const;
