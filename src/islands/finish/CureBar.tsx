import { useState } from "react";
import type { PaintWindow } from "../../core/finish/paint-window.ts";
import { cureWaits, type Wait } from "../../core/pane/waits.ts";
import { addDays, type Day, dayOfMonth, writeDay } from "../../core/units/day.ts";
import { sayDay, weekdayName } from "../../core/words/days.ts";
import { dayAxis } from "../../drawing/day-bars.ts";
import { usePane } from "../panels/pane-context.ts";
import { PickOne } from "../ui/PickOne.tsx";

/** On the stage, and on a phone. */
const WIDE = 780;
const NARROW = 440;
const BAR_Y = 44;
/** A week is drawn at least. */
const LEAST_DAYS = 7;

type Props = { readonly set: Day; readonly paint: PaintWindow; readonly handsOffHours: number };

/** Cure and paint window against the days. A tap on a day says what it is, and changes it. */
export function CureBar({ set, paint, handsOffHours }: Props) {
  const { firm, today } = usePane();
  const [chosen, setChosen] = useState<Day | null>(null);
  const bars = daysOf(set, paint, handsOffHours);
  const last = bars.at(-1)?.to ?? set;
  const window = {
    first: addDays(set, -1),
    count: Math.min(42, Math.max(last - set, LEAST_DAYS) + 3),
    today,
    calendar: firm.calendar,
    bars,
  };
  const wide = dayAxis({ ...window, width: WIDE });
  return (
    <div>
      <div className="max-sm:hidden">
        <Axis axis={wide} width={WIDE} choose={setChosen} />
      </div>
      <div className="sm:hidden">
        <Axis axis={dayAxis({ ...window, width: NARROW })} width={NARROW} choose={setChosen} />
      </div>
      <DayChooser chosen={chosen} choose={setChosen} days={wide.days.map((d) => d.day)} />
    </div>
  );
}

/** What is painted waits to be; what is not is only left alone. */
const daysOf = (set: Day, paint: PaintWindow, handsOffHours: number): readonly Wait[] =>
  paint.kind === "window"
    ? cureWaits(set, paint)
    : [{ kind: "cure", from: set, to: addDays(set, Math.max(0, Math.ceil(handsOffHours / 24) - 1)) }];

type AxisProps = {
  readonly axis: ReturnType<typeof dayAxis>;
  readonly width: number;
  readonly choose: (d: Day) => void;
};

function Axis({ axis, width, choose }: AxisProps) {
  return (
    <svg viewBox={`0 0 ${width} 92`} className="w-full" role="img" aria-label="Cure and paint window against the days">
      {axis.days.map((d) => (
        // biome-ignore lint/a11y/noStaticElementInteractions: the list of days below is the keyboard's way
        <g key={d.day} onClick={() => choose(d.day)} className="cursor-pointer">
          <rect x={d.x} y={0} width={d.width} height={92} fill={d.rest ? "var(--paper)" : "transparent"} />
          {d.rest && <rect x={d.x} y={30} width={d.width} height={62} fill="var(--line)" opacity={0.45} />}
          {(d.monday || d.width > 26) && (
            <text x={d.x + 2} y={12} className="d-mute !text-[11px]">
              {weekdayName(d.day)}
            </text>
          )}
          {(d.monday || d.width > 26) && (
            <text x={d.x + 2} y={26} className="d-text !text-[12px]">
              {dayOfMonth(d.day)}
            </text>
          )}
          {d.wet && (
            <text x={d.x + d.width / 2} y={88} textAnchor="middle" className="d-text !text-[11px]">
              {d.width > 26 ? "wet" : "w"}
            </text>
          )}
        </g>
      ))}
      {axis.bars.map((b) => (
        <g key={`${b.kind}${b.from}`} pointerEvents="none">
          <rect
            x={b.x + 0.5}
            y={BAR_Y}
            width={Math.max(b.width - 1, 1)}
            height={26}
            fill={b.kind === "cure" ? "var(--putty)" : "var(--tint)"}
            stroke={b.kind === "cure" ? "var(--grain)" : "var(--glass)"}
            strokeWidth={1.4}
          />
          {b.width > 44 && (
            <text
              x={b.x + 7}
              y={BAR_Y + 17}
              className={`text-[12px] font-medium ${b.kind === "cure" ? "fill-[#22272a]" : "fill-ink"}`}
            >
              {b.kind === "cure" ? "cures" : "paint"}
            </text>
          )}
        </g>
      ))}
      {axis.today !== null && (
        <path d={`M${axis.today} 30V92`} stroke="var(--wax)" strokeWidth={2} pointerEvents="none" />
      )}
    </svg>
  );
}

type ChooserProps = { readonly chosen: Day | null; readonly choose: (d: Day) => void; readonly days: readonly Day[] };

/** Says what a day is in the calendar, and changes it for every pane at once. */
function DayChooser({ chosen, choose, days }: ChooserProps) {
  const { firm, writeFirm } = usePane();
  const { daysOff, wet, lowC } = firm.calendar;
  const weather = (day: Day, isWet: boolean) =>
    writeFirm("round.weather", { day: writeDay(day), wet: isWet, lowC: lowC.get(day) ?? null });
  return (
    <div className="flex flex-wrap items-center gap-2 pt-1 text-[13px]">
      <PickOne
        name="Calendar"
        inline
        of={days.map(
          (d) =>
            [
              String(d),
              `${sayDay(d)}${wet.has(d) ? `, wet${firm.weatherTold.has(d) ? " as told" : ""}` : ""}${daysOff.has(d) ? ", day off" : ""}`,
            ] as const,
        )}
        value={chosen === null ? null : String(chosen)}
        unsaid="choose a day"
        change={(to) => {
          const found = days.find((d) => String(d) === to);
          if (found !== undefined) choose(found);
        }}
      />
      {chosen !== null && (
        <>
          <button type="button" className="btn btn-small" onClick={() => weather(chosen, !wet.has(chosen))}>
            {wet.has(chosen) ? "It will be dry" : "It will be wet"}
          </button>
          <button
            type="button"
            className="btn btn-small"
            onClick={() => writeFirm("round.day-off", { day: writeDay(chosen), off: !daysOff.has(chosen) })}
          >
            {daysOff.has(chosen) ? "We work that day" : "Day off"}
          </button>
        </>
      )}
    </div>
  );
}
