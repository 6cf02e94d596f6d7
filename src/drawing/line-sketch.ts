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

/** The same as an SVG of its own, for a printed page. */
export function sketchSvg(s: ReturnType<typeof lineSketch>): string {
  const pad = 2;
  const path = (d: string, width: number) => `<path d="${d}" fill="none" stroke="#22252a" stroke-width="${width}"/>`;
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${s.width + 2 * pad}" height="${s.height + 2 * pad}" viewBox="${-pad} ${-pad} ${s.width + 2 * pad} ${s.height + 2 * pad}"><path d="${s.outline}" fill="#dcebe4" stroke="#22252a" stroke-width="1"/>${s.bars.map((b) => path(b, 1.4)).join("")}</svg>`;
}
