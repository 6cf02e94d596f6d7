import type { PaneBook } from "./book.ts";

/** Screws of a cassette when nobody counted them out. Source: usual inserts. */
const USUAL_SCREWS = 12;
export const screwsToDrive = (book: PaneBook): number => Math.min(40, book.before.counts.screws?.out ?? USUAL_SCREWS);

/** A tick a screw, in two rounds. @example two screws // "1/1", "1/2", "2/1", "2/2" */
export const roundTicks = (screws: number): readonly string[] =>
  [1, 2].flatMap((round) => Array.from({ length: screws }, (_, i) => `${round}/${i + 1}`));
