import { dayOfMonth } from "../../core/units/day.ts";
import { weekdayName } from "../../core/words/days.ts";
import type { DayAxis } from "../../drawing/day-bars.ts";

/** Weekday and date above the bars; rest days are left unnamed. */
export const DayHead = ({ axis, width }: { readonly axis: DayAxis; readonly width: number }) => (
  <svg viewBox={`0 0 ${width} 38`} preserveAspectRatio="none" className="block h-[38px] w-full" aria-hidden="true">
    {axis.days.map((d) =>
      d.rest ? null : (
        <g key={d.day}>
          <text x={d.x + 2} y={16} className="d-mute !text-[10px]">
            {weekdayName(d.day)}
          </text>
          <text
            x={d.x + 2}
            y={31}
            className={`!text-[12px] ${axis.today !== null && d.x < axis.today && axis.today < d.x + d.width ? "d-wax-text font-bold" : "d-text"}`}
          >
            {dayOfMonth(d.day)}
          </text>
        </g>
      ),
    )}
  </svg>
);
