import type { PackerSpot } from "../core/set/packer-places.ts";
import type { Xy } from "./path.ts";
import { rectangle } from "./path.ts";

export const PACKERS_BOX = { width: 260, height: 300 };
const MARGIN = 44;
const THICK = 9;

export type PackersDrawing = {
  readonly pane: string;
  readonly sash: string;
  readonly blocks: readonly {
    readonly d: string;
    readonly job: PackerSpot["job"];
    readonly label: Xy;
    readonly turned: boolean;
    readonly atMm: number;
  }[];
  /** The way the weight goes, from the handle's head to the hinge's foot; null where nothing hangs on a side. */
  readonly path: string | null;
};

/** A pane in its sash with its packers, to scale but for their thickness; the weight's way drawn as on a gate. */
export function packersDrawing(of: {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly blockMm: number;
  readonly spots: readonly PackerSpot[];
  readonly hinge: "left" | "right" | null;
}): PackersDrawing {
  const { width, height } = PACKERS_BOX;
  const scale = Math.min((width - 2 * MARGIN) / of.widthMm, (height - 2 * MARGIN) / of.heightMm);
  const [w, h] = [of.widthMm * scale, of.heightMm * scale];
  const [left, top] = [(width - w) / 2, (height - h) / 2];
  const half = Math.max(5, (of.blockMm * scale) / 2);
  const at = (s: PackerSpot): { readonly d: string; readonly label: Xy } => {
    const level = s.edge === "top" || s.edge === "bottom";
    const x = level ? left + s.atMm * scale : s.edge === "left" ? left - THICK : left + w;
    const y = level ? (s.edge === "top" ? top - THICK : top + h) : top + h - s.atMm * scale;
    return level
      ? { d: rectangle(x - half, y, 2 * half, THICK), label: { x, y: s.edge === "top" ? y - 13 : y + THICK + 20 } }
      : {
          d: rectangle(x, y - half, THICK, 2 * half),
          label: { x: s.edge === "left" ? x - 12 : x + THICK + 12, y: y + 4 },
        };
  };
  return {
    pane: rectangle(left, top, w, h),
    sash: rectangle(left - THICK - 8, top - THICK - 8, w + 2 * (THICK + 8), h + 2 * (THICK + 8)),
    blocks: of.spots.map((s) => ({
      ...at(s),
      job: s.job,
      turned: s.edge === "left" || s.edge === "right",
      atMm: s.atMm,
    })),
    path:
      of.hinge === null
        ? null
        : of.hinge === "left"
          ? `M${left + w} ${top}L${left} ${top + h}`
          : `M${left} ${top}L${left + w} ${top + h}`,
  };
}
