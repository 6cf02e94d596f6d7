import { gridStep, type Nm, takeNm, toMm } from "../../core/units/length.ts";
import { percent } from "../../core/words/percent.ts";
import { type OddsMark, oddsChart } from "../../drawing/odds-chart.ts";
import type { OddsDone } from "../../workers/odds-client.ts";
import { usePane } from "../panels/pane-context.ts";

const BOX = { width: 460, height: 212 };

type Size = { readonly width: Nm; readonly height: Nm };
export type MarkedSize = { readonly name: string; readonly glass: Size; readonly inUse: boolean };

/** Chance that it binds and that cover runs short, against what comes off; every school where it stands. */
export function OddsChart({ done, marked }: { readonly done: OddsDone; readonly marked: readonly MarkedSize[] }) {
  const { reckoning: r, prefs, say } = usePane();
  const best = r.best;
  if (!best) return null;
  const step = toMm(gridStep(r.rule.grid));
  const offOf = (g: Size): number =>
    (toMm(takeNm(best.full.width, g.width)) + toMm(takeNm(best.full.height, g.height))) / 2;
  const marks = marked.flatMap((m, i): OddsMark[] => {
    const chances = done.sizes[i];
    return chances ? [{ name: m.name, off: offOf(m.glass), trouble: chances.trouble, inUse: m.inUse }] : [];
  });
  const chart = oddsChart({
    curve: done.curve.map((c, i) => ({ off: i * step, binds: c.binds, coverLost: c.coverLost })),
    marks,
    box: BOX,
    unit: prefs.unit,
  });
  const { left, right, top, foot } = chart.frame;
  return (
    <figure>
      <svg
        viewBox={`0 0 ${BOX.width} ${BOX.height}`}
        className="w-full"
        role="img"
        aria-label={say(
          `Chance that the {pane} binds, or that cover runs short, by what comes off. ${marks.map((m) => `${m.name}: ${percent(m.trouble)}`).join(", ")}.`,
        )}
      >
        {chart.y.map((t) => (
          <g key={t.text}>
            <path d={`M${left} ${t.at}H${right}`} stroke="var(--line)" />
            <text x={left - 6} y={t.at + 4} textAnchor="end" className="d-mute tight !text-[11px]">
              {t.text}
            </text>
          </g>
        ))}
        {chart.x.map((t) => (
          <text key={t.text} x={t.at} y={foot + 16} textAnchor="middle" className="d-mute tight !text-[11px]">
            {t.text}
          </text>
        ))}
        <text x={right} y={BOX.height - 1} textAnchor="end" className="d-mute !text-[11px]">
          {prefs.unit} off, each way
        </text>
        <path d={chart.binds} className="c-binds" />
        {chart.coverLost && <path d={chart.coverLost} className="c-cover" />}
        <text x={chart.names.binds.x + 6} y={chart.names.binds.y} className="d-halo d-text d-wax-text !text-[12px]">
          binds
        </text>
        {chart.names.coverLost && (
          <text
            x={chart.names.coverLost.x - 6}
            y={chart.names.coverLost.y}
            textAnchor="end"
            className="d-halo d-text c-cover-text !text-[12px]"
          >
            too little cover
          </text>
        )}
        {chart.marks.map((m) => (
          <g key={m.name} className={m.inUse ? "c-in-use" : "c-mark"}>
            <path d={`M${m.label} ${top - 12}L${m.x} ${top}V${m.y}`} />
            {m.inUse ? <circle cx={m.x} cy={m.y} r={5} /> : <path d={`M${m.x - 4} ${m.y}h8`} strokeWidth={2} />}
            <text x={m.label} y={top - 17} textAnchor="middle" className="!text-[11.5px]">
              {m.name}
            </text>
          </g>
        ))}
      </svg>
    </figure>
  );
}
