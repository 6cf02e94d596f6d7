import type { EntryOf } from "../log/kinds.ts";
import type { Place } from "../measure/places.ts";
import type { Circumstance } from "../measure/ways.ts";
import type { Result } from "../result.ts";
import { readTape, type TapeError, type TapeReading } from "../tape/read.ts";
import type { Written } from "../tape/written.ts";

/** A reading as it was written, beside what it says. */
export type ReadingAsRead = Written & {
  readonly read: Result<TapeReading, TapeError>;
  readonly entry: string;
  readonly who: string;
  /** In what state of the frame it was taken, where that was said. */
  readonly sure: Circumstance | null;
  /** It was read at a like pane: nobody held a tape to this one. */
  readonly copied: boolean;
};

/** A tape was held to it here, and what it showed can be read. */
export const isReadHere = (reading: ReadingAsRead | undefined): boolean => reading?.read.ok === true && !reading.copied;

/** Only what stands is read: a field that was typed in twenty times costs one reading. An empty one takes it out. */
export function readAll<P extends Place>(
  written: ReadonlyMap<P, EntryOf<"measure.reading"> | EntryOf<"measure.again">>,
  states: ReadonlyMap<Place, Circumstance | null>,
): Readonly<Partial<Record<P, ReadingAsRead>>> {
  const readings: Partial<Record<P, ReadingAsRead>> = {};
  for (const [place, { id, who, payload }] of written)
    if (payload.text.trim() !== "")
      readings[place] = {
        text: payload.text,
        unit: payload.unit,
        entry: id,
        who,
        sure: states.get(place) ?? null,
        copied: "copied" in payload && payload.copied === true,
        read: readTape(payload.text, payload.unit),
      };
  return readings;
}
