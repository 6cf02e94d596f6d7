import { line, scaleLinear } from "d3";
import { centreHeat, corrected, mixed, UNCOATED, USUAL_FILL } from "../core/specify/heat.ts";
import { makeText } from "../core/units/inch-make.ts";
import type { LengthUnit } from "../core/units/length.ts";
import { BTU_PER_WATT } from "../core/words/heat.ts";

export type HeatChartInput = {
  readonly glassMm: number;
  readonly emissivity: number;
  readonly marked: readonly {
    readonly name: string;
    readonly cavityMm: number;
    readonly heat: number;
    readonly on: boolean;
  }[];
  /** Whose marks stand under it. */
  readonly unit: LengthUnit;
  readonly box: { readonly width: number; readonly height: number };
};

export type HeatChart = {
  readonly curves: readonly {
    readonly name: string;
    readonly d: string;
    readonly label: { readonly x: number; readonly y: number };
  }[];
  readonly marks: readonly { readonly name: string; readonly x: number; readonly y: number; readonly on: boolean }[];
  readonly xTicks: readonly { readonly x: number; readonly text: string }[];
  readonly yTicks: readonly { readonly y: number; readonly text: string }[];
  readonly floor: number;
  readonly left: number;
  readonly right: number;
};

const EDGE = { left: 30, right: 96, top: 10, bottom: 26 };
const WIDEST = 24;
const TICKS_MM: Readonly<Record<LengthUnit, readonly number[]>> = {
  mm: [4, 8, 12, 16, 20, 24],
  in: [1, 2, 3, 4, 5, 6, 7].map((eighths) => (eighths * 25.4) / 8),
};

const TICKS_HEAT: Readonly<Record<LengthUnit, readonly string[]>> = {
  mm: ["0", "1", "2", "3"],
  in: ["0", "0.2", "0.4", "0.6"],
};

/** Names at the ends of the curves stand so far apart, whatever the curves do. */
const NAME_APART = 15;

/** Heights going down, each at least so far below the one before; the last stays where it is and the others move up. */
function spread(at: readonly number[], apart: number): readonly number[] {
  const out = [...at];
  for (let i = out.length - 2; i >= 0; i--) out[i] = Math.min(out[i] ?? 0, (out[i + 1] ?? 0) - apart);
  return out;
}

/** Heat loss against the width of one cavity: plain, coated, and coated with argon, with what is offered marked on it. */
export function heatChart(input: HeatChartInput): HeatChart {
  const x = scaleLinear([4, WIDEST], [EDGE.left, input.box.width - EDGE.right]);
  const y = scaleLinear([0, 3.6], [input.box.height - EDGE.bottom, EDGE.top]);
  const coat = corrected(input.emissivity);
  const kinds = [
    { name: "plain, air", gas: mixed("air", 1), faces: [UNCOATED, UNCOATED] },
    { name: "coated, air", gas: mixed("air", 1), faces: [UNCOATED, coat] },
    { name: "coated, argon", gas: mixed("argon", USUAL_FILL), faces: [UNCOATED, coat] },
  ] as const;
  const widths = Array.from({ length: (WIDEST - 4) * 2 + 1 }, (_, i) => 4 + i / 2);
  const path = line<readonly [number, number]>(
    ([w]) => x(w),
    ([, u]) => y(u),
  );
  const drawn = kinds.map((k) => {
    const points = widths.map(
      (w) =>
        [w, centreHeat({ glassMm: input.glassMm, cavities: [{ widthMm: w, gas: k.gas, faces: k.faces }] })] as const,
    );
    return { name: k.name, d: path(points) ?? "", end: y(points.at(-1)?.[1] ?? 0) + 4 };
  });
  const names = spread(
    drawn.map((c) => c.end),
    NAME_APART,
  );
  return {
    curves: drawn.map(({ name, d, end }, i) => ({ name, d, label: { x: x(WIDEST) + 5, y: names[i] ?? end } })),
    marks: input.marked.map((m) => ({ name: m.name, x: x(Math.min(WIDEST, m.cavityMm)), y: y(m.heat), on: m.on })),
    xTicks: TICKS_MM[input.unit].map((w) => ({ x: x(w), text: makeText(w) })),
    yTicks: TICKS_HEAT[input.unit].map((text) => ({
      y: y(Number(text) / (input.unit === "mm" ? 1 : BTU_PER_WATT)),
      text,
    })),
    floor: y(0),
    left: EDGE.left,
    right: input.box.width - EDGE.right,
  };
}
