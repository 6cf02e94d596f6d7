import type { Template } from "../text/template.ts";
import { isInchMake } from "../units/inch-make.ts";
import { inches, type LengthUnit, mm, type Nm, toMm } from "../units/length.ts";

export const GLASS_KINDS = ["float", "patterned", "laminated", "toughened"] as const;
export type GlassKind = (typeof GLASS_KINDS)[number];

export const GLASS_NAMES: Readonly<Record<GlassKind, Template>> = {
  float: "clear float",
  patterned: "patterned",
  laminated: "laminated",
  toughened: "{toughened}",
};

/** Whether it is ever made smaller: what is heat-treated bursts under the wheel. */
export const CAN_BE_CUT: Readonly<Record<GlassKind, boolean>> = {
  float: true,
  patterned: true,
  laminated: true,
  toughened: false,
};

export const EDGES = ["arrissed", "as cut", "polished"] as const;
export type Edges = (typeof EDGES)[number];

export type Glass = {
  readonly kind: GlassKind;
  readonly thickness: Nm;
  readonly edges: Edges;
  readonly pattern?: string | undefined;
};

const SHEETS: readonly Nm[] = [mm(3), mm(4), mm(5), mm(6), mm(8), mm(10)];
const INCH_SHEETS: readonly Nm[] = [1 / 8, 5 / 32, 3 / 16, 1 / 4, 5 / 16, 3 / 8].map((i) => inches(0, i * 64, 64));

/**
 * Thicknesses that glass of each kind is made in, for single panes, by the makes: metric ones, or those of a trade that buys by
 * the inch. Laminated: two sheets of 3, 4 or 5 and 0.4 or 0.8 between; in inches by its whole.
 */
export const THICKNESSES: Readonly<Record<LengthUnit, Readonly<Record<GlassKind, readonly Nm[]>>>> = {
  mm: {
    float: SHEETS,
    patterned: SHEETS,
    toughened: SHEETS.slice(1),
    laminated: [mm(6.4), mm(8.8), mm(10.8)],
  },
  in: {
    float: INCH_SHEETS,
    patterned: INCH_SHEETS,
    toughened: INCH_SHEETS.slice(1),
    laminated: INCH_SHEETS.slice(3),
  },
};

/** In which makes a thickness is. @example sheetMakes(inches(0, 3, 16)) // "in"; sheetMakes(mm(5)) // "mm" */
export const sheetMakes = (thickness: Nm): LengthUnit => (isInchMake(toMm(thickness)) ? "in" : "mm");

/** A sheet of another kind may be so much thinner and still stand in for it. */
const STANDS_IN = mm(0.5);

/**
 * The thickness that glass takes when its kind is changed: as it is where that is made, else the next that is no more than half
 * a millimetre thinner.
 * @example thicknessAs("laminated", mm(4)) // 6.4 mm; back to toughened from 6.4: 6 mm
 * @example thicknessAs("float", mm(4), "in") // 5/32 in
 */
export function thicknessAs(kind: GlassKind, was: Nm, makes: LengthUnit = sheetMakes(was)): Nm {
  const made = THICKNESSES[makes][kind];
  return made.find((t) => t === was) ?? made.find((t) => t >= was - STANDS_IN) ?? made.at(-1) ?? was;
}

/** A caliper reads a sheet a little thin; further off, it is another. */
const READ_NEAR = mm(0.35);

/**
 * The sheet of this kind that is made, nearest to what was read; null where none is near.
 * @example madeNear("float", mm(3.8), "mm") // 4 mm; madeNear("float", mm(7), "mm") // null
 */
export function madeNear(kind: GlassKind, read: Nm, makes: LengthUnit): Nm | null {
  const [nearest] = [...THICKNESSES[makes][kind]].sort((a, b) => Math.abs(a - read) - Math.abs(b - read));
  return nearest !== undefined && Math.abs(nearest - read) <= READ_NEAR ? nearest : null;
}

/** Glass weighs 2500 kg/m³: 2.5 kg for each m² and mm. Source: EN 572-1, soda lime silicate glass. */
export const GLASS_DENSITY_KG_M3 = 2500;

/** @example massOf(mm(608), mm(900), mm(4)) // 5.472 kg */
export const massOf = (width: Nm, height: Nm, thickness: Nm): number =>
  (toMm(width) * toMm(height) * toMm(thickness) * GLASS_DENSITY_KG_M3) / 1e9;

/** Safety glass by its kind alone; the stamp in the corner is what proves it. */
export const isSafetyGlass = (kind: GlassKind): boolean => kind === "laminated" || kind === "toughened";
