import { polygon, rectangle, type Xy } from "./path.ts";
import { stackLabels } from "./stack-labels.ts";

/** The rebate through the bottom rail, in mm. Null is not yet read; a usual figure then stands in, drawn as a guess. */
export type SectionInput = {
  readonly rebateDepth: number | null;
  readonly rebateWidth: number | null;
  readonly glass: number;
  readonly bed: number;
  readonly nose: number;
  readonly gap: number;
  readonly packed: number;
  /** Sheets and cavities of a unit from outside in; a single pane where there is none. */
  readonly layers?: { readonly panesMm: readonly number[]; readonly cavitiesMm: readonly number[] } | undefined;
  /** What closes the rebate: face putty with its bed, a bead, or neither. */
  readonly holds: "putty" | "bead" | "none";
  /** The face at the left, where what holds the glass comes off. */
  readonly opens: "outside" | "inside";
  readonly box: { readonly width: number; readonly height: number };
};

export type PartName = "glass" | "bed" | "packer" | "face" | "bead" | "cover" | "sight" | "gap";
export type SectionLabel = {
  readonly part: PartName;
  readonly side: "left" | "right";
  readonly at: Xy;
  readonly text: Xy;
};

export type Section = {
  readonly rail: string;
  /** Each sheet of the glass, the one at the left first. */
  readonly sheets: readonly string[];
  /** Spacers between them, at the edge. */
  readonly spacers: readonly string[];
  readonly bed: string | null;
  readonly packer: string | null;
  readonly face: string | null;
  readonly bead: string | null;
  readonly sight: { readonly from: Xy; readonly to: Xy };
  readonly labels: readonly SectionLabel[];
  /** 10 mm in the drawing's unit, and where it stands. */
  readonly scaleBar: { readonly from: Xy; readonly to: Xy };
  /** Where it says which side is which: the left foot and the right one. */
  readonly feet: { readonly left: Xy; readonly right: Xy };
  readonly noRoom: boolean;
};

const USUAL = { depth: 10, width: 18 };
const UPSTAND_MM = 11;
const RAIL_MM = 12;
const LABEL_APART = 22;
const BEAD_OFF_MM = 0.6;

/**
 * Through the bottom rail, to one scale: at the left the face where it opens, outside or the room. The rebate floor is
 * y 0, y up; its open edge x 0.
 */
export function sectionOf(input: SectionInput): Section {
  const depth = input.rebateDepth ?? USUAL.depth;
  const width = input.rebateWidth ?? Math.max(USUAL.width, input.glass + input.bed + 8);
  const putty = input.holds === "putty";
  const inner = width - (putty ? input.bed : 1);
  const outer = inner - input.glass;
  const reach = depth + Math.max(12, depth * 0.9);
  const span = { x: width + UPSTAND_MM, y: reach + RAIL_MM };
  const room = { left: 104, right: 104, top: 16, bottom: 40 };
  const scale = Math.min(
    (input.box.width - room.left - room.right) / span.x,
    (input.box.height - room.top - room.bottom) / span.y,
  );
  const left = room.left + (input.box.width - room.left - room.right - span.x * scale) / 2;
  const top = room.top + (input.box.height - room.top - room.bottom - span.y * scale) / 2;
  const at = (x: number, y: number): Xy => ({ x: left + x * scale, y: top + (reach - y) * scale });
  const box = (x0: number, y0: number, x1: number, y1: number): string => {
    const a = at(x0, y1);
    return rectangle(a.x, a.y, (x1 - x0) * scale, (y1 - y0) * scale);
  };
  const gap = Math.max(0, Math.min(input.gap, depth));
  const noRoom = outer <= 0;
  const nose = Math.min(input.nose, Math.max(outer, 0));
  const face = putty && !noRoom ? polygon([at(0, 0), at(outer - nose, depth), at(outer, depth), at(outer, 0)]) : null;
  // A bead stands as high as the leg, its edge eased, and leaves the glass a hair.
  const beadTo = outer - BEAD_OFF_MM;
  const bead =
    input.holds === "bead" && beadTo > 0
      ? polygon([at(0, 0), at(0, depth * 0.72), at(beadTo * 0.45, depth), at(beadTo, depth), at(beadTo, 0)])
      : null;
  const wanted: readonly { readonly part: PartName; readonly side: "left" | "right"; readonly at: Xy }[] = [
    { part: "glass", side: "right", at: at((inner + outer) / 2, depth + (reach - depth) * 0.55) },
    { part: "sight", side: "right", at: at(width + UPSTAND_MM * 0.55, depth) },
    ...(bead ? [{ part: "bead", side: "left", at: at(beadTo * 0.5, depth * 0.3) } as const] : []),
    ...(putty ? [{ part: "bed", side: "right", at: at(inner + input.bed / 2, depth * 0.62) } as const] : []),
    { part: "cover", side: "left", at: at(outer, Math.max(gap, depth - (depth - gap) * 0.35)) },
    ...(face ? [{ part: "face", side: "left", at: at(outer * 0.62, depth * 0.24) } as const] : []),
    { part: input.packed > 0 ? "packer" : "gap", side: "right", at: at((inner + outer) / 2, gap / 2) },
  ];
  return {
    rail: polygon([
      at(0, 0),
      at(width, 0),
      at(width, depth),
      at(width + UPSTAND_MM, depth),
      at(width + UPSTAND_MM, -RAIL_MM),
      at(0, -RAIL_MM),
    ]),
    ...layered(input, outer, (x0, x1, y1) => box(x0, gap, x1, y1 ?? reach), gap),
    bead,
    bed: putty ? box(inner, 0, width, depth) : null,
    packer: input.packed > 0 ? box(outer - 0.6, 0, inner + 0.6, Math.min(input.packed, gap)) : null,
    face,
    sight: { from: at(-4, depth), to: at(width + UPSTAND_MM, depth) },
    labels: labelled(wanted, input.box, { left: left - 14, right: left + span.x * scale + 14 }),
    scaleBar: { from: { x: left, y: input.box.height - 8 }, to: { x: left + 10 * scale, y: input.box.height - 8 } },
    feet: {
      left: { ...at(0, -RAIL_MM), y: at(0, -RAIL_MM).y + 15 },
      right: { ...at(width + UPSTAND_MM, -RAIL_MM), y: at(0, -RAIL_MM).y + 15 },
    },
    noRoom,
  };
}

const SPACER_HIGH_MM = 8;

/** The glass from its left face on: one sheet, or the sheets of a unit with spacers between them. */
function layered(
  input: SectionInput,
  outer: number,
  piece: (from: number, to: number, top?: number) => string,
  foot: number,
): Pick<Section, "sheets" | "spacers"> {
  // Sheets are told from outside inward; drawn, they begin at the left.
  const layers =
    input.layers && input.opens === "inside"
      ? { panesMm: [...input.layers.panesMm].reverse(), cavitiesMm: [...input.layers.cavitiesMm].reverse() }
      : input.layers;
  if (!layers) return { sheets: [piece(outer, outer + input.glass)], spacers: [] };
  const made = [...layers.panesMm, ...layers.cavitiesMm].reduce((s, v) => s + v, 0);
  const by = made > 0 ? input.glass / made : 1;
  const sheets: string[] = [];
  const spacers: string[] = [];
  let x = outer;
  layers.panesMm.forEach((mm, i) => {
    sheets.push(piece(x, x + mm * by));
    x += mm * by;
    const cavity = layers.cavitiesMm[i];
    if (cavity === undefined) return;
    spacers.push(piece(x, x + cavity * by, foot + SPACER_HIGH_MM));
    x += cavity * by;
  });
  return { sheets, spacers };
}

function labelled(
  wanted: readonly { readonly part: PartName; readonly side: "left" | "right"; readonly at: Xy }[],
  box: { readonly width: number; readonly height: number },
  column: { readonly left: number; readonly right: number },
): readonly SectionLabel[] {
  return (["left", "right"] as const).flatMap((side) => {
    const here = wanted.filter((w) => w.side === side);
    const ys = stackLabels(
      here.map((w) => w.at.y),
      LABEL_APART,
      { from: 6, to: box.height - 40 },
    );
    return here.map((w, i) => ({ ...w, text: { x: column[side], y: ys[i] ?? w.at.y } }));
  });
}
