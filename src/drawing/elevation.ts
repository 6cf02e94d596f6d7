import { cornersOf, type Placed } from "../core/geometry/placing.ts";
import type { Quad } from "../core/geometry/quad.ts";
import type { OpeningPlace } from "../core/measure/places.ts";
import type { Looks } from "../core/specify/looks.ts";
import { open, polygon, type Xy } from "./path.ts";

export type ElevationInput = {
  /** The opening in mm, bottom left at (0,0), y up; null while it is not known. */
  readonly quad: Quad | null;
  readonly placed: Placed | null;
  /** A pane of the opening's own shape, mm, instead of the placed rectangle. */
  readonly shape?: Quad | undefined;
  /** An arched opening and the pane for it, mm, point for point, and how high the jambs are: instead of both. */
  readonly arch?:
    | { readonly opening: readonly Xy[]; readonly pane: readonly Xy[]; readonly spring: number }
    | undefined;
  /** The size is of its own frame, over all: that is drawn round it, and its glass inside. */
  readonly overAll?: boolean | undefined;
  /** Corners of the pane where the rebate must be eased, mm, and by how much. */
  readonly eased?: readonly { readonly at: Xy; readonly by: number }[];
  /** Stand-in size while the opening is not known, mm. */
  readonly about: { readonly width: number; readonly height: number };
  /** The drawing's box in its own unit. */
  readonly box: { readonly width: number; readonly height: number };
  /** Room for the dimension lines round it. */
  readonly margin: number;
};

/**
 * Lines across a pane that is drawn, each through the pane's own sides at these shares: bars, or a pattern's direction.
 * @example one upright at 0.5 // from the middle of the foot to the middle of the head
 */
export function linesAcross(
  corners: readonly [Xy, Xy, Xy, Xy],
  uprights: readonly number[],
  crosses: readonly number[],
): readonly string[] {
  const [bl, br, tr, tl] = corners;
  return [
    ...uprights.map((t) => open([mid(bl, br, t), mid(tl, tr, t)])),
    ...crosses.map((t) => open([mid(bl, tl, t), mid(br, tr, t)])),
  ];
}

const PATTERN_LINES = 9;

/** Which way a pattern runs, as thin lines at even shares. */
export const patternLines = (corners: readonly [Xy, Xy, Xy, Xy], runs: Looks["runs"]): readonly string[] => {
  const shares = Array.from({ length: PATTERN_LINES }, (_, i) => (i + 1) / (PATTERN_LINES + 1));
  return linesAcross(corners, runs === "up" ? shares : [], runs === "across" ? shares : []);
};

export type Span = {
  readonly place: OpeningPlace;
  readonly from: Xy;
  readonly to: Xy;
  /** Where its figure stands, and how it is turned: "up" reads from below to above. */
  readonly label: Xy;
  readonly turned: "flat" | "up";
};

export type Elevation = {
  readonly frame: string;
  readonly opening: string;
  /** The opening's corners in the drawing: bottom left, bottom right, top right, top left. */
  readonly corners: readonly [Xy, Xy, Xy, Xy];
  readonly pane: string | null;
  /** The pane's own corners in the drawing, as above; null while it is not known. */
  readonly paneCorners: readonly [Xy, Xy, Xy, Xy] | null;
  readonly middle: Xy;
  readonly eased: readonly { readonly at: Xy; readonly label: Xy; readonly by: number }[];
  readonly spans: readonly Span[];
  /** Deviations from square, and the gaps, are drawn so many times too large. */
  readonly exaggeration: number;
  readonly known: boolean;
};

const FACTORS: readonly number[] = [1, 2, 3, 4, 5, 6, 8, 10];
/** Deviations are enlarged until the largest is about this share of the opening. */
const SHARE = 0.035;

type Corners = readonly [Xy, Xy, Xy, Xy];

/**
 * The opening and its pane as seen from the side the pane goes in, to scale but for what is out of square: that, and
 * the gaps with it, is drawn a stated number of times too large, or nobody would see it.
 */
export function elevationOf(input: ElevationInput): Elevation {
  const quad = input.quad ?? squareQuad(input.about.width, input.about.height);
  const corners: Corners = [quad.bl, quad.br, quad.tr, quad.tl];
  const base = baseOf(corners);
  const p = input.shape ?? (input.placed && cornersOf(input.placed));
  const pane: Corners | null = p && [p.bl, p.br, p.tr, p.tl];
  const exaggeration = input.quad ? factorFor(corners, base) : 1;
  const swell = (points: Corners): Corners => points.map((pt, i) => away(pt, base[i] ?? pt, exaggeration)) as never;
  const toBox = fitTo(swell(corners), input);
  const openingAt = swell(corners).map(toBox) as unknown as Corners;
  const inBox = (points: readonly Xy[]): string => polygon(points.map(toBox));
  const face = input.margin * 0.42;
  const frameAt = input.overAll ? openingAt : grow(openingAt, face);
  const [bl, br, tr, tl] = openingAt;
  const inside = polygon(grow(openingAt, -face));
  return {
    frame: polygon(frameAt),
    opening: input.arch ? inBox(input.arch.opening) : input.overAll ? inside : polygon(openingAt),
    corners: openingAt,
    pane: input.arch
      ? inBox(input.arch.pane.map((p, i) => away(p, input.arch?.opening[i] ?? p, exaggeration)))
      : pane && (input.overAll ? inside : polygon(swell(pane).map(toBox))),
    paneCorners: pane && (swell(pane).map(toBox) as unknown as Corners),
    middle: { x: (bl.x + br.x + tr.x + tl.x) / 4, y: (bl.y + br.y + tr.y + tl.y) / 4 },
    eased: (input.eased ?? []).map(({ at, by }) => {
      const near = nearest(at, base);
      const point = toBox(away(at, base[near] ?? at, exaggeration));
      const inward = openingAt[(near + 2) % 4] ?? point;
      return { at: point, label: mid(point, inward, 0.07), by };
    }),
    spans: spansOf(
      openingAt,
      frameAt,
      corners,
      input.arch ? input.arch.spring / Math.max(...input.arch.opening.map((p) => p.y)) : 1,
    ),
    exaggeration,
    known: input.quad !== null,
  };
}

const squareQuad = (w: number, h: number): Quad => ({
  bl: { x: 0, y: 0 },
  br: { x: w, y: 0 },
  tr: { x: w, y: h },
  tl: { x: 0, y: h },
});

/** The true rectangle that lies most like the opening. */
function baseOf([bl, br, tr, tl]: Corners): Corners {
  const left = (bl.x + tl.x) / 2;
  const right = (br.x + tr.x) / 2;
  const bottom = (bl.y + br.y) / 2;
  const top = (tl.y + tr.y) / 2;
  return [
    { x: left, y: bottom },
    { x: right, y: bottom },
    { x: right, y: top },
    { x: left, y: top },
  ];
}

function factorFor(corners: Corners, base: Corners): number {
  const size = Math.max(base[2].x - base[0].x, base[2].y - base[0].y);
  const off = Math.max(...corners.map((c, i) => Math.hypot(c.x - (base[i]?.x ?? c.x), c.y - (base[i]?.y ?? c.y))));
  const wanted = off > 0 ? (size * SHARE) / off : 6;
  return FACTORS.findLast((f) => f <= Math.min(wanted, 10)) ?? 1;
}

const away = (p: Xy, from: Xy, times: number): Xy => ({
  x: from.x + (p.x - from.x) * times,
  y: from.y + (p.y - from.y) * times,
});

/** Which corner of a figure a point is nearest to. */
function nearest(p: Xy, corners: Corners): number {
  const far = corners.map((c) => Math.hypot(c.x - p.x, c.y - p.y));
  return far.indexOf(Math.min(...far));
}

function fitTo(corners: Corners, input: ElevationInput): (p: Xy) => Xy {
  const xs = corners.map((c) => c.x);
  const ys = corners.map((c) => c.y);
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const room = { w: input.box.width - 2 * input.margin, h: input.box.height - 2 * input.margin };
  const scale = Math.min(room.w / Math.max(x1 - x0, 1), room.h / Math.max(y1 - y0, 1));
  const left = (input.box.width - (x1 - x0) * scale) / 2;
  const top = (input.box.height - (y1 - y0) * scale) / 2;
  return (p) => ({ x: left + (p.x - x0) * scale, y: top + (y1 - p.y) * scale });
}

function grow([bl, br, tr, tl]: Corners, by: number): Corners {
  return [
    { x: bl.x - by, y: bl.y + by },
    { x: br.x + by, y: br.y + by },
    { x: tr.x + by, y: tr.y - by },
    { x: tl.x - by, y: tl.y - by },
  ];
}

const mid = (a: Xy, b: Xy, t = 0.5): Xy => ({ x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t });

/** A side that strays by more than this of its length was made so: nothing that is out of square is. */
const SLOPE = 0.06;
const slopes = (a: Xy, b: Xy, along: "x" | "y"): boolean => {
  const across = along === "x" ? "y" : "x";
  return Math.abs(b[across] - a[across]) > SLOPE * Math.abs(b[along] - a[along]);
};

/**
 * @param made - the opening's corners in mm, with nothing of it enlarged: what slopes there was made so
 * @param spring - where an arched head springs, as a share of the height: the jambs are no taller
 */
function spansOf([bl, br, tr, tl]: Corners, frame: Corners, made: Corners, spring: number): readonly Span[] {
  const [madeBl, madeBr, madeTr, madeTl] = made;
  const [springLeft, springRight] = [mid(bl, tl, spring), mid(br, tr, spring)];
  const [fbl, fbr, ftr, ftl] = frame;
  const above = Math.min(ftl.y, ftr.y) - 13;
  const below = Math.max(fbl.y, fbr.y) + 15;
  const leftOf = Math.min(fbl.x, ftl.x) - 14;
  const rightOf = Math.max(fbr.x, ftr.x) + 14;
  const flat = (place: OpeningPlace, a: Xy, b: Xy, y: number): Span => ({
    place,
    from: { x: a.x, y },
    to: { x: b.x, y },
    label: { x: (a.x + b.x) / 2, y },
    turned: "flat",
  });
  const upright = (place: OpeningPlace, a: Xy, b: Xy, x: number): Span => ({
    place,
    from: { x, y: a.y },
    to: { x, y: b.y },
    label: { x, y: (a.y + b.y) / 2 },
    turned: "up",
  });
  // Under an arch the crown's line and the size stand where the middle width would.
  const isArched = spring < 1;
  const up = isArched ? 0.86 * spring : 0.68;
  const left = mid(bl, tl, up);
  const right = mid(br, tr, up);
  // The crown of an arch is in its middle.
  const across = isArched ? 0.5 : 0.24;
  const foot = mid(bl, br, across);
  const head = mid(tl, tr, across);
  const slanting = (place: OpeningPlace, from: Xy, to: Xy, t: number): Span => ({
    place,
    from,
    to,
    label: mid(from, to, t),
    turned: "flat",
  });
  // Beside a slope its own length is dimensioned, and not the level below it.
  const [overLeft, overRight] = [
    { x: tl.x, y: ftl.y - 13 },
    { x: tr.x, y: ftr.y - 13 },
  ];
  const jamb = (at: Xy, frame: Xy, by: number): Xy => ({ x: frame.x + by, y: at.y });
  const [leftFoot, leftHead] = [jamb(bl, fbl, -14), jamb(springLeft, ftl, -14)];
  const [rightFoot, rightHead] = [jamb(br, fbr, 14), jamb(springRight, ftr, 14)];
  return [
    slopes(madeTl, madeTr, "x") ? slanting("width-top", overLeft, overRight, 0.5) : flat("width-top", tl, tr, above),
    { place: "width-middle", from: left, to: right, label: mid(left, right, isArched ? 0.25 : 0.62), turned: "flat" },
    flat("width-bottom", bl, br, below),
    slopes(madeBl, madeTl, "y")
      ? { ...slanting("height-left", leftFoot, leftHead, 0.5), turned: "up" }
      : upright("height-left", bl, springLeft, leftOf),
    { place: "height-middle", from: foot, to: head, label: mid(foot, head, 0.5), turned: "up" },
    slopes(madeBr, madeTr, "y")
      ? { ...slanting("height-right", rightFoot, rightHead, 0.5), turned: "up" }
      : upright("height-right", br, springRight, rightOf),
    slanting("diagonal-up", bl, springRight, 0.84),
    slanting("diagonal-down", springLeft, br, 0.84),
  ];
}

/** How far along each side a tape is held for each place, when only the place is shown. */
const HELD: Readonly<Record<OpeningPlace, number>> = {
  "width-top": 0.94,
  "width-middle": 0.5,
  "width-bottom": 0.06,
  "height-left": 0.08,
  "height-middle": 0.5,
  "height-right": 0.92,
  "diagonal-up": 0,
  "diagonal-down": 0,
};

/** Where the tape is held for a place, across the opening itself: for the small drawing on a phone. */
export function heldAt(e: Elevation, place: OpeningPlace): { readonly from: Xy; readonly to: Xy } {
  const [bl, br, tr, tl] = e.corners;
  const t = HELD[place];
  if (place === "diagonal-up") return { from: bl, to: tr };
  if (place === "diagonal-down") return { from: tl, to: br };
  return place.startsWith("width")
    ? { from: mid(bl, tl, t), to: mid(br, tr, t) }
    : { from: mid(bl, br, t), to: mid(tl, tr, t) };
}

/** The line of a span, as a path. */
export const spanPath = (s: Span): string => open([s.from, s.to]);
