import { useState } from "react";
import type { PlanDay, VisitSaid } from "../../core/page/plan-page.ts";
import type { Stop, Week } from "../../core/plan/week.ts";
import { timesText } from "../../core/text/counted.ts";
import { type Day, dayOf } from "../../core/units/day.ts";
import { clock } from "../../core/words/clock.ts";
import { sayDay } from "../../core/words/days.ts";
import { BROKEN_SAYS } from "../../core/words/plan.ts";
import { Sheet } from "../ui/Sheet.tsx";
import { type Handed, handDay } from "./model.ts";

type Props = {
  readonly name: string;
  readonly days: readonly PlanDay[];
  readonly week: Week;
  readonly stops: readonly Stop[];
  readonly said: ReadonlyMap<string, VisitSaid>;
  readonly away: (day: Day) => void;
  readonly give: (handed: Handed) => void;
  readonly close: () => void;
};

/** Somebody's day: they are ill, and it is laid out anew; or another takes it, as far as nothing is against it. */
export function DaySheet({ name, days, week, stops, said, away, give, close }: Props) {
  const working = days.filter((d) => !week.people.find((p) => p.name === name)?.off.includes(dayOf(d.day)));
  const [day, setDay] = useState(working[0]?.day ?? "");
  if (day === "")
    return (
      <Sheet title={name} close={close}>
        <p>{name} is away on all of these days.</p>
      </Sheet>
    );
  const on = dayOf(day);
  const own = stops.filter((s) => s.day === on && s.person === name).sort((a, b) => a.from - b.from);
  const helps = stops.filter((s) => s.day === on && s.helper === name).length;
  return (
    <Sheet title={`${name}'s day`} close={close}>
      <fieldset>
        <legend className="sr-only">Which day</legend>
        <div className="flex flex-wrap gap-1.5">
          {working.map((d) => (
            <label key={d.day} className="chip">
              <input type="radio" name="day" checked={d.day === day} onChange={() => setDay(d.day)} />
              {sayDay(dayOf(d.day))}
            </label>
          ))}
        </div>
      </fieldset>
      {own.length === 0 ? (
        <p className="text-mute">Nothing stands on it{helps > 0 ? `, but a hand lent ${timesText(helps)}` : ""}.</p>
      ) : (
        <ul className="rows">
          {own.map((s) => (
            <li key={s.visit} className="py-1">
              <span className="tight pr-2">{clock(s.from)}</span>
              {said.get(s.visit)?.where}
            </li>
          ))}
        </ul>
      )}
      <button type="button" className="btn btn-main w-full" onClick={() => away(on)}>
        Ill: lay it out anew
      </button>
      {own.length > 0 && (
        <ul className="space-y-2" aria-label="Give the day to">
          {week.people
            .filter((p) => p.name !== name)
            .map((p) => {
              const handed = handDay(week, stops, { day: on, from: name, to: p.name });
              const why = [...new Set(handed.stayed.flatMap((t) => t.broken.map((b) => BROKEN_SAYS[b.rule](b.of))))];
              return (
                <li key={p.name} className="flex flex-wrap items-center gap-x-3 gap-y-1">
                  <button type="button" className="btn" disabled={handed.went === 0} onClick={() => give(handed)}>
                    Give it to {p.name}
                  </button>
                  <span className="min-w-0 flex-1 text-[13px] text-mute">
                    {handed.stayed.length === 0
                      ? "all of it goes over"
                      : `${handed.went} of ${own.length} would go over: ${why.join("; ")}`}
                  </span>
                </li>
              );
            })}
        </ul>
      )}
    </Sheet>
  );
}
