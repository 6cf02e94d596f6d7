import type { Mm } from "../units/length.ts";
import { sweptVolume, tubesFor } from "./putty.ts";

/** A bead of sealant in section, mm. */
export type BeadSection =
  | { readonly shape: "rectangle"; readonly widthMm: Mm; readonly depthMm: Mm }
  | { readonly shape: "triangle"; readonly widthMm: Mm; readonly depthMm: Mm }
  | { readonly shape: "round"; readonly diameterMm: Mm }
  /** A quarter of a circle tooled hollow into the corner, or standing full in it. */
  | { readonly shape: "cove" | "quarter round"; readonly radiusMm: Mm };

/** Area of a section, mm². @example triangle 6 × 6 // 18; cove of 6 // 36 − 28.27 = 7.73; quarter round of 6 // 28.27 */
export function sectionArea(s: BeadSection): number {
  switch (s.shape) {
    case "rectangle":
      return s.widthMm * s.depthMm;
    case "triangle":
      return (s.widthMm * s.depthMm) / 2;
    case "round":
      return (Math.PI / 4) * s.diameterMm ** 2;
    case "cove":
      return (1 - Math.PI / 4) * s.radiusMm ** 2;
    case "quarter round":
      return (Math.PI / 4) * s.radiusMm ** 2;
  }
}

export type SealedPane = {
  readonly widthMm: Mm;
  readonly heightMm: Mm;
  readonly section: BeadSection;
  /** How far inside that rectangle the section's middle runs. */
  readonly insideMm: Mm;
  /** The void between edge and rebate filled as well, ml. */
  readonly voidMl: number;
  readonly count: number;
};

export type Sealant = {
  readonly eachMl: readonly number[];
  readonly totalMl: number;
  readonly cartridges: number;
  readonly foils: number;
};

/**
 * Sealant for several panes: each section swept round its mitred rectangle exactly, A (2(W + H) − 8x), times how many;
 * tubes are rounded up once, on the total of all, the waste allowed for.
 * @example one pane 600 × 900, round 6 // 28.27 mm² × 3000 = 84.8 ml: one cartridge
 */
export function sealantFor(panes: readonly SealedPane[], waste: number): Sealant {
  const eachMl = panes.map(
    (p) => sweptVolume(sectionArea(p.section), p.insideMm, p.widthMm, p.heightMm) / 1000 + p.voidMl,
  );
  const totalMl = eachMl.reduce((s, ml, i) => s + ml * (panes[i]?.count ?? 1), 0);
  return { eachMl, totalMl, cartridges: tubesFor(totalMl, 310, waste), foils: tubesFor(totalMl, 600, waste) };
}
