import { SIDES, type Side } from "../core/geometry/quad.ts";
import { CORNERS, type Corner, type Joint, type Joints, MEETING } from "../core/takeout/beads.ts";
import { open, polygon, rectangle, type Xy } from "./path.ts";

/** The sash on the stage, in the drawing's own unit: room on all sides for what is said of corners and edges. */
export const BOARD_BOX = { width: 620, height: 520 };
const ROOM = { x: 136, y: 46 };
const FRAME = 26;
const STRIP = 22;
/** A sash narrower or lower than this is drawn at this: its parts must stay wide enough for a thumb. */
const SHAPE = { least: 0.42, most: 1.8 };

export type Box = { readonly left: number; readonly top: number; readonly width: number; readonly height: number };
export type Start = "middle" | "left" | "right" | "bottom" | "top";

export type Board = {
  readonly frame: string;
  /** Inside the frame: beads and glass. */
  readonly sash: Box;
  /** What can be seen of the glass. */
  readonly sight: Box;
  readonly strips: Readonly<Record<Side, string>>;
  /** Where the strips meet, as it was said; dashed where nobody said. */
  readonly seams: readonly { readonly d: string; readonly said: boolean }[];
  /** The middle of each side's strip, and a little outside the frame. */
  readonly sides: Readonly<Record<Side, { readonly on: Xy; readonly out: Xy }>>;
  readonly corners: Readonly<Record<Corner, { readonly on: Xy; readonly out: Xy }>>;
  /** A bar along each edge of the glass, between the corners. */
  readonly bars: Readonly<Record<Side, Box>>;
  /** Whether its width and height stand to each other as they were read. */
  readonly toShape: boolean;
};

/**
 * A sash as one stands before it: the frame, four strips with the seams of their corners, the glass, and where on it a
 * side, a corner or an edge is tapped.
 * @example 600 × 1200 // sash 204 wide, 428 high less the room round it
 */
export function boardOf(pane: { readonly widthMm: number; readonly heightMm: number; readonly joints: Joints }): Board {
  const told = pane.widthMm / pane.heightMm;
  const shape = Math.min(SHAPE.most, Math.max(SHAPE.least, told));
  const room = { w: BOARD_BOX.width - 2 * ROOM.x, h: BOARD_BOX.height - 2 * ROOM.y };
  const height = Math.min(room.h, room.w / shape);
  const width = height * shape;
  const outer: Box = {
    left: (BOARD_BOX.width - width) / 2,
    top: (BOARD_BOX.height - height) / 2,
    width,
    height,
  };
  const sash = inset(outer, FRAME);
  const sight = inset(sash, STRIP);
  const middle = { x: BOARD_BOX.width / 2, y: BOARD_BOX.height / 2 };
  const [x0, x1, y0, y1] = [sash.left, sash.left + sash.width, sash.top, sash.top + sash.height];
  const half = STRIP / 2;
  return {
    frame: `${boxPath(outer)}${boxPath(sash)}`,
    sash,
    sight,
    strips: mapSides((side) => strip(side, sash, pane.joints)),
    seams: CORNERS.map((c) => seam(c, sash, pane.joints[c])),
    sides: {
      left: { on: { x: x0 + half, y: middle.y }, out: { x: outer.left - 14, y: middle.y } },
      right: { on: { x: x1 - half, y: middle.y }, out: { x: outer.left + width + 14, y: middle.y } },
      bottom: { on: { x: middle.x, y: y1 - half }, out: { x: middle.x, y: outer.top + height + 18 } },
      top: { on: { x: middle.x, y: y0 + half }, out: { x: middle.x, y: outer.top - 12 } },
    },
    corners: {
      "bottom-left": at(x0, y1, half, -half, outer.left - 10, outer.top + height - 6),
      "bottom-right": at(x1, y1, -half, -half, outer.left + width + 10, outer.top + height - 6),
      "top-right": at(x1, y0, -half, half, outer.left + width + 10, outer.top + 14),
      "top-left": at(x0, y0, half, half, outer.left - 10, outer.top + 14),
    },
    bars: {
      left: { left: x0 + 4, top: y0 + 34, width: 14, height: y1 - y0 - 68 },
      right: { left: x1 - 18, top: y0 + 34, width: 14, height: y1 - y0 - 68 },
      bottom: { left: x0 + 34, top: y1 - 18, width: x1 - x0 - 68, height: 14 },
      top: { left: x0 + 34, top: y0 + 4, width: x1 - x0 - 68, height: 14 },
    },
    toShape: shape === told,
  };
}

/** A point on a strip, where the knife goes in: in its middle, or near the end named. */
export function onStrip(b: Board, side: Side, start: Start): Xy {
  const { on } = b.sides[side];
  const far = 0.36;
  const across = b.sash.width * far;
  const up = b.sash.height * far;
  switch (start) {
    case "middle":
      return on;
    case "left":
      return { x: on.x - across, y: on.y };
    case "right":
      return { x: on.x + across, y: on.y };
    case "bottom":
      return { x: on.x, y: on.y + up };
    case "top":
      return { x: on.x, y: on.y - up };
  }
}

/** Screws of a frame whose parts are screwed together: two a side, where they mostly are. */
export const screwsOn = (b: Board): readonly Xy[] =>
  SIDES.flatMap((side) => {
    const { on } = b.sides[side];
    const level = side === "top" || side === "bottom";
    return [-1, 1].map((turn) => ({
      x: on.x + (level ? turn * b.sash.width * 0.32 : 0),
      y: on.y + (level ? 0 : turn * b.sash.height * 0.32),
    }));
  });

export const boxPath = (b: Box): string => rectangle(b.left, b.top, b.width, b.height);

const inset = (b: Box, by: number): Box => ({
  left: b.left + by,
  top: b.top + by,
  width: b.width - 2 * by,
  height: b.height - 2 * by,
});

const at = (x: number, y: number, dx: number, dy: number, outX: number, outY: number) => ({
  on: { x: x + dx, y: y + dy },
  out: { x: outX, y: outY },
});

const mapSides = <T>(make: (side: Side) => T): Readonly<Record<Side, T>> =>
  Object.fromEntries(SIDES.map((s) => [s, make(s)])) as Record<Side, T>;

type End = "mitre" | "through" | "stops";

/** How a strip ends at a corner: cut to the mitre, running through to the frame, or stopping at the other. */
function endOf(side: Side, corner: Corner, joints: Joints): End {
  const joint = joints[corner];
  if (!joint || joint.kind === "mitred") return "mitre";
  return joint.side === side ? "through" : "stops";
}

function strip(side: Side, b: Box, joints: Joints): string {
  const [x0, x1, y0, y1] = [b.left, b.left + b.width, b.top, b.top + b.height];
  const inner = (end: End): number => (end === "through" ? 0 : STRIP);
  const outer = (end: End): number => (end === "stops" ? STRIP : 0);
  const end = (corner: Corner): End => endOf(side, corner, joints);
  const points = (corners: readonly [Corner, Corner], fixed: readonly [number, number], level: boolean) => {
    const [from, to] = level ? [x0, x1] : [y1, y0];
    const sign = level ? 1 : -1;
    const [near, far] = [end(corners[0]), end(corners[1])];
    const along = [
      from + sign * outer(near),
      to - sign * outer(far),
      to - sign * inner(far),
      from + sign * inner(near),
    ] as const;
    const across = [fixed[0], fixed[0], fixed[1], fixed[1]] as const;
    return polygon(along.map((a, i) => (level ? { x: a, y: across[i] ?? 0 } : { x: across[i] ?? 0, y: a })));
  };
  switch (side) {
    case "left":
      return points(["bottom-left", "top-left"], [x0, x0 + STRIP], false);
    case "right":
      return points(["bottom-right", "top-right"], [x1, x1 - STRIP], false);
    case "bottom":
      return points(["bottom-left", "bottom-right"], [y1, y1 - STRIP], true);
    case "top":
      return points(["top-left", "top-right"], [y0, y0 + STRIP], true);
  }
}

function seam(corner: Corner, b: Box, joint: Joint | undefined): { readonly d: string; readonly said: boolean } {
  const left = corner.endsWith("left");
  const top = corner.startsWith("top");
  const outer: Xy = { x: left ? b.left : b.left + b.width, y: top ? b.top : b.top + b.height };
  const inner: Xy = { x: outer.x + (left ? STRIP : -STRIP), y: outer.y + (top ? STRIP : -STRIP) };
  if (!joint || joint.kind === "mitred") return { d: open([outer, inner]), said: joint !== undefined };
  const upright = joint.side === MEETING[corner][0];
  return { d: open([upright ? { x: inner.x, y: outer.y } : { x: outer.x, y: inner.y }, inner]), said: true };
}
