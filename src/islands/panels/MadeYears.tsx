import type { MadeYear } from "../../core/learn/made-years.ts";
import { CAUSE_WORDS } from "../../core/look/damage.ts";
import { say } from "../../core/words/dialect.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { yearsChart } from "../../drawing/years-chart.ts";

type Props = { readonly years: readonly MadeYear[]; readonly prefs: Prefs };
const BOX = { width: 720, height: 150 };

/** Units by the year in their spacer, and how many of each had failed when they were seen. */
export function MadeYears({ years, prefs }: Props) {
  if (years.length === 0) return null;
  const { bars, foot } = yearsChart(years, BOX);
  return (
    <figure>
      <figcaption className="font-semibold">Failed units, by the year in their spacer</figcaption>
      <svg
        viewBox={`0 0 ${BOX.width} ${BOX.height}`}
        className="w-full max-w-[45rem]"
        role="img"
        aria-label={bars.map((b) => `${b.year}: ${b.says}`).join("; ")}
      >
        {bars.map((b) => (
          <g key={b.year}>
            <rect x={b.x} y={b.seenTop} width={b.wide} height={foot - b.seenTop} fill="none" stroke="var(--line)" />
            <rect x={b.x} y={b.failedTop} width={b.wide} height={foot - b.failedTop} fill="var(--glass)" />
            <text x={b.x + b.wide / 2} y={b.seenTop - 6} textAnchor="middle" className="d-mute !text-[12px]">
              {b.says}
            </text>
            <text x={b.x + b.wide / 2} y={foot + 16} textAnchor="middle" className="d-text !text-[12px]">
              {b.year}
            </text>
          </g>
        ))}
      </svg>
      <ul className="text-[14px] text-mute">
        {years
          .filter((y) => y.failed > 0)
          .map((y) => (
            <li key={y.year}>
              {y.year}:{" "}
              {[
                y.ageOfFailed !== null && `failed at ${y.ageOfFailed} years`,
                ...y.causes.slice(0, 2).map((c) => `${c.units} ${say(CAUSE_WORDS[c.cause].name, prefs.dialect)}`),
              ]
                .filter(Boolean)
                .join(", ")}
            </li>
          ))}
      </ul>
      <p className="text-[13px] text-mute">
        Who is called to what fails sees little else: it says what fails now, not how many hold.
      </p>
    </figure>
  );
}
