import { rectangle } from "./path.ts";

export const SEAL_BOX = { width: 330, height: 190 };
const FACE = { left: 20, top: 16, most: 150 };
const CUT = { left: 190, foot: 150, scaleMost: 7 };

export type SealDrawing = {
  readonly pane: string;
  readonly line: string;
  readonly corners: readonly { readonly x: number; readonly y: number }[];
  readonly leg: string;
  readonly glass: string;
  readonly run: { readonly x: number; readonly y: number; readonly r: number };
  readonly pressed: string;
  readonly sight: string;
  readonly from: { readonly d: string; readonly x: number; readonly y: number };
};

/**
 * The bead of sealant on the elevation, corners fuller, and in section on its leg: as it is run and as it is pressed.
 * Both to scale; the elevation's distance from the edge is drawn large enough to be seen.
 */
export function sealDrawing(of: {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly legMm: number;
  readonly bedMm: number;
  readonly beadMm: number;
  readonly spreadMm: number;
  readonly fromSightMm: number;
}): SealDrawing {
  const k = FACE.most / Math.max(of.widthMm, of.heightMm);
  const [w, h] = [of.widthMm * k, of.heightMm * k];
  const inset = 7;
  const [x0, y0, x1, y1] = [FACE.left + inset, FACE.top + inset, FACE.left + w - inset, FACE.top + h - inset];
  const s = Math.min(CUT.scaleMost, 110 / of.legMm);
  const y = (mm: number): number => CUT.foot - mm * s;
  const middle = of.legMm - of.fromSightMm;
  const legX = CUT.left + 30;
  return {
    pane: rectangle(FACE.left, FACE.top, w, h),
    line: rectangle(x0, y0, x1 - x0, y1 - y0),
    corners: [
      { x: x0, y: y0 },
      { x: x1, y: y0 },
      { x: x1, y: y1 },
      { x: x0, y: y1 },
    ],
    leg: rectangle(legX - 14, y(of.legMm), 14, of.legMm * s),
    glass: rectangle(legX + of.bedMm * s, y(of.legMm) - 26, 4 * s, of.legMm * s + 22),
    run: { x: legX + (of.beadMm * s) / 2, y: y(middle), r: (of.beadMm * s) / 2 },
    pressed: rectangle(legX, y(middle + of.spreadMm / 2), of.bedMm * s, of.spreadMm * s),
    sight: `M${CUT.left - 6} ${y(of.legMm)}H${legX + of.bedMm * s + 4 * s + 16}`,
    from: {
      d: `M${legX + of.bedMm * s + 4 * s + 8} ${y(of.legMm)}V${y(middle)}`,
      x: legX + of.bedMm * s + 4 * s + 13,
      y: (y(of.legMm) + y(middle)) / 2 + 4,
    },
  };
}
