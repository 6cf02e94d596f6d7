import { sashCorners } from "../core/set/toe-heel.ts";
import type { HeldBy } from "../core/words/simulator.ts";
import { polygon, type Xy } from "./path.ts";

export const TOE_BOX = { width: 320, height: 340 };
const MARGIN = 46;

type PackerId = "foot" | "head" | "hinge-side" | "handle-side";

export type ToeDrawing = {
  readonly frame: string;
  readonly sash: string;
  readonly pane: string;
  readonly diagonal: string;
  /**
   * Packers at the two ends of each pair, the near one at the bar that is held. Inward is the way toward the pane, one long:
   * a packer dragged that way grows.
   */
  readonly packers: readonly { readonly id: PackerId; readonly at: Xy; readonly inward: Xy }[];
  /** Where the gap at the far end is written. */
  readonly figure: Xy;
};

/**
 * The sash as four bars, one of them held, to scale but for the drop, which is drawn so many times too large. Across is
 * from the held bar to the free one, along is the held bar's own length, both mm: for a side-hung sash its width and its
 * height, for one that hangs from its head or stands on its foot the other way about. Seen from the side the pane goes in.
 */
export function toeDrawing(sash: {
  readonly acrossMm: number;
  readonly alongMm: number;
  readonly dropMm: number;
  readonly times: number;
  readonly held: HeldBy;
  /** Side of the hinge; or the side that it leans to. */
  readonly side: "left" | "right";
  readonly dxMm: number;
  readonly dyMm: number;
}): ToeDrawing {
  const { width, height } = TOE_BOX;
  const [wide, high] = sash.held === "side" ? [sash.acrossMm, sash.alongMm] : [sash.alongMm, sash.acrossMm];
  const scale = Math.min((width - 2 * MARGIN) / wide, (height - 2 * MARGIN) / high);
  const [w, h] = [wide * scale, high * scale];
  const left = (width - w) / 2;
  const foot = (height + h) / 2;
  const drop = Math.max(-60, Math.min(60, sash.dropMm * sash.times)) / scale;
  /* From the model's frame, held bar at x = 0 with the drop toward y = 0, to the page. */
  const place = (p: { readonly x: number; readonly y: number }): Xy => {
    const [right, up] = sash.held === "side" ? [p.x, p.y] : [p.y, sash.held === "head" ? sash.acrossMm - p.x : p.x];
    const x = right * scale;
    return { x: sash.side === "left" ? left + x : left + w - x, y: foot - up * scale };
  };
  const corners = sashCorners({ widthMm: sash.acrossMm, heightMm: sash.alongMm }, Math.min(drop, sash.acrossMm * 0.5));
  const [a, b, c, d] = corners.map(place) as [Xy, Xy, Xy, Xy];
  const between = (p: Xy, q: Xy, t: number): Xy => ({ x: p.x + (q.x - p.x) * t, y: p.y + (q.y - p.y) * t });
  const inset = (t: number) => [between(a, c, t), between(b, d, t), between(c, a, t), between(d, b, t)] as const;
  const way = (p: Xy, q: Xy): Xy => {
    const long = Math.hypot(q.x - p.x, q.y - p.y) || 1;
    return { x: (q.x - p.x) / long, y: (q.y - p.y) / long };
  };
  const origin = place({ x: 0, y: 0 });
  const [acrossWay, alongWay] = [way(origin, place({ x: 1, y: 0 })), way(origin, place({ x: 0, y: 1 }))];
  const back = (v: Xy): Xy => ({ x: -v.x, y: -v.y });
  const [x, y] = [(sash.acrossMm - sash.dxMm) / 2 / sash.acrossMm, (sash.alongMm - sash.dyMm) / 2 / sash.alongMm];
  const grown = 10;
  return {
    frame: `M${left - grown} ${foot - h - grown}H${left + w + grown}V${foot + grown}H${left - grown}Z`,
    sash: polygon([a, b, c, d]),
    pane: polygon([...inset(0.06)]),
    diagonal: `M${a.x} ${a.y}L${c.x} ${c.y}`,
    packers: [
      { id: "foot", at: between(a, b, x), inward: alongWay },
      { id: "head", at: between(d, c, 1 - x), inward: back(alongWay) },
      { id: "hinge-side", at: between(a, d, y), inward: acrossWay },
      { id: "handle-side", at: between(b, c, 1 - y), inward: back(acrossWay) },
    ],
    figure: {
      x: Math.min(width - 34, Math.max(34, c.x)),
      y: sash.held === "head" ? Math.min(height - 8, foot + 32) : Math.max(14, foot - h - 20),
    },
  };
}
