import type { Side } from "../core/geometry/quad.ts";
import { alongWay, type Way } from "../core/geometry/way.ts";
import type { PackerSpot } from "../core/set/packer-places.ts";
import { open, polygon, type Xy } from "./path.ts";

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

/**
 * A pane in its sash with its packers, to scale but for their thickness; the weight's way drawn as on a gate. One that is cut to
 * shape is drawn by its own sides, each from its left or its lower end, mm.
 */
export function packersDrawing(pane: {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly sides?: Readonly<Record<Side, Way>> | undefined;
  readonly blockMm: number;
  readonly spots: readonly PackerSpot[];
  readonly hinge: "left" | "right" | null;
}): PackersDrawing {
  const { width, height } = PACKERS_BOX;
  const scale = Math.min((width - 2 * MARGIN) / pane.widthMm, (height - 2 * MARGIN) / pane.heightMm);
  const [w, h] = [pane.widthMm * scale, pane.heightMm * scale];
  const [left, top] = [(width - w) / 2, (height - h) / 2];
  const half = Math.max(5, (pane.blockMm * scale) / 2);
  const sides = pane.sides ?? rectangleSides(pane.widthMm, pane.heightMm);
  const drawn = (p: Xy): Xy => ({ x: left + p.x * scale, y: top + h - p.y * scale });
  const block = (s: PackerSpot): { readonly d: string; readonly label: Xy } => {
    const { at, goes } = alongWay(sides[s.edge], s.atMm);
    // Out of the pane lies to the left of an edge that goes up on its left side or to the right along its head.
    const out = s.edge === "left" || s.edge === "top" ? { x: -goes.y, y: goes.x } : { x: goes.y, y: -goes.x };
    const from = drawn(at);
    const to = (along: number, off: number): Xy => ({
      x: from.x + goes.x * along + out.x * off,
      y: from.y - goes.y * along - out.y * off,
    });
    return {
      d: polygon([to(-half, 0), to(half, 0), to(half, THICK), to(-half, THICK)]),
      label: labelAt(s.edge, goes, to),
    };
  };
  const outline = [...sides.bottom, ...sides.top.toReversed()].map(drawn);
  const [headLeft, headRight] = [sides.left.at(-1), sides.right.at(-1)].map((p) => drawn(p ?? { x: 0, y: 0 }));
  const [footLeft, footRight] = [sides.left[0], sides.right[0]].map((p) => drawn(p ?? { x: 0, y: 0 }));
  const way = pane.hinge === "left" ? [headRight, footLeft] : pane.hinge === "right" ? [headLeft, footRight] : [];
  return {
    pane: polygon(outline),
    sash: polygon(outline.map((p) => awayFrom({ x: left + w / 2, y: top + h / 2 }, p, { w, h }))),
    blocks: pane.spots.map((s) => ({
      ...block(s),
      job: s.job,
      turned: s.edge === "left" || s.edge === "right",
      atMm: s.atMm,
    })),
    path: way.length === 0 ? null : open(way.flatMap((p) => p ?? [])),
  };
}

const rectangleSides = (w: number, h: number): Readonly<Record<Side, Way>> => {
  const [bl, br, tr, tl] = [
    { x: 0, y: 0 },
    { x: w, y: 0 },
    { x: w, y: h },
    { x: 0, y: h },
  ];
  return { bottom: [bl, br], right: [br, tr], top: [tl, tr], left: [bl, tl] };
};

/** Off its block, so that its figure stands clear of it and of the sash: beside a jamb, over a head and farther where that slopes, under a foot. */
const labelAt = (edge: Side, goes: Xy, to: (along: number, off: number) => Xy): Xy => {
  if (edge === "top") return to(0, THICK + 13 + 13 * Math.abs(goes.y));
  if (edge === "bottom") return to(0, THICK + 20);
  const beside = to(0, THICK + 12);
  return { x: beside.x, y: beside.y + 4 };
};

/** A corner of the sash's outline: the pane's own, so much farther from its middle. */
const awayFrom = (middle: Xy, p: Xy, size: { readonly w: number; readonly h: number }): Xy => ({
  x: middle.x + (p.x - middle.x) * (1 + (2 * (THICK + 8)) / size.w),
  y: middle.y + (p.y - middle.y) * (1 + (2 * (THICK + 8)) / size.h),
});
