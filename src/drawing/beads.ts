import type { Side } from "../core/geometry/quad.ts";
import { CORNERS, type Joints, MEETING } from "../core/takeout/beads.ts";
import { open, polygon, type Xy } from "./path.ts";

export const BEADS_BOX = { width: 240, height: 300 };

type Start = "middle" | "left" | "right" | "bottom" | "top";
export type BeadsDrawing = {
  readonly glass: string;
  readonly beads: readonly {
    readonly side: Side;
    readonly d: string;
    readonly label: Xy;
    readonly at: Readonly<Partial<Record<Start, Xy>>>;
  }[];
  /** The joints as they were said: a slant, or a line across. */
  readonly seams: readonly string[];
};

const WIDE = 30;
const EDGE = 12;

/** Four beads as one looks at them, with the seam of each corner: diagonal for a mitre, straight where one runs through. */
export function beadDrawing(joints: Joints): BeadsDrawing {
  const [x0, x1, y0, y1] = [EDGE, BEADS_BOX.width - EDGE, EDGE, BEADS_BOX.height - EDGE];
  const rect = (a: number, b: number, c: number, d: number): string =>
    polygon([
      { x: a, y: b },
      { x: c, y: b },
      { x: c, y: d },
      { x: a, y: d },
    ]);
  const mid = (a: number, b: number): number => (a + b) / 2;
  const far = 70;
  const upright = (side: Side, x: number): BeadsDrawing["beads"][number] => ({
    side,
    d: rect(x, y0, x + WIDE, y1),
    label: { x: x + WIDE / 2, y: mid(y0, y1) - 26 },
    at: {
      middle: { x: x + WIDE / 2, y: mid(y0, y1) + 6 },
      top: { x: x + WIDE / 2, y: y0 + far },
      bottom: { x: x + WIDE / 2, y: y1 - far },
    },
  });
  const level = (side: Side, y: number): BeadsDrawing["beads"][number] => ({
    side,
    d: rect(x0, y, x1, y + WIDE),
    label: { x: mid(x0, x1) - 26, y: y + WIDE / 2 },
    at: {
      middle: { x: mid(x0, x1) + 6, y: y + WIDE / 2 },
      left: { x: x0 + far, y: y + WIDE / 2 },
      right: { x: x1 - far, y: y + WIDE / 2 },
    },
  });
  const corner: Readonly<Record<(typeof CORNERS)[number], { readonly outer: Xy; readonly inner: Xy }>> = {
    "bottom-left": { outer: { x: x0, y: y1 }, inner: { x: x0 + WIDE, y: y1 - WIDE } },
    "bottom-right": { outer: { x: x1, y: y1 }, inner: { x: x1 - WIDE, y: y1 - WIDE } },
    "top-right": { outer: { x: x1, y: y0 }, inner: { x: x1 - WIDE, y: y0 + WIDE } },
    "top-left": { outer: { x: x0, y: y0 }, inner: { x: x0 + WIDE, y: y0 + WIDE } },
  };
  return {
    glass: rect(x0 + WIDE, y0 + WIDE, x1 - WIDE, y1 - WIDE),
    beads: [upright("left", x0), upright("right", x1 - WIDE), level("bottom", y1 - WIDE), level("top", y0)],
    seams: CORNERS.flatMap((c) => {
      const joint = joints[c];
      if (!joint) return [];
      const { outer, inner } = corner[c];
      if (joint.kind === "mitred") return [open([outer, inner])];
      // The seam runs across the end of the one that butts, or under the one that laps.
      const through = joint.side === MEETING[c][0];
      return [
        through
          ? open([
              { x: inner.x, y: outer.y },
              { x: inner.x, y: inner.y },
            ])
          : open([
              { x: outer.x, y: inner.y },
              { x: inner.x, y: inner.y },
            ]),
      ];
    }),
  };
}
