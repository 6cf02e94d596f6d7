import { sashCorners } from "../core/set/toe-heel.ts";
import { polygon, type Xy } from "./path.ts";

export const TOE_BOX = { width: 320, height: 340 };
const MARGIN = 46;

export type ToeDrawing = {
  readonly frame: string;
  readonly sash: string;
  readonly pane: string;
  readonly diagonal: string;
  /** Packers: hinge foot, handle head; and the two side ones, at the hinge low and at the handle high. */
  readonly packers: readonly { readonly id: "foot" | "head" | "hinge-side" | "handle-side"; readonly at: Xy }[];
  readonly gaps: { readonly hinge: Xy; readonly handle: Xy };
};

/**
 * The sash on its hinges in its frame, to scale but for the drop, which is drawn so many times too large. Seen from the
 * side the pane goes in; the hinge may be on either side.
 */
export function toeDrawing(of: {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly dropMm: number;
  readonly times: number;
  readonly hinge: "left" | "right";
  readonly dxMm: number;
  readonly dyMm: number;
}): ToeDrawing {
  const { width, height } = TOE_BOX;
  const scale = Math.min((width - 2 * MARGIN) / of.widthMm, (height - 2 * MARGIN) / of.heightMm);
  const [w, h] = [of.widthMm * scale, of.heightMm * scale];
  const left = (width - w) / 2;
  const foot = (height + h) / 2;
  const drop = Math.max(-60, Math.min(60, of.dropMm * of.times)) / scale;
  const place = (p: { readonly x: number; readonly y: number }): Xy => {
    const x = p.x * scale;
    return { x: of.hinge === "left" ? left + x : left + w - x, y: foot - p.y * scale };
  };
  const corners = sashCorners({ widthMm: of.widthMm, heightMm: of.heightMm }, Math.min(drop, of.widthMm * 0.5));
  const [a, b, c, d] = corners.map(place) as [Xy, Xy, Xy, Xy];
  const between = (p: Xy, q: Xy, t: number): Xy => ({ x: p.x + (q.x - p.x) * t, y: p.y + (q.y - p.y) * t });
  const inset = (t: number) => [between(a, c, t), between(b, d, t), between(c, a, t), between(d, b, t)] as const;
  const grown = 10;
  return {
    frame: `M${left - grown} ${foot - h - grown}H${left + w + grown}V${foot + grown}H${left - grown}Z`,
    sash: polygon([a, b, c, d]),
    pane: polygon([...inset(0.06)]),
    diagonal: `M${a.x} ${a.y}L${c.x} ${c.y}`,
    packers: [
      { id: "foot", at: between(a, b, (of.widthMm - of.dxMm) / 2 / of.widthMm) },
      { id: "head", at: between(d, c, 1 - (of.widthMm - of.dxMm) / 2 / of.widthMm) },
      { id: "hinge-side", at: between(a, d, (of.heightMm - of.dyMm) / 2 / of.heightMm) },
      { id: "handle-side", at: between(b, c, 1 - (of.heightMm - of.dyMm) / 2 / of.heightMm) },
    ],
    gaps: { hinge: { x: d.x, y: foot - h - 20 }, handle: { x: c.x, y: foot - h - 20 } },
  };
}
