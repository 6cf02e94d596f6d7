import type { Template } from "../../core/text/template.ts";
import { type Dialect, say } from "../../core/words/dialect.ts";
import type { DayAxis, DrawnBar } from "../../drawing/day-bars.ts";

const LOOKS: Readonly<
  Record<
    DrawnBar["kind"],
    {
      readonly name: Template;
      readonly fill: string;
      readonly stroke: string;
      readonly ink: string;
      readonly dash?: string;
    }
  >
> = {
  glass: { name: "glass", fill: "none", stroke: "var(--ink)", ink: "fill-ink", dash: "4 3" },
  late: { name: "late", fill: "var(--wax)", stroke: "var(--wax)", ink: "fill-sheet" },
  cure: { name: "{putty} dries", fill: "var(--putty)", stroke: "var(--grain)", ink: "fill-[#22272a]" },
  paint: { name: "paint", fill: "var(--tint)", stroke: "var(--glass)", ink: "fill-ink" },
  closed: { name: "boarded", fill: "var(--wax-tint)", stroke: "var(--wax)", ink: "fill-ink", dash: "1.5 3" },
};

/** One pane's waits against the days. A hole that is closed for now lies below the rest. */
export function WaitBars({
  axis,
  width,
  dialect,
}: {
  readonly axis: DayAxis;
  readonly width: number;
  readonly dialect: Dialect;
}) {
  return (
    <svg
      viewBox={`0 0 ${width} 54`}
      preserveAspectRatio="none"
      className="block h-full w-full"
      role="img"
      aria-label={axis.bars.map((b) => say(LOOKS[b.kind].name, dialect)).join(", ") || "no waits"}
    >
      <path d={columns(axis.days.filter((d) => d.rest))} fill="var(--paper)" />
      <path d={axis.days.map((d) => (d.monday ? `M${d.x} 0V54` : "")).join("")} stroke="var(--line)" strokeWidth={1} />
      {axis.bars.map((b) => {
        const { fill, stroke, ink, dash } = LOOKS[b.kind];
        const name = say(LOOKS[b.kind].name, dialect);
        const low = b.kind === "closed";
        return (
          <g key={`${b.kind}${b.from}`}>
            <rect
              x={b.x + 0.8}
              y={low ? 38 : 12}
              width={Math.max(1, b.width - 1.6)}
              height={low ? 12 : 24}
              fill={fill}
              stroke={stroke}
              strokeWidth={1.3}
              strokeDasharray={dash}
            />
            {b.width > name.length * 6.2 && (
              <text x={b.x + 6} y={low ? 47.5 : 28} className={`text-[11px] font-medium ${ink}`}>
                {name}
              </text>
            )}
          </g>
        );
      })}
      {axis.today !== null && <path d={`M${axis.today} 0V54`} stroke="var(--wax)" strokeWidth={1.6} />}
    </svg>
  );
}

/** Days of rest as one path: a long list draws a line's days by the hundred. */
const columns = (days: DayAxis["days"]): string => days.map((d) => `M${d.x} 0h${d.width}v54h-${d.width}z`).join("");
