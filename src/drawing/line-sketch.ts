import { chordOf } from "./chord.ts";
import { rectangle } from "./path.ts";

/** Corner of a shaped pane in mm. */
type Corner = { readonly x: number; readonly y: number };

const corners = (w: number, h: number): readonly Corner[] => [
  { x: 0, y: 0 },
  { x: w, y: 0 },
  { x: w, y: h },
  { x: 0, y: h },
];

/**
 * A pane of an order to scale in a box, with its bars: small enough to stand beside its line. Paths in the box's own unit,
 * y down.
 */
export function lineSketch(line: {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly corners?: readonly Corner[] | undefined;
  readonly uprights: readonly number[];
  readonly crosses: readonly number[];
  readonly box: number;
}): {
  readonly outline: string;
  /** The same corner by corner. */
  readonly corners: readonly Corner[];
  readonly bars: readonly string[];
  readonly width: number;
  readonly height: number;
} {
  const scale = line.box / Math.max(line.widthMm, line.heightMm, 1);
  const [w, h] = [line.widthMm * scale, line.heightMm * scale];
  const at = (c: Corner) => `${(c.x * scale).toFixed(2)} ${(h - c.y * scale).toFixed(2)}`;
  const outline = line.corners ?? corners(line.widthMm, line.heightMm);
  const round = (v: number): number => Math.round(v * 100) / 100;
  return {
    outline: line.corners ? `M${line.corners.map(at).join("L")}Z` : rectangle(0, 0, round(w), round(h)),
    corners: outline.map((c) => ({ x: c.x * scale, y: h - c.y * scale })),
    bars: [
      ...line.uprights.flatMap((x) => {
        const chord = chordOf(outline, true, x);
        return chord ? [`M${round(x * scale)} ${round(h - chord.to * scale)}V${round(h - chord.from * scale)}`] : [];
      }),
      ...line.crosses.flatMap((y) => {
        const chord = chordOf(outline, false, y);
        return chord ? [`M${round(chord.from * scale)} ${round(h - y * scale)}H${round(chord.to * scale)}`] : [];
      }),
    ],
    width: round(w),
    height: round(h),
  };
}
