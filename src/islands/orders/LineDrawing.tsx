import type { LineDrawing as Drawn } from "../../drawing/line-drawing.ts";

/** One line's pane, dimensioned. */
export function LineDrawing({ drawn, label }: { readonly drawn: Drawn; readonly label: string }) {
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${drawn.width} ${drawn.height}`}
      width={drawn.width * 1.3}
      height={drawn.height * 1.3}
      className="max-w-full"
    >
      <path d={drawn.outline} className="fill-tint stroke-ink" strokeWidth={1.2} />
      <g fill="none" className="stroke-ink">
        {drawn.grain.map((d) => (
          <path key={d} d={d} strokeWidth={0.4} opacity={0.4} />
        ))}
        {drawn.bars.map((d) => (
          <path key={d} d={d} strokeWidth={1.6} />
        ))}
        {drawn.measures.map((d) => (
          <path key={d} d={d} strokeWidth={0.6} />
        ))}
        {drawn.mark && <path d={drawn.mark} strokeWidth={1} />}
      </g>
      {drawn.texts.map((t) => (
        <text
          key={`${t.says} ${t.turned}`}
          x={t.x}
          y={t.y}
          textAnchor="middle"
          fontSize={t.isFigure ? 9.5 : 7.5}
          className={t.isFigure ? "tight fill-ink font-semibold" : "fill-mute"}
          transform={t.turned === 0 ? undefined : `rotate(${t.turned} ${t.x} ${t.y})`}
        >
          {t.says}
        </text>
      ))}
    </svg>
  );
}
