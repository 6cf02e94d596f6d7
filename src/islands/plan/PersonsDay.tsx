import { useDroppable } from "@dnd-kit/core";
import type { ReactNode } from "react";
import type { PlanDay } from "../../core/page/plan-page.ts";
import { inTurn, timesAt } from "../../core/plan/stop-times.ts";
import { hoursOn, type Span, type Stop, type Week, type WeekPerson } from "../../core/plan/week.ts";
import { type Day, dayOf } from "../../core/units/day.ts";
import { lasts } from "../../core/words/clock.ts";
import { DayTape } from "./DayTape.tsx";
import { busyOn } from "./model.ts";

export const cellId = (person: string, day: string): string => `${day} ${person}`;
export const ofCell = (id: string): { readonly day: Day; readonly person: string } => ({
  day: dayOf(id.slice(0, 10)),
  person: id.slice(11),
});

type Props = {
  readonly person: WeekPerson;
  readonly day: PlanDay;
  readonly week: Week;
  readonly stops: readonly Stop[];
  readonly card: (stop: Stop, isHelp: boolean) => ReactNode;
};

/** What somebody does on a day: a strip of tape, and under it what is on it, in order. A visit may be put down here. */
export function PersonsDay({ person, day, week, stops, card }: Props) {
  const on = dayOf(day.day);
  const away = person.off.includes(on);
  const id = cellId(person.name, day.day);
  const { setNodeRef, isOver } = useDroppable({ id, disabled: away });
  const visits = new Map(week.visits.map((v) => [v.id, v]));
  const own = inTurn(
    stops.filter((s) => s.day === on),
    person.name,
    visits,
  );
  const timesOf = (s: Stop): Span => {
    const v = visits.get(s.visit);
    return v ? timesAt(v, s, person.name) : [s.from, s.to];
  };
  const busy = busyOn(week, stops, person.name, on);
  return (
    <div ref={setNodeRef} data-cell={id} className={`h-full min-h-12 p-1 ${isOver ? "bg-tape/40" : ""}`}>
      {away ? (
        <span className="text-[13px] text-mute">away</span>
      ) : (
        <DayTape
          hours={hoursOn(person, on)}
          rain={day.rain}
          busy={own.map((s) => ({
            from: timesOf(s)[0],
            to: timesOf(s)[1],
            helps: s.person !== person.name,
          }))}
          label={busy === 0 ? "nothing planned" : `${lasts(busy)} planned, the road with it`}
        />
      )}
      <div className="mt-1 space-y-1">{own.map((s) => card(s, s.person !== person.name))}</div>
    </div>
  );
}
