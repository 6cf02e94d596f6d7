import { SIDES, type Side } from "../geometry/quad.ts";
import type { Hinge } from "../measure/found.ts";
import { readTape } from "../tape/read.ts";
import type { Written } from "../tape/written.ts";
import type { Template } from "../text/template.ts";
import { type Mm, toMm } from "../units/length.ts";

/** What can be put on the map of how it was. */
export const THINGS = ["packer", "bead-end", "gasket-lip", "drain", "sprig", "mark", "water", "fixing"] as const;
export type Thing = (typeof THINGS)[number];

export const THING_FACTS: Readonly<
  Record<
    Thing,
    { readonly name: Template; readonly short: string; readonly asks: readonly ("thickness" | "width" | "material")[] }
  >
> = {
  packer: { name: "{packer}", short: "P", asks: ["thickness", "width", "material"] },
  "bead-end": { name: "{bead} end", short: "B", asks: ["material"] },
  "gasket-lip": { name: "gasket, lip this way", short: "G", asks: ["material"] },
  drain: { name: "drain hole", short: "D", asks: ["width"] },
  sprig: { name: "{sprig} or clip", short: "S", asks: [] },
  mark: { name: "mark on the glass", short: "M", asks: ["material"] },
  water: { name: "water stood here", short: "W", asks: [] },
  fixing: { name: "frame fixing, hidden", short: "F", asks: ["material"] },
};

/** One thing on one edge, so far along it from its left or bottom end, seen from the side the pane goes in. */
export type MapItem = {
  readonly item: string;
  readonly thing: Thing;
  readonly edge: Side;
  /** 0 at the left or bottom end of the edge, 1 at the other. */
  readonly share: number;
  readonly thickness: Written | null;
  readonly width: Written | null;
  /** Material or colour, or what the mark says. */
  readonly material: string;
};

/** The same seen from the other side: left and right change places, level edges run the other way. */
export function mirrored(item: MapItem): MapItem {
  const level = item.edge === "top" || item.edge === "bottom";
  const edge = item.edge === "left" ? "right" : item.edge === "right" ? "left" : item.edge;
  return { ...item, edge, share: level ? 1 - item.share : item.share };
}

/**
 * The edge and the place along it that a tap means, in a drawing of width w and height h with the pane in it. A tap is
 * taken for the nearest edge.
 * @example a tap at the foot, a quarter from the left // bottom, 0.25
 */
export function tapped(tap: {
  readonly x: number;
  readonly y: number;
  readonly box: { readonly left: number; readonly top: number; readonly width: Mm; readonly height: Mm };
}): { readonly edge: Side; readonly share: number } {
  const { box } = tap;
  const across = clamp((tap.x - box.left) / box.width);
  const up = clamp(1 - (tap.y - box.top) / box.height);
  const far: Readonly<Record<Side, number>> = {
    left: Math.abs(tap.x - box.left),
    right: Math.abs(tap.x - box.left - box.width),
    top: Math.abs(tap.y - box.top),
    bottom: Math.abs(tap.y - box.top - box.height),
  };
  const edge = SIDES.reduce((near, s) => (far[s] < far[near] ? s : near));
  return { edge, share: edge === "left" || edge === "right" ? up : across };
}

const clamp = (share: number): number => Math.min(1, Math.max(0, share));

/** Packers that make the pane stand on its corners wrongly: what was odd about how it was carried. */
export type PackingFault = "none-below" | "one-below" | "over-drain" | "wrong-diagonal" | "too-narrow";

/**
 * What was wrong with how it was packed. A hinged sash hangs on the diagonal from the foot at its hinge to the head at its
 * handle: packers on the other one let it drop.
 * @example hinge left; packers at the foot right and the head left // wrong diagonal
 */
export function packingFaults(
  items: readonly MapItem[],
  hinge: Hinge,
  /** Overall thickness of a sealed unit, mm: each packer must carry both its sheets. Null for one sheet. */
  unitMm: Mm | null = null,
): readonly PackingFault[] {
  const packers = items.filter((i) => i.thing === "packer");
  if (packers.length === 0) return [];
  const below = packers.filter((p) => p.edge === "bottom");
  const drains = items.filter((i) => i.thing === "drain" && i.edge === "bottom");
  const faults: PackingFault[] = [];
  if (hinge !== "left" && hinge !== "right") {
    if (below.length === 0) faults.push("none-below");
    else if (below.length === 1) faults.push("one-below");
  } else {
    const at = (edge: Side, half: "left" | "right"): boolean =>
      packers.some((p) => p.edge === edge && (half === "left" ? p.share < 0.5 : p.share > 0.5));
    const hang = hinge;
    const free = hinge === "left" ? "right" : "left";
    if (below.length === 0) faults.push("none-below");
    if (at("bottom", free) && at("top", hang) && !(at("bottom", hang) && at("top", free)))
      faults.push("wrong-diagonal");
  }
  if (below.some((p) => drains.some((d) => Math.abs(d.share - p.share) < 0.04))) faults.push("over-drain");
  const narrow = (p: MapItem): boolean => {
    const read = p.width && readTape(p.width.text, p.width.unit);
    return unitMm !== null && read?.ok === true && toMm(read.value.adjusted) + 1e-9 < unitMm;
  };
  if (packers.some(narrow)) faults.push("too-narrow");
  return faults;
}
