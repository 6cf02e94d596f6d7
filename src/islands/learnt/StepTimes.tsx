import { frameOf } from "../../core/frame/systems.ts";
import type { StepMinutes, StepTime } from "../../core/learn/step-times.ts";
import { STATION_NAMES } from "../../core/plan/stations.ts";
import { dayOf } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { say } from "../../core/words/dialect.ts";
import { betweenText, minutesText, stepName, wholeMinutes } from "../../core/words/minutes.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { minutesStrip } from "../../drawing/minutes-strip.ts";

type Props = { readonly times: readonly StepTime[]; readonly prefs: Prefs; readonly inUse: boolean };

const MM_A_INCH = 25.4;
const [WIDTH, HEIGHT] = [180, 22] as const;

/** How long each step takes here, beside what the house says of it. */
export function StepTimes({ times, prefs, inUse }: Props) {
  if (times.length === 0)
    return (
      <p className="note-glass max-w-[42rem]">
        No step was timed yet. Start the clock at a step, or say how long it took: from the third time on, quotes, days
        and the week go by your own minutes.
      </p>
    );
  return (
    <div className="space-y-3">
      <p className="max-w-[42rem] text-mute">
        {inUse
          ? "From the third time on the steps, quotes and the week go by these. The house's word counts as half a time; what took far longer or shorter than the same person's others is named and not counted. Dashed: the house's word."
          : "The house rules say that steps are not reckoned by these: they are only shown."}
      </p>
      <ul className="divide-y divide-line border-y border-line">
        {times.map((t) => (
          <Row key={`${t.system}/${t.station}/${t.step}`} time={t} prefs={prefs} />
        ))}
      </ul>
    </div>
  );
}

function Row({ time: t, prefs }: { readonly time: StepTime; readonly prefs: Prefs }) {
  const most = Math.max(t.usual ?? 0, ...t.own.map((o) => o.within.hi));
  const length = t.metres === null ? "" : `, for ${lengthText(t.metres, prefs)}`;
  return (
    <li className="py-3">
      <p className="font-medium">
        {STATION_NAMES[t.station]}: {stepName(t.step)}
      </p>
      <p className="text-[14px] text-mute">
        {say(frameOf(t.system).name, prefs.dialect)}
        {length}. {t.usual === null ? "" : `The house says ${minutesText(wholeMinutes(t.usual))}.`}
      </p>
      {t.own.length === 0 && (
        <p className="text-[14px]">
          Timed {t.timed === 1 ? "once" : "twice"}: {t.timed === 1 ? "two more say" : "one more says"} something.
        </p>
      )}
      <ul>
        {t.own.map((o) => (
          <li
            key={o.who ?? ""}
            className="grid items-center gap-x-4 pt-1 grid-cols-[6rem_minmax(0,1fr)] sm:grid-cols-[9rem_196px_minmax(0,1fr)]"
          >
            <span>{o.who === null ? "Everybody" : o.who === prefs.who ? "Yours" : o.who}</span>
            <Strip own={o} usual={t.usual} most={most} />
            <span>
              <b className="tight text-[17px]">{minutesText(wholeMinutes(o.minutes))}</b>{" "}
              <span className="text-[14px] text-mute">
                {betweenText(o.within)}, from {o.seen} times
              </span>
            </span>
          </li>
        ))}
      </ul>
      {t.outliers.length > 0 && (
        <p className="text-[14px]">
          Left out:{" "}
          {t.outliers
            .map((o) => `${minutesText(o.minutes)} (${o.who === null ? "" : `${o.who}, `}${sayDay(dayOf(o.day))})`)
            .join("; ")}
          .
        </p>
      )}
    </li>
  );
}

/** A band where it lies with nine chances in ten, a mark for one's own, and a stroke for the house's word. */
function Strip({
  own,
  usual,
  most,
}: {
  readonly own: StepMinutes;
  readonly usual: number | null;
  readonly most: number;
}) {
  const s = minutesStrip({ ...own, usual }, 1.05 * most, WIDTH - 4);
  const mid = HEIGHT / 2;
  return (
    <svg width={WIDTH} height={HEIGHT} viewBox={`-2 0 ${WIDTH} ${HEIGHT}`} aria-hidden="true" className="max-sm:hidden">
      <line x1={0} x2={WIDTH - 4} y1={mid} y2={mid} stroke="var(--line)" />
      <rect x={s.lo} y={mid - 4} width={Math.max(2, s.hi - s.lo)} height={8} fill="var(--glass)" opacity={0.3} />
      <rect x={s.own - 1.5} y={mid - 8} width={3} height={16} fill="var(--glass)" />
      {s.usual !== null && (
        <line x1={s.usual} x2={s.usual} y1={2} y2={HEIGHT - 2} stroke="currentColor" strokeDasharray="2 2" />
      )}
    </svg>
  );
}

/** @example lengthText(3.2, mm) // "3.2 m" @example in // "126 in" */
const lengthText = (metres: number, { unit }: Prefs): string =>
  unit === "mm" ? `${Math.round(metres * 10) / 10} m` : `${Math.round((metres * 1000) / MM_A_INCH)} in`;
