import { useDroppable } from "@dnd-kit/core";
import type { ReactNode } from "react";
import type { PlanDay } from "../../core/page/plan-page.ts";
import type { Stop, Week } from "../../core/plan/week.ts";
import { type Day, dayOf } from "../../core/units/day.ts";
import { lasts } from "../../core/words/clock.ts";
import { sayDay } from "../../core/words/days.ts";
import { weatherWords } from "../../core/words/plan.ts";
import { DayTape } from "./DayTape.tsx";
import { busyOn } from "./model.ts";

type Props = {
  readonly week: Week;
  readonly days: readonly PlanDay[];
  readonly stops: readonly Stop[];
  readonly today: number;
  readonly card: (stop: Stop, isHelp: boolean) => ReactNode;
  /** Opens what can be done with somebody's day. */
  readonly open: (person: string) => void;
};

export const cellId = (person: string, day: string): string => `${day} ${person}`;
export const ofCell = (id: string): { readonly day: Day; readonly person: string } => ({
  day: dayOf(id.slice(0, 10)),
  person: id.slice(11),
});

/** Five days across, a row for each who works: each day a strip of tape, and under it what is on it, in order. */
export function WeekGrid({ week, days, stops, today, card, open }: Props) {
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
                  {d.lowC !== null && d.highC !== null && (
                    <span className="block font-mono">
                      {" "}
                      {d.lowC} to {d.highC}°
                    </span>
                  )}
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
              <Cell
                key={d.day}
                id={cellId(p.name, d.day)}
                isToday={dayOf(d.day) === today}
                hours={p.off.includes(dayOf(d.day)) ? null : p.hours}
                day={d}
                name={p.name}
                stops={stops
                  .filter((s) => s.day === dayOf(d.day) && (s.person === p.name || s.helper === p.name))
                  .sort((a, b) => a.from - b.from)}
                busy={busyOn(week, stops, p.name, dayOf(d.day))}
                week={week}
                card={card}
              />
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

type CellProps = {
  readonly id: string;
  readonly name: string;
  readonly isToday: boolean;
  readonly hours: Week["people"][number]["hours"] | null;
  readonly day: PlanDay;
  readonly stops: readonly Stop[];
  readonly busy: number;
  readonly week: Week;
  readonly card: Props["card"];
};

function Cell({ id, name, isToday, hours, day, stops, busy, week, card }: CellProps) {
  const { setNodeRef, isOver } = useDroppable({ id, disabled: hours === null });
  const helped = new Map(week.visits.map((v) => [v.id, v.helperMinutes]));
  return (
    <td
      ref={setNodeRef}
      data-cell={id}
      className={`border-l border-line p-1 align-top ${isToday ? "border-l-2 border-l-wax" : ""} ${isOver ? "bg-tape/40" : ""}`}
    >
      {hours === null ? (
        <span className="text-[13px] text-mute">away</span>
      ) : (
        <DayTape
          hours={hours}
          rain={day.rain}
          busy={stops.map((s) => ({
            from: s.from,
            to: s.person === name ? s.to : s.from + (helped.get(s.visit) ?? 0),
            helps: s.person !== name,
          }))}
          label={busy === 0 ? "nothing planned" : `${lasts(busy)} planned, the road with it`}
        />
      )}
      <div className="mt-1 space-y-1">{stops.map((s) => card(s, s.person !== name))}</div>
    </td>
  );
}
