import type { Compound } from "../bed/compound.ts";
import { isCold, isWorking, type WorkCalendar } from "../plan/calendar.ts";
import { addDays, type Day } from "../units/day.ts";

/** Why a day inside the window is not fit to paint. */
export type UnfitReason = "day-off" | "wet" | "wet-before";

export type PaintWindow =
  | { readonly kind: "not-painted" }
  | {
      readonly kind: "window";
      /** First day on which the least cure is done. */
      readonly opens: Day;
      /** Last day, after which it cracks; null where nothing presses. */
      readonly closes: Day | null;
      /** First fit day inside the window; null when there is none. */
      readonly from: Day | null;
      readonly coldDays: number;
      readonly unfit: readonly { readonly day: Day; readonly why: UnfitReason }[];
    };

/** Where nothing presses, look so far ahead for a fit day. */
const LOOK_AHEAD_DAYS = 90;
/** A whole winter: past it the answer is no window rather than a longer search. */
const MOST_COLD_DAYS = 366;

/**
 * When to paint what was set on day 0. Cure runs through every day but those colder than the compound's least; the
 * window includes both its ends; a fit day is a working day, not wet, with no wet day in the dry-before days.
 * @example linseed set Mon 4 May, all dry and mild // opens Mon 11, from Mon 11, closes Mon 1 June
 */
export function paintWindow(
  compound: Pick<Compound, "leastDays" | "mostDays" | "leastC" | "dryBefore">,
  set: Day,
  calendar: WorkCalendar,
): PaintWindow {
  if (compound.leastDays === null) return { kind: "not-painted" };
  let opens = set;
  let cured = 0;
  let coldDays = 0;
  while (cured < compound.leastDays && coldDays < MOST_COLD_DAYS) {
    opens = addDays(opens, 1);
    if (isCold(calendar, opens, compound.leastC)) coldDays++;
    else cured++;
  }
  const closes = compound.mostDays === null ? null : addDays(set, compound.mostDays);
  const last = closes ?? addDays(opens, LOOK_AHEAD_DAYS);
  const unfit: { day: Day; why: UnfitReason }[] = [];
  for (let d = opens; d <= last; d = addDays(d, 1)) {
    const why = unfitReason(calendar, d, compound.dryBefore);
    if (why === null) return { kind: "window", opens, closes, from: d, coldDays, unfit };
    unfit.push({ day: d, why });
  }
  return { kind: "window", opens, closes, from: null, coldDays, unfit };
}

/** Why this day will not do for paint, or null when it will. */
export function unfitReason(calendar: WorkCalendar, d: Day, dryBefore: number): UnfitReason | null {
  if (!isWorking(calendar, d)) return "day-off";
  if (calendar.wet.has(d)) return "wet";
  for (let back = 1; back <= dryBefore; back++) if (calendar.wet.has(addDays(d, -back))) return "wet-before";
  return null;
}
