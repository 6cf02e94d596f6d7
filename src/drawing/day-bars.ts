import { scaleLinear } from "d3";
import type { Wait } from "../core/pane/waits.ts";
import { isWorking, type WorkCalendar } from "../core/plan/calendar.ts";
import { addDays, type Day, weekday } from "../core/units/day.ts";

/** Days are whole: a bar from the start of `from` to the end of `to`. */
export type DayBar = Wait;

export type DrawnBar = DayBar & {
  readonly x: number;
  readonly width: number;
  readonly cutLeft: boolean;
  readonly cutRight: boolean;
};
export type DrawnDay = {
  readonly day: Day;
  readonly x: number;
  readonly width: number;
  readonly rest: boolean;
  readonly wet: boolean;
  readonly monday: boolean;
};
export type DayAxis = {
  readonly days: readonly DrawnDay[];
  readonly bars: readonly DrawnBar[];
  readonly today: number | null;
};

/**
 * Bars against the days: `first` and so many days on, over a width in the drawing's unit. Bars that leave the axis are
 * cut at its ends; those outside it are left out.
 * @example a bar of one day on an axis of 10 days, 100 wide // 10 wide
 */
export function dayAxis(axis: {
  readonly first: Day;
  readonly count: number;
  readonly width: number;
  readonly today: Day;
  readonly calendar: WorkCalendar;
  readonly bars: readonly DayBar[];
}): DayAxis {
  const end = addDays(axis.first, axis.count);
  const x = scaleLinear([axis.first, end], [0, axis.width]);
  const inside = (d: number): number => Math.max(axis.first, Math.min(end, d));
  const days = Array.from({ length: axis.count }, (_, i) => {
    const day = addDays(axis.first, i);
    return {
      day,
      x: x(day),
      width: x(day + 1) - x(day),
      rest: !isWorking(axis.calendar, day),
      wet: axis.calendar.wet.has(day),
      monday: weekday(day) === 1,
    };
  });
  const bars = axis.bars
    .filter((b) => b.to >= axis.first && b.from < end && b.to >= b.from)
    .map((b) => {
      const from = inside(b.from);
      const to = inside(b.to + 1);
      return { ...b, x: x(from), width: x(to) - x(from), cutLeft: b.from < axis.first, cutRight: b.to + 1 > end };
    });
  const now = axis.today >= axis.first && axis.today < end ? x(axis.today + 0.5) : null;
  return { days, bars, today: now };
}
