import { rectangle } from "./path.ts";

/** Corner of a shaped pane in mm. */
type Corner = { readonly x: number; readonly y: number };

/**
 * A pane of an order to scale in a box, with its bars: small enough to stand beside its line. Paths in the box's own unit,
 * y down.
 */
export function lineSketch(of: {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly corners?: readonly Corner[] | undefined;
  readonly uprights: readonly number[];
  readonly crosses: readonly number[];
  readonly box: number;
}): { readonly outline: string; readonly bars: readonly string[]; readonly width: number; readonly height: number } {
  const scale = of.box / Math.max(of.widthMm, of.heightMm, 1);
  const [w, h] = [of.widthMm * scale, of.heightMm * scale];
  const at = (c: Corner) => `${(c.x * scale).toFixed(2)} ${(h - c.y * scale).toFixed(2)}`;
  const round = (v: number): number => Math.round(v * 100) / 100;
  return {
    outline: of.corners ? `M${of.corners.map(at).join("L")}Z` : rectangle(0, 0, round(w), round(h)),
    bars: [
      ...of.uprights.map((x) => `M${round(x * scale)} 0V${round(h)}`),
      ...of.crosses.map((y) => `M0 ${round(h - y * scale)}H${round(w)}`),
    ],
    width: round(w),
    height: round(h),
  };
}
