import type { Mm } from "../units/length.ts";
import { paneMass } from "./mass.ts";

/** A solid decorative panel: one thick pane, or two thin ones with the texture between them. */
export type Panel = {
  readonly make: "one-thick" | "two-thin";
  /** Thickness of the one, or of each. */
  readonly mm: Mm;
  /** Where a line of its pattern stands above the pane's own foot, mm; null where no line meets a neighbour. */
  readonly lineMm: Mm | null;
  /** Where the neighbour's line stands above the sill or rebate floor, mm. */
  readonly neighbourMm: Mm | null;
};

export const PANEL_MAKES = ["one-thick", "two-thin"] as const;
export const PANEL_MAKE_NAMES = {
  "one-thick": "one thick, texture on a face",
  "two-thin": "two thin, texture between them",
} as const;

export const panelThickness = (p: Pick<Panel, "make" | "mm">): Mm => (p.make === "two-thin" ? 2 * p.mm : p.mm);
export const panelMass = (p: Pick<Panel, "make" | "mm">, widthMm: Mm, heightMm: Mm): number =>
  paneMass(widthMm, heightMm, [panelThickness(p)]);

export type BlockHeight =
  | { readonly kind: "block"; readonly mm: Mm }
  | { readonly kind: "too-low"; readonly byMm: Mm }
  | { readonly kind: "too-high"; readonly byMm: Mm };

/**
 * How high the blocks under the panel must be for its lines to meet its neighbour's: from a rebate floor that both share.
 * Too low: it would have to hang under the floor; too high: no room is left above.
 * @example own line 300 above its foot, the neighbour's 304 above the floor, 8 of play // blocks of 4
 */
export function blockHeight(panel: {
  readonly lineMm: Mm;
  readonly neighbourMm: Mm;
  /** Opening less glass in height, mm: the most that blocks can be. */
  readonly playMm: Mm;
}): BlockHeight {
  const mm = panel.neighbourMm - panel.lineMm;
  if (mm < 0) return { kind: "too-low", byMm: -mm };
  return mm > panel.playMm ? { kind: "too-high", byMm: mm - panel.playMm } : { kind: "block", mm };
}
