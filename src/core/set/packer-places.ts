import type { Mm } from "../units/length.ts";
/** A packer along an edge: its middle from the edge's left or lower end, mm. */
export type Place = { readonly atMm: Mm; readonly moved: boolean };

export type EdgeRule = {
  /** Share of the edge: a quarter by the one school, a tenth by the other. */
  readonly share: number;
  /** Least from corner to the block's near end. */
  readonly cornerMm: Mm;
  readonly lengthMm: Mm;
};

/**
 * Where a packer stands near one end of an edge: its middle at the larger of the share and the corner's least plus half its
 * length, and never over a drain: then it is moved on toward the middle until it is clear of it.
 * @example edge 600, a quarter, 75, block 100, no drain // 150
 * @example the same, a drain 20 wide at 160 // 220: the block begins where the drain ends
 */
export function placeOn(
  edgeMm: Mm,
  rule: EdgeRule,
  drains: readonly { readonly atMm: Mm; readonly widthMm: Mm }[] = [],
): Place {
  const half = rule.lengthMm / 2;
  const wanted = Math.max(edgeMm * rule.share, rule.cornerMm + half);
  let at = wanted;
  for (const d of [...drains].sort((a, b) => a.atMm - b.atMm))
    if (at + half > d.atMm - d.widthMm / 2 && at - half < d.atMm + d.widthMm / 2) at = d.atMm + d.widthMm / 2 + half;
  return { atMm: at, moved: at !== wanted };
}

export type Opens = "fixed" | "hinge-left" | "hinge-right" | "top-hung" | "bottom-hung" | "slides";
export type Edge = "bottom" | "top" | "left" | "right";
/** Carries the weight, braces the sash, or only keeps it from shifting. */
export type Job = "carries" | "braces" | "locates";
export type PackerSpot = { readonly edge: Edge; readonly atMm: Mm; readonly job: Job; readonly moved: boolean };

/**
 * Where all packers of a pane stand, by how its sash opens, from the left or lower end of each edge. Side-hung: carried at
 * the hinge's foot, braced at the handle's head, located at the two other corners and the sides; the wrong diagonal makes
 * it drop. Fixed and top-hung: carried at both ends below. Sliding: carried above the rollers at both ends. Two blocks that
 * would lie over each other become one in the middle of their edge. Of a shaped pane every edge is as long as it is itself.
 * @example 600 wide, hinge left // bottom 150 carries, top 450 braces, bottom 450 and top 150 locate
 * @example 240 wide, fixed, block 100, corner 75 // bottom 120 carries: at 125 and 115 they would cross
 */
export function spotsFor(pane: {
  readonly edgesMm: Readonly<Record<Edge, Mm>>;
  readonly opens: Opens;
  readonly rule: EdgeRule;
  readonly drains?: readonly { readonly edge: Edge; readonly atMm: Mm; readonly widthMm: Mm }[];
}): readonly PackerSpot[] {
  const drainsOn = (edge: Edge) => (pane.drains ?? []).filter((d) => d.edge === edge);
  const low = (edge: Edge, job: Job): PackerSpot => {
    const p = placeOn(edgesMm[edge], pane.rule, drainsOn(edge));
    return { edge, job, ...p };
  };
  const high = (edge: Edge, job: Job): PackerSpot => {
    const length = edgesMm[edge];
    const p = placeOn(
      length,
      pane.rule,
      drainsOn(edge).map((d) => ({ ...d, atMm: length - d.atMm })),
    );
    return { edge, job, atMm: length - p.atMm, moved: p.moved };
  };
  const { edgesMm } = pane;
  const one = (spots: readonly PackerSpot[]): readonly PackerSpot[] =>
    EDGES.flatMap((edge) => {
      const on = spots.filter((s) => s.edge === edge);
      return meet(on, pane.rule.lengthMm) ? [inMiddle(on, edge, edgesMm[edge])] : on;
    });
  const sides = (hinge: "left" | "right" | null): readonly PackerSpot[] =>
    (["left", "right"] as const).flatMap((edge) => [
      low(edge, hinge === edge ? "braces" : "locates"),
      high(edge, hinge !== null && hinge !== edge ? "braces" : "locates"),
    ]);
  return one(placesBy(pane.opens, { low, high, sides }));
}

const EDGES: readonly Edge[] = ["bottom", "top", "left", "right"];
/** What one block in the middle does, where two would have been: the most of what they did. */
const MOST_JOB: readonly Job[] = ["carries", "braces", "locates"];

/** Two blocks of this length that would lie over each other. */
const meet = ([a, b]: readonly PackerSpot[], lengthMm: Mm): boolean =>
  a !== undefined && b !== undefined && Math.abs(a.atMm - b.atMm) < lengthMm - 1e-9;

const inMiddle = (on: readonly PackerSpot[], edge: Edge, length: Mm): PackerSpot => ({
  edge,
  atMm: length / 2,
  job: MOST_JOB.find((j) => on.some((s) => s.job === j)) ?? "locates",
  moved: false,
});

/** Edges that are shorter than a block. @example 90 × 600, block 100 // bottom, top */
export const shorterThanBlock = (widthMm: Mm, heightMm: Mm, lengthMm: Mm): readonly Edge[] =>
  EDGES.filter((e) => (e === "bottom" || e === "top" ? widthMm : heightMm) < lengthMm);

type Placing = {
  readonly low: (edge: Edge, job: Job) => PackerSpot;
  readonly high: (edge: Edge, job: Job) => PackerSpot;
  readonly sides: (hinge: "left" | "right" | null) => readonly PackerSpot[];
};

function placesBy(opens: Opens, { low, high, sides }: Placing): readonly PackerSpot[] {
  switch (opens) {
    case "hinge-left":
      return [
        low("bottom", "carries"),
        high("bottom", "locates"),
        high("top", "braces"),
        low("top", "locates"),
        ...sides("left"),
      ];
    case "hinge-right":
      return [
        high("bottom", "carries"),
        low("bottom", "locates"),
        low("top", "braces"),
        high("top", "locates"),
        ...sides("right"),
      ];
    case "fixed":
    case "slides":
    case "top-hung":
    case "bottom-hung":
      return [
        low("bottom", "carries"),
        high("bottom", "carries"),
        low("top", "locates"),
        high("top", "locates"),
        ...sides(null),
      ];
  }
}

/** A packer must carry both sheets of a unit. @example packer 20 under a unit of 24 // 4 too narrow */
export const widthFault = (packerMm: Mm, glassMm: Mm): number | null =>
  packerMm + 1e-9 < glassMm ? glassMm - packerMm : null;

/**
 * Length of a block that carries, mm: 30 for each m² and never under 100 for units, by what the trade cuts them to.
 * Source: usual practice of setting blocks, 27 to 30 mm a m²; a label wins.
 */
export const blockLength = (areaM2: number): number => Math.max(100, Math.ceil((30 * areaM2) / 10) * 10);
