import type { StepFacts } from "./facts.ts";
import { type Before, removalOrder } from "./precedence.ts";

/** What a frame is put together of, as far as it must come apart. */
export const PART_KINDS = [
  "front",
  "release",
  "paint-line",
  "face-putty",
  "clips",
  "sprigs",
  "channel",
  "outer-gasket",
  "wedge-gasket",
  "plugs",
  "caulk-line",
  "corner-screws",
  "cassette-screws",
  "front-fastenings",
  "cassette-half",
  "mouldings",
  "beads",
  "sash-members",
  "bond",
  "glass",
  "packers",
  "bed",
] as const;
export type PartKind = (typeof PART_KINDS)[number];

type Layer = readonly (PartKind | false)[];

/** From what is reached first to what is reached last; what stands in one row may come off in any order. */
function layersOf(f: StepFacts): readonly Layer[] {
  const { detail, system } = f;
  const sash = detail.where === "bench" && "release";
  const bond = detail.bond !== "gasket" && "bond";
  switch (system) {
    case "timber-putty":
      return [[sash], ["paint-line"], ["face-putty"], ["sprigs"], ["glass"], ["bed"]];
    case "timber-bead":
      return [[sash], ["paint-line"], ["beads"], [bond], ["glass"], ["packers", "bed"]];
    case "plastic-bead-inside":
      return detail.gasket === "wedge"
        ? [["wedge-gasket"], ["beads"], [bond], ["glass"], ["packers"]]
        : [["outer-gasket"], ["beads"], [bond], ["glass"], ["packers"]];
    case "plastic-bead-outside":
      return [[sash], ["beads"], [bond], ["glass"], ["packers", bond && "bed"]];
    case "plastic-no-bead":
      return [["release"], ["corner-screws"], ["sash-members"], ["glass"], ["packers"]];
    case "pinned-stop":
      return [[sash, "channel"], ["paint-line"], ["beads"], ["bond"], ["glass"], ["packers", "bed"]];
    case "cassette":
      return [["plugs", "caulk-line"], ["cassette-screws"], ["cassette-half"], [bond], ["glass"], [bond && "bed"]];
    case "compression-moulding":
      return [["mouldings"], ["bond"], ["glass"], ["bed"]];
    case "metal-frame":
      return detail.metal === "compound"
        ? [["paint-line"], ["face-putty"], ["clips"], ["glass"], ["bed"]]
        : [[detail.gasket === "wedge" ? "wedge-gasket" : "outer-gasket"], ["beads"], ["glass"], ["packers"]];
    case "in-front":
      return [["front-fastenings"], ["release"], ["corner-screws"], ["sash-members"], ["glass"]];
  }
}

export type Assembly = {
  readonly parts: readonly PartKind[];
  readonly rules: readonly Before<PartKind>[];
};

/** The parts of this frame and which holds which: an outer layer before the next. What stands in front comes before all. */
export function assemblyOf(f: StepFacts): Assembly {
  if (f.closed) return { parts: [], rules: [] };
  const layers = [f.front.length > 0 ? (["front"] as const) : [], ...layersOf(f)]
    .map((l) => l.filter((p): p is PartKind => p !== false && !(f.staysIn && p === "glass")))
    .filter((l) => l.length > 0);
  const rules = layers.flatMap((layer, i) =>
    (layers[i + 1] ?? []).flatMap((next) =>
      layer.map((first): Before<PartKind> => ({ first, next, because: "it lies over it" })),
    ),
  );
  return { parts: layers.flat(), rules };
}

/** The same, in the order in which it comes apart. The kinds of this file hold no circle. */
export function partsInOrder(f: StepFacts): readonly PartKind[] {
  const { parts, rules } = assemblyOf(f);
  const found = removalOrder(
    parts.map((id) => ({ id, rank: 0 })),
    rules,
  );
  return found.kind === "order" ? found.order : [];
}
