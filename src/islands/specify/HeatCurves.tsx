import type { Candidate } from "../../core/specify/candidates.ts";
import type { LengthUnit } from "../../core/units/length.ts";
import { heatFigure } from "../../core/words/heat.ts";
import { heatChart } from "../../drawing/heat-chart.ts";
import { useOnPhone } from "../ui/use-on-phone.ts";

/** On the stage, and on a phone, where its words must be read as well. */
const CHART = { width: 760, height: 150 };
const NARROW = { width: 360, height: 180 };

type Props = { readonly all: readonly Candidate[]; readonly emissivity: number; readonly unit: LengthUnit };

/** Heat loss by the width of the cavity, with the candidates on their curves. */
export function HeatCurves({ all, emissivity, unit }: Props) {
  const box = useOnPhone() ? NARROW : CHART;
  const chart = heatChart({
    glassMm: all[0]?.makeup.panes.reduce((s, p) => s + p.mm, 0) ?? 8,
    emissivity,
    marked: all
      .filter((c) => c.makeup.cavities.length === 1)
      .map((c) => ({ name: c.name, cavityMm: c.makeup.cavities[0]?.mm ?? 16, heat: c.heat, on: true })),
    unit,
    box,
  });
  return (
    <svg
      viewBox={`0 0 ${box.width} ${box.height}`}
      className="w-full bg-sheet"
      role="img"
      aria-label={`Heat loss by cavity width: ${all.map((c) => `${c.name} ${heatFigure(c.heat, unit)}`).join(", ")}`}
    >
      {chart.yTicks.map((t) => (
        <g key={t.text}>
          <path d={`M${chart.left} ${t.y}H${chart.right}`} className="d-line" opacity={0.2} />
          <text x={chart.left - 6} y={t.y + 4} textAnchor="end" className="d-mute !text-[11px]">
            {t.text}
          </text>
        </g>
      ))}
      {chart.xTicks.map((t) => (
        <text key={t.text} x={t.x} y={chart.floor + 14} textAnchor="middle" className="d-mute !text-[11px]">
          {t.text}
        </text>
      ))}
      {chart.curves.map((c) => (
        <g key={c.name}>
          <path d={c.d} className="d-line" fill="none" strokeWidth={1.6} />
          <text x={c.label.x} y={c.label.y} className="d-text !text-[12px]">
            {c.name}
          </text>
        </g>
      ))}
      {chart.marks.map((m) => (
        <circle key={m.name} cx={m.x} cy={m.y} r={4.5} className="d-ease" />
      ))}
      <text x={chart.right} y={chart.floor + 25} textAnchor="end" className="d-mute !text-[11px]">
        cavity, {unit}
      </text>
    </svg>
  );
}
