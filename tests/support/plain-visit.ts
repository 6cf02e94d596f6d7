import type { WeekVisit } from "../../src/core/plan/week.ts";
import { day } from "../../src/core/units/day.ts";

/** A Monday. */
export const MON = day(20_601);

/** An hour's visit in the row that wants nothing in particular, from Monday on; with what a test wants of it. */
export const plainVisit = (id: string, over: Partial<WeekVisit> = {}): WeekVisit => ({
  id,
  place: "row",
  minutes: 60,
  helperMinutes: 0,
  helperFrom: 0,
  skills: [],
  outside: false,
  mostWindMs: null,
  dry: false,
  leastC: null,
  earliest: MON,
  latest: null,
  promised: null,
  between: null,
  noDate: false,
  openHole: false,
  after: [],
  held: null,
  ...over,
});
