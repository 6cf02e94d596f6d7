import type { PointerEvent } from "react";
import { lowest, type Pad, stripStart } from "./pad.ts";

const W = 366;
const INSET = 13;

type Props = { readonly pad: Pad; readonly fine: boolean; readonly tap: (tick: number) => void };

/** One inch of tape drawn large, or one centimetre: the tick that is tapped is the fraction; a thumb that misses slides to it. */
export function TapeStrip({ pad, fine, tap }: Props) {
  const inch = pad.unit === "in";
  const count = inch ? (fine ? 32 : 16) : 20;
  const step = (W - 2 * INSET) / count;
  const from = inch ? Number(pad.whole || "0") : stripStart(pad);
  const at = inch ? (pad.tick === null ? null : (pad.tick * count) / 32) : metricAt(pad);
  const ticks = Array.from({ length: inch ? count : count + 1 }, (_, k) => k);
  const tapAt = (k: number) => tap(inch ? (k * 32) / count : k);
  const slide = (e: PointerEvent<SVGSVGElement>) => {
    if (e.buttons === 0) return;
    const box = e.currentTarget.getBoundingClientRect();
    const along = ((e.clientX - box.left) / box.width) * W;
    // Not on to the next centimetre: the strip would run away under the thumb.
    const k = Math.max(0, Math.min(count - 1, Math.round((along - INSET) / step)));
    if (k !== at) tapAt(k);
  };
  return (
    <svg viewBox={`0 0 ${W} 116`} className="w-full touch-pan-y rounded-md bg-tape" onPointerMove={slide}>
      {ticks.map((k) => {
        const x = INSET + k * step;
        const on = k === at;
        const name = inch ? fractionName(k, count) : String(from + k / 2);
        return (
          // biome-ignore lint/a11y/useSemanticElements: a button cannot stand inside an svg
          <g
            key={k}
            role="button"
            tabIndex={0}
            aria-label={`${name} on the tape`}
            aria-pressed={on}
            onClick={() => tapAt(k)}
            onKeyDown={(e) => (e.key === "Enter" || e.key === " ") && tapAt(k)}
            className="cursor-pointer"
          >
            <rect x={x - step / 2} y={0} width={step} height={116} fill="transparent" />
            <rect
              x={x - (on ? 3.5 : 1)}
              y={0}
              width={on ? 7 : 2}
              height={heightOf(k, inch, count)}
              fill={on ? "#b3361e" : "#4a4326"}
            />
          </g>
        );
      })}
      {inch && <rect x={W - INSET - 1} y={0} width={2} height={86} fill="#4a4326" pointerEvents="none" />}
      <g className="tight font-semibold" fill="#4a4326" pointerEvents="none">
        <text x={INSET + 5} y={105} fontSize={20}>
          {from}
        </text>
        <text x={W - INSET - 5} y={105} fontSize={20} textAnchor="end">
          {from + (inch ? 1 : 10)}
        </text>
        {at !== null && at !== 0 && at !== count && (
          <text x={clamp(INSET + at * step)} y={106} fontSize={21} textAnchor="middle" fill="#8f1d08">
            {inch ? fractionName(at, count) : from + at / 2}
          </text>
        )}
      </g>
    </svg>
  );
}

const clamp = (x: number): number => Math.max(100, Math.min(W - 100, x));
const metricAt = (pad: Pad): number | null =>
  pad.whole === "" ? null : (Number(pad.whole) - stripStart(pad)) * 2 + (pad.tick ?? 0);

function fractionName(k: number, count: number): string {
  const [n, d] = lowest((k * 32) / count);
  return n === 0 ? "whole inch" : `${n}/${d}`;
}

/** Longer ticks for coarser marks, as on a tape. */
function heightOf(k: number, inch: boolean, count: number): number {
  if (!inch) return k % 20 === 0 ? 86 : k % 10 === 0 ? 66 : k % 2 === 0 ? 48 : 28;
  if (k === 0) return 86;
  const [, d] = lowest((k * 32) / count);
  return d === 2 ? 70 : d === 4 ? 56 : d === 8 ? 42 : d === 16 ? 30 : 20;
}
