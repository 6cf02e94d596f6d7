import { primesRebate } from "../ready/primes-rebate.ts";
import { driesOverNight } from "../steps/over-night.ts";
import type { PaneBook } from "./book.ts";
import { likeOf } from "./frame-here.ts";
import type { Reckoning } from "./reckoning.ts";

/** Whether this job has a night in it for its primer, done or not: a visit more than without. */
export const takesNight = (book: PaneBook, r: Reckoning): boolean =>
  primesRebate({ ...likeOf(book), bed: r.compound.bed, primeRebate: r.compound.primeRebate }) &&
  driesOverNight(r.house.primerHours);
