import type { Clearance } from "../geometry/largest.ts";
import type { Point } from "../geometry/point.ts";
import { edgesOf, isSound, type Quad } from "../geometry/quad.ts";

/** The figure with its clearance taken off each side, where it lies. Undefined when nothing is left. */
export function shapeWithin(q: Quad, clearance: Clearance): Quad | undefined {
  const edges = edgesOf(q);
  const line = (side: keyof Clearance): { readonly n: Point; readonly at: number } => {
    const { inward: n, from } = edges[side];
    return { n, at: n.x * from.x + n.y * from.y + clearance[side] };
  };
  const meet = (a: keyof Clearance, b: keyof Clearance): Point => {
    const [p, r] = [line(a), line(b)];
    const d = p.n.x * r.n.y - p.n.y * r.n.x;
    return { x: (p.at * r.n.y - r.at * p.n.y) / d, y: (r.at * p.n.x - p.at * r.n.x) / d };
  };
  const inner: Quad = {
    bl: meet("left", "bottom"),
    br: meet("right", "bottom"),
    tr: meet("right", "top"),
    tl: meet("left", "top"),
  };
  return isSound(inner) ? inner : undefined;
}

/**
 * A pane of the opening's own shape: the figure with its clearance taken off each side. Corner points in mm from its own
 * bottom left, bottom edge along x. Undefined when nothing is left.
 * @example a true 600 × 900 with 1.5 all round // 597 × 897
 */
export function shapedPane(q: Quad, clearance: Clearance): Quad | undefined {
  const inner = shapeWithin(q, clearance);
  if (!inner) return undefined;
  const turn = Math.atan2(inner.br.y - inner.bl.y, inner.br.x - inner.bl.x);
  const home = (p: Point): Point => {
    const [x, y] = [p.x - inner.bl.x, p.y - inner.bl.y];
    return { x: x * Math.cos(turn) + y * Math.sin(turn), y: -x * Math.sin(turn) + y * Math.cos(turn) };
  };
  return { bl: home(inner.bl), br: home(inner.br), tr: home(inner.tr), tl: home(inner.tl) };
}

/** Corner points rounded to half a millimetre, inward: what a template is drawn by. */
export function templatePoints(shape: Quad): readonly Point[] {
  const middle = { x: (shape.bl.x + shape.tr.x) / 2, y: (shape.bl.y + shape.tr.y) / 2 };
  const inward = (v: number, centre: number): number =>
    (v < centre ? Math.ceil(v * 2 - 1e-9) : Math.floor(v * 2 + 1e-9)) / 2 + 0;
  return [shape.bl, shape.br, shape.tr, shape.tl].map((p) => ({ x: inward(p.x, middle.x), y: inward(p.y, middle.y) }));
}

/** An SVG at full size, in mm, y down: prints 1 to 1. */
export function templateSvg(points: readonly Point[], title: string): string {
  const width = Math.max(...points.map((p) => p.x));
  const height = Math.max(...points.map((p) => p.y));
  const left = Math.min(0, ...points.map((p) => p.x));
  const w = width - left + 2 * EDGE;
  const h = height + 2 * EDGE;
  const at = (p: Point): string => `${fixed(p.x - left + EDGE)},${fixed(height - p.y + EDGE)}`;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${fixed(w)}mm" height="${fixed(h)}mm" viewBox="0 0 ${fixed(w)} ${fixed(h)}">`,
    `<title>${escaped(title)}</title>`,
    `<polygon points="${points.map(at).join(" ")}" fill="none" stroke="#000" stroke-width="0.3"/>`,
    ...(isCurved(points) ? [] : points).map(
      (p) =>
        `<text x="${fixed(p.x - left + EDGE + 2)}" y="${fixed(height - p.y + EDGE - 2)}" font-family="monospace" font-size="5">${fixed(p.x)}, ${fixed(p.y)}</text>`,
    ),
    "</svg>",
    "",
  ].join("\n");
}

const EDGE = 10;
/** More points than this are a curve: too close for figures of their own. */
const STRAIGHT_SIDED = 8;
/** Whether an outline has a head in many points. @example four corners // false */
export const isCurved = (outline: readonly unknown[]): boolean => outline.length > STRAIGHT_SIDED;
const fixed = (v: number): string => String(Math.round(v * 1000) / 1000);
const escaped = (text: string): string =>
  text.replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll(">", "&gt;").replaceAll('"', "&quot;");

/** The same as DXF, release 12, units mm, y up: one closed polyline on layer GLASS. */
export function templateDxf(points: readonly Point[]): string {
  const pair = (code: number, value: string | number): string => `${code}\n${value}`;
  return [
    [
      pair(0, "SECTION"),
      pair(2, "HEADER"),
      pair(9, "$ACADVER"),
      pair(1, "AC1009"),
      pair(9, "$INSUNITS"),
      pair(70, 4),
      pair(0, "ENDSEC"),
    ],
    [pair(0, "SECTION"), pair(2, "ENTITIES")],
    [pair(0, "POLYLINE"), pair(8, "GLASS"), pair(66, 1), pair(70, 1)],
    ...points.map((p) => [
      pair(0, "VERTEX"),
      pair(8, "GLASS"),
      pair(10, fixed(p.x)),
      pair(20, fixed(p.y)),
      pair(30, 0),
    ]),
    [pair(0, "SEQEND"), pair(8, "GLASS"), pair(0, "ENDSEC"), pair(0, "EOF"), ""],
  ]
    .flat()
    .join("\n");
}
