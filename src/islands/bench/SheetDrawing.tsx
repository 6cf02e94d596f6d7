import { cutOrder, placesOf } from "../../core/cut/cut-order.ts";
import { type CutNode, isKept } from "../../core/cut/cutting.ts";
import type { LengthUnit } from "../../core/units/length.ts";
import { layText } from "./lay-text.ts";
import { nameLines } from "./name-lines.ts";

type Props = {
  readonly root: CutNode;
  readonly names: readonly string[];
  readonly keep: { readonly width: number; readonly height: number };
  readonly unit: LengthUnit;
  /** Cuts that are done: a cut that is due next is drawn heavy. */
  readonly done: number;
};

const MM = 1_000_000;
/** A sheet to scale, its datum corner at the left foot: pieces by their windows, cuts by their number, keepers and waste. */
export function SheetDrawing({ root, names, keep, unit, done }: Props) {
  const [W, H] = [root.width / MM, root.height / MM];
  const up = (y: number, h: number): number => H - y - h;
  const places = placesOf(root);
  const cuts = cutOrder(root);
  const type = Math.max(W, H) / 38;
  const size = (n: number): string => layText(n, unit);
  return (
    <svg
      viewBox={`-40 -20 ${W + 60} ${H + 50 + type * 1.5}`}
      className="block max-h-[60vh] w-full"
      role="img"
      aria-label={`Sheet ${size(root.width)} by ${size(root.height)}, ${cuts.length} cuts`}
    >
      <defs>
        <pattern id="waste" width="24" height="24" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="24" stroke="currentColor" strokeWidth="4" opacity="0.25" />
        </pattern>
      </defs>
      {places.map(({ place, node }) => {
        const [x, y, w, h] = [place.x / MM, up(place.y / MM, place.height / MM), place.width / MM, place.height / MM];
        const kept = node.kind === "left" && isKept(node, keep);
        const wide = `${size(node.width)} × ${size(node.height)}`.length * type * 0.52;
        const fits = w > wide && h > type * 3;
        const lean = !fits && h > wide && w > type * 3;
        return (
          <g key={`${x} ${y}`}>
            <rect
              x={x}
              y={y}
              width={w}
              height={h}
              className={node.kind === "piece" ? "fill-tint" : "fill-sheet"}
              stroke="none"
            />
            {node.kind === "left" && !kept && (
              <rect x={x} y={y} width={w} height={h} fill="url(#waste)" className="text-ink" />
            )}
            {(fits || lean) && (
              <text
                x={x + w / 2}
                y={y + h / 2}
                textAnchor="middle"
                dominantBaseline="middle"
                fontSize={type}
                className="fill-ink"
                transform={lean ? `rotate(-90 ${x + w / 2} ${y + h / 2})` : undefined}
              >
                {nameLines(node.kind === "piece" ? (names[node.piece] ?? "") : kept ? "keep" : "", {
                  letters: Math.floor((fits ? w : h) / (type * 0.58)),
                  lines: Math.floor((fits ? h : w) / (type * 1.2)) - 2,
                }).map((line, k, all) => (
                  <tspan
                    key={line}
                    x={x + w / 2}
                    dy={k === 0 ? -type * 0.6 * all.length : type * 1.15}
                    fontWeight={600}
                  >
                    {line}
                  </tspan>
                ))}
                {(node.kind === "piece" || kept) && (
                  <tspan x={x + w / 2} dy={type * 1.2}>
                    {size(node.width)} × {size(node.height)}
                  </tspan>
                )}
              </text>
            )}
          </g>
        );
      })}
      <rect x={0} y={0} width={W} height={H} fill="none" stroke="currentColor" strokeWidth={4} className="text-ink" />
      {cuts.map((c) => {
        const [x, y, w, h] = [c.of.x / MM, up(c.of.y / MM, c.of.height / MM), c.of.width / MM, c.of.height / MM];
        const at = c.at / MM;
        const line = c.runs === "across" ? [x + at, y, x + at, y + h] : [x, y + h - at, x + w, y + h - at];
        const [x1 = 0, y1 = 0, x2 = 0, y2 = 0] = line;
        const isNext = c.n === done + 1;
        return (
          <g key={c.n} className={isNext ? "text-wax" : "text-ink"}>
            <line
              x1={x1}
              y1={y1}
              x2={x2}
              y2={y2}
              stroke="currentColor"
              strokeWidth={isNext ? 9 : 4}
              strokeDasharray={c.n <= done ? "18 14" : undefined}
            />
            <circle
              cx={c.runs === "across" ? x1 : x1 + type}
              cy={c.runs === "across" ? y2 - type : y1}
              r={type * 0.75}
              className="fill-sheet"
              stroke="currentColor"
              strokeWidth={3}
            />
            <text
              x={c.runs === "across" ? x1 : x1 + type}
              y={(c.runs === "across" ? y2 - type : y1) + type * 0.32}
              textAnchor="middle"
              fontSize={type * 0.9}
              fill="currentColor"
            >
              {c.n}
            </text>
          </g>
        );
      })}
      <path
        d={`M -30 ${H + 30} L -30 ${H - 60} M -30 ${H + 30} L 60 ${H + 30}`}
        stroke="currentColor"
        strokeWidth={8}
        fill="none"
        className="text-wax"
      />
      <text x={75} y={H + 30 + type} fontSize={type} className="fill-wax">
        datum corner
      </text>
    </svg>
  );
}
