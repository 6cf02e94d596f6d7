import { useState } from "react";
import { dayOf } from "../../core/units/day.ts";
import { lasts } from "../../core/words/clock.ts";
import { sayDay } from "../../core/words/days.ts";
import { degreesText, weatherWords } from "../../core/words/plan.ts";
import { busyOn } from "./model.ts";
import { PersonsDay } from "./PersonsDay.tsx";
import type { WeekProps } from "./WeekGrid.tsx";

/** The same week where there is room for one day: its days to tap, and under them everybody's. */
export function WeekByDay({ week, days, stops, today, unit, card, open }: WeekProps) {
  const [picked, setPicked] = useState<string | null>(null);
  const shown = days.find((d) => d.day === picked) ?? days.find((d) => dayOf(d.day) >= today) ?? days.at(-1) ?? days[0];
  if (!shown) return null;
  const on = dayOf(shown.day);
  return (
    <section aria-label={sayDay(on)} className="space-y-3">
      <div className="grid grid-cols-5 gap-1.5">
        {days.map((d) => {
          const n = stops.filter((s) => s.day === dayOf(d.day)).length;
          const [name = "", number = ""] = sayDay(dayOf(d.day)).split(" ");
          return (
            <button
              key={d.day}
              type="button"
              aria-pressed={d.day === shown.day}
              aria-label={`${sayDay(dayOf(d.day))}, ${n === 1 ? "1 visit" : `${n} visits`}`}
              className={`btn flex-col !gap-0 !px-0 leading-tight ${d.day === shown.day ? "btn-on" : ""}`}
              onClick={() => setPicked(d.day)}
            >
              <span className="text-[13px]">{name}</span>
              <b className="text-[17px]">{number}</b>
              <span className="text-[12px]">{n === 0 ? "–" : n}</span>
            </button>
          );
        })}
      </div>
      <p className="flex flex-wrap items-center justify-between gap-2 text-[15px] text-mute">
        <span>{[weatherWords(shown), degreesText(shown, unit)].filter(Boolean).join(", ")}</span>
        <a className="btn btn-small" href={`/plan/day?on=${shown.day}`}>
          Open {sayDay(on)}
        </a>
      </p>
      {week.people.map((p) => (
        <section key={p.name} aria-label={p.name} className="border-t border-line pt-1">
          <p className="flex items-center justify-between gap-3">
            <button
              type="button"
              className="min-h-11 text-left text-[17px] font-semibold underline decoration-dotted underline-offset-2"
              aria-label={`${p.name}: ill, or a day for somebody else`}
              onClick={() => open(p.name)}
            >
              {p.name}
            </button>
            <span className="text-[14px] text-mute">
              {p.off.includes(on) ? "away" : lasts(busyOn(week, stops, p.name, on))}
            </span>
          </p>
          <PersonsDay person={p} day={shown} week={week} stops={stops} card={card} />
        </section>
      ))}
    </section>
  );
}
