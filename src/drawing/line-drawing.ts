import type { Looks } from "../core/specify/looks.ts";
import { chordOf } from "./chord.ts";
import { lineSketch } from "./line-sketch.ts";
import type { Xy } from "./path.ts";

/** A text of a drawing: where it stands, which way it reads, degrees. */
export type DrawnText = {
  readonly x: number;
  readonly y: number;
  readonly says: string;
  readonly turned: number;
  readonly isFigure: boolean;
};

/** A pane of an order to scale, dimensioned as its maker reads it. In the drawing's own unit, y down. */
export type LineDrawing = {
  readonly width: number;
  readonly height: number;
  readonly outline: string;
  readonly bars: readonly string[];
  /** Lines along which a pattern runs. */
  readonly grain: readonly string[];
  /** Lines and ticks of its measures. */
  readonly measures: readonly string[];
  /** Where the maker's mark stands, if it must stand somewhere. */
  readonly mark: string | null;
  readonly texts: readonly DrawnText[];
};

/** Room for a measure beside the pane, and for its text. */
const ROOM = 22;
const EDGE = 6;
const TICK = 3;
const GRAIN_APART = 11;
const GRAIN_IN = 2;

/**
 * Draws one line: the pane stands upright in `box` square, its width below and its height at the left.
 * @example lineDrawing({ widthMm: 600, heightMm: 900, ... box: 120 }) // 80 wide and 120 tall, with measures
 */
export function lineDrawing(line: {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly corners?: readonly { readonly x: number; readonly y: number }[] | undefined;
  readonly uprights: readonly number[];
  readonly crosses: readonly number[];
  readonly runs: Looks["runs"];
  readonly mark: { readonly says: string; readonly at: `${"top" | "bottom"}-${"left" | "right"}` } | null;
  readonly widthSays: string;
  readonly heightSays: string;
  /** Said inside it: which side is up, which face is coated. */
  readonly says: readonly string[];
  readonly box: number;
}): LineDrawing {
  const s = lineSketch(line);
  const [x0, y0] = [ROOM, EDGE];
  const moved = (d: string): string => movedBy(d, x0, y0);
  const [right, bottom] = [x0 + s.width, y0 + s.height];
  const below = bottom + ROOM / 2 - 2;
  const beside = x0 - ROOM / 2 + 2;
  const corner = line.mark && {
    x: line.mark.at.endsWith("left") ? x0 + 7 : right - 7,
    y: line.mark.at.startsWith("top") ? y0 + 7 : bottom - 7,
  };
  const isNarrow = s.width < 110;
  return {
    width: right + EDGE,
    height: bottom + ROOM,
    outline: moved(s.outline),
    bars: s.bars.map(moved),
    grain: grainLines(line.runs, s.corners, s.width, s.height).map(moved),
    measures:
      line.widthSays === ""
        ? []
        : [
            `M${x0} ${below}H${right}M${x0} ${below - TICK}V${below + TICK}M${right} ${below - TICK}V${below + TICK}`,
            `M${beside} ${y0}V${bottom}M${beside - TICK} ${y0}H${beside + TICK}M${beside - TICK} ${bottom}H${beside + TICK}`,
          ],
    mark:
      corner &&
      `M${corner.x - 3} ${corner.y - 3}L${corner.x + 3} ${corner.y + 3}M${corner.x - 3} ${corner.y + 3}L${corner.x + 3} ${corner.y - 3}`,
    texts: [
      { x: x0 + s.width / 2, y: bottom + ROOM - 2, says: line.widthSays, turned: 0, isFigure: true },
      { x: beside - 4, y: y0 + s.height / 2, says: line.heightSays, turned: -90, isFigure: true },
      ...line.says.map((says, i) => ({
        x: x0 + s.width / 2,
        y: y0 + (isNarrow && i > 0 ? s.height / 2 : 14 + i * 12),
        says,
        turned: isNarrow && i > 0 ? -90 : 0,
        isFigure: false,
      })),
    ].filter((t) => t.says !== ""),
  };
}

/** A path of absolute M, L, H, V and Z, moved. */
const movedBy = (d: string, x: number, y: number): string =>
  d.replace(/([MLHV])\s*([\d.-]+)(?:[ ,]([\d.-]+))?/g, (_, c: string, a: string, b: string | undefined) => {
    const round = (v: number): number => Math.round(v * 100) / 100;
    if (c === "H") return `H${round(Number(a) + x)}`;
    if (c === "V") return `V${round(Number(a) + y)}`;
    return `${c}${round(Number(a) + x)} ${round(Number(b) + y)}`;
  });

/** Thin lines along a pattern, clear of the outline by a little; y down from its top. */
function grainLines(runs: Looks["runs"], outline: readonly Xy[], w: number, h: number): readonly string[] {
  const out: string[] = [];
  const within = (upright: boolean, at: number): readonly [number, number] | null => {
    const chord = chordOf(outline, upright, at);
    return chord && chord.to - chord.from > 2 * GRAIN_IN
      ? [Math.round(chord.from) + GRAIN_IN, Math.round(chord.to) - GRAIN_IN]
      : null;
  };
  if (runs === "up")
    for (let x = GRAIN_APART; x < w; x += GRAIN_APART) {
      const to = within(true, x);
      if (to) out.push(`M${x} ${to[0]}V${to[1]}`);
    }
  if (runs === "across")
    for (let y = GRAIN_APART; y < h; y += GRAIN_APART) {
      const to = within(false, y);
      if (to) out.push(`M${to[0]} ${y}H${to[1]}`);
    }
  return out;
}

const safe = (text: string): string => text.replace(/[<>&"]/g, (c) => `&#${c.charCodeAt(0)};`);

/** The same as an SVG of its own, for a printed page. */
export function lineDrawingSvg(d: LineDrawing): string {
  const line = (path: string, width: number, colour = "#22252a") =>
    `<path d="${path}" fill="none" stroke="${colour}" stroke-width="${width}"/>`;
  const text = (t: DrawnText) =>
    `<text x="${t.x}" y="${t.y}" text-anchor="middle" font-size="${t.isFigure ? 9 : 7}" fill="${t.isFigure ? "#22252a" : "#5b6068"}"${t.turned === 0 ? "" : ` transform="rotate(${t.turned} ${t.x} ${t.y})"`}>${safe(t.says)}</text>`;
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${d.width}" height="${d.height}" viewBox="0 0 ${d.width} ${d.height}"><path d="${d.outline}" fill="#dcebe4" stroke="#22252a" stroke-width="1.2"/>${d.grain.map((g) => line(g, 0.4, "#9bb5aa")).join("")}${d.bars.map((b) => line(b, 1.6)).join("")}${d.measures.map((m) => line(m, 0.6)).join("")}${d.mark ? line(d.mark, 1) : ""}${d.texts.map(text).join("")}</svg>`;
}
