import type { Span } from "../../core/plan/week.ts";

/** The hours that a day's tape shows. */
export const TAPE: Span = [7 * 60, 18 * 60];
const WIDTH = 220;
const x = (minute: number): number =>
  (WIDTH * (Math.min(TAPE[1], Math.max(TAPE[0], minute)) - TAPE[0])) / (TAPE[1] - TAPE[0]);
const HOURS = Array.from({ length: (TAPE[1] - TAPE[0]) / 60 + 1 }, (_, i) => TAPE[0] / 60 + i);

type Props = {
  readonly hours: Span | null;
  readonly rain: readonly Span[];
  readonly busy: readonly { readonly from: number; readonly to: number; readonly helps: boolean }[];
  readonly label: string;
};

/** One day as a strip of tape from seven to six: what is taken of it, and when it rains. */
export const DayTape = ({ hours, rain, busy, label }: Props) => (
  <svg
    viewBox={`0 0 ${WIDTH} 20`}
    className="block h-5 w-full"
    preserveAspectRatio="none"
    role="img"
    aria-label={label}
  >
    <rect x={0} y={0} width={WIDTH} height={20} className="fill-line opacity-40" />
    {hours && <rect x={x(hours[0])} y={0} width={x(hours[1]) - x(hours[0])} height={20} fill="#F7E9A6" />}
    {rain.map(([from, to]) => (
      <rect key={from} x={x(from)} y={14} width={Math.max(0, x(to) - x(from))} height={6} fill="#7c9cc0" />
    ))}
    {busy.map((b) => (
      <rect
        key={`${b.from} ${b.helps}`}
        x={x(b.from)}
        y={4}
        width={Math.max(1.5, x(b.to) - x(b.from))}
        height={9}
        fill={b.helps ? "none" : "#1B6B5B"}
        stroke="#1B6B5B"
        strokeWidth={b.helps ? 1 : 0}
      />
    ))}
    {HOURS.map((h) => (
      <line
        key={h}
        x1={x(h * 60)}
        x2={x(h * 60)}
        y1={0}
        y2={h % 3 === 0 ? 6 : 3}
        stroke="#4A4326"
        strokeWidth={h % 3 === 0 ? 1 : 0.5}
      />
    ))}
  </svg>
);
