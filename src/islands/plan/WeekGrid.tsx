import type { ReactNode } from "react";
import type { PlanDay } from "../../core/page/plan-page.ts";
import type { Stop, Week } from "../../core/plan/week.ts";
import { dayOf } from "../../core/units/day.ts";
import type { LengthUnit } from "../../core/units/length.ts";
import { lasts } from "../../core/words/clock.ts";
import { sayDay } from "../../core/words/days.ts";
import { degreesText, weatherWords } from "../../core/words/plan.ts";
import { busyOn } from "./model.ts";
import { PersonsDay } from "./PersonsDay.tsx";

export type WeekProps = {
  readonly week: Week;
  readonly days: readonly PlanDay[];
  readonly stops: readonly Stop[];
  readonly today: number;
  readonly unit: LengthUnit;
  readonly card: (stop: Stop, isHelp: boolean) => ReactNode;
  /** Opens what can be done with somebody's day. */
  readonly open: (person: string) => void;
};

/** Five days across, a row for each who works: each day a strip of tape, and under it what is on it, in order. */
export function WeekGrid({ week, days, stops, today, unit, card, open }: WeekProps) {
  return (
    <table className="w-full table-fixed border-collapse">
      <thead>
        <tr>
          <th className="w-24" scope="col">
            <span className="sr-only">Who</span>
          </th>
          {days.map((d) => (
            <th
              key={d.day}
              scope="col"
              className={`border-l border-line px-1.5 pb-1 text-left align-top font-normal ${dayOf(d.day) === today ? "border-l-2 border-l-wax" : ""}`}
            >
              <a className="block no-underline" href={`/plan/day?on=${d.day}`}>
                <b className="block underline">{sayDay(dayOf(d.day))}</b>
                <span className="block text-[13px] text-mute">
                  {weatherWords(d)}
                  <span className="block font-mono"> {degreesText(d, unit)}</span>
                </span>
              </a>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {week.people.map((p) => (
          <tr key={p.name} className="border-t border-line">
            <th scope="row" className="py-2 pr-2 text-left align-top leading-tight">
              <button
                type="button"
                className="min-h-9 text-left font-semibold underline decoration-dotted underline-offset-2"
                aria-label={`${p.name}: ill, or a day for somebody else`}
                onClick={() => open(p.name)}
              >
                {p.name}
              </button>
              <span className="block text-[13px] font-normal text-mute">
                {lasts(days.reduce((sum, d) => sum + busyOn(week, stops, p.name, dayOf(d.day)), 0))} this week
              </span>
            </th>
            {days.map((d) => (
              <td
                key={d.day}
                className={`h-px border-l border-line align-top ${dayOf(d.day) === today ? "border-l-2 border-l-wax" : ""}`}
              >
                <PersonsDay person={p} day={d} week={week} stops={stops} card={card} />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
