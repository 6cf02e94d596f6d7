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
export function sealDrawing(bead: {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly legMm: number;
  readonly bedMm: number;
  readonly beadMm: number;
  readonly spreadMm: number;
  readonly fromSightMm: number;
}): SealDrawing {
  const k = FACE.most / Math.max(bead.widthMm, bead.heightMm);
  const [w, h] = [bead.widthMm * k, bead.heightMm * k];
  const inset = 7;
  const [x0, y0, x1, y1] = [FACE.left + inset, FACE.top + inset, FACE.left + w - inset, FACE.top + h - inset];
  const s = Math.min(CUT.scaleMost, 110 / bead.legMm);
  const y = (mm: number): number => CUT.foot - mm * s;
  const middle = bead.legMm - bead.fromSightMm;
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
    leg: rectangle(legX - 14, y(bead.legMm), 14, bead.legMm * s),
    glass: rectangle(legX + bead.bedMm * s, y(bead.legMm) - 26, 4 * s, bead.legMm * s + 22),
    run: { x: legX + (bead.beadMm * s) / 2, y: y(middle), r: (bead.beadMm * s) / 2 },
    pressed: rectangle(legX, y(middle + bead.spreadMm / 2), bead.bedMm * s, bead.spreadMm * s),
    sight: `M${CUT.left - 6} ${y(bead.legMm)}H${legX + bead.bedMm * s + 4 * s + 16}`,
    from: {
      d: `M${legX + bead.bedMm * s + 4 * s + 8} ${y(bead.legMm)}V${y(middle)}`,
      x: legX + bead.bedMm * s + 4 * s + 13,
      y: (y(bead.legMm) + y(middle)) / 2 + 4,
    },
  };
}
