import { readTape } from "../tape/read.ts";
import { writeNumber } from "../tape/write.ts";
import { type LengthUnit, mm, toMm } from "../units/length.ts";
import { KG_PER_LB } from "../units/mass.ts";
import {
  KPA_PER_PSF,
  METRES_A_SECOND_PER_MPH,
  SQUARE_METRES_PER_SQUARE_FOOT,
  TONNES_A_CUBIC_METRE_PER_LB_A_CUBIC_FOOT,
} from "../units/other-units.ts";

/** A figure of the house in a reader's unit: how it is shown, and what is kept of what they type. NaN where that is no figure. */
export type RuleFigure = {
  readonly unit: string;
  readonly shows: (kept: string | number) => string;
  readonly reads: (typed: string) => number;
};

const plainNumber = (text: string): number => (text.trim() === "" ? Number.NaN : Number(text.replace(",", ".")));
const asItIs = (unit: string): RuleFigure => ({ unit, shows: String, reads: plainNumber });

/** So much of the other unit is one of ours. */
const scaled = (unit: string, each: number, decimals: number, from = 0): RuleFigure => ({
  unit,
  shows: (kept) => (typeof kept === "number" ? String(Number((kept / each + from).toFixed(decimals))) : kept),
  reads: (typed) => (plainNumber(typed) - from) * each,
});

/** Lengths as a tape is read, to a sixty-fourth; one that an opening shrinks by has a sign, which no tape has. */
const inches: RuleFigure = {
  unit: "in",
  shows: (kept) => (typeof kept === "number" ? writeNumber(mm(kept), "in", { ticks: 64 }) : kept),
  reads: (typed) => {
    const [, sign, size = ""] = /^\s*([-−]?)\s*(.*)$/.exec(typed) ?? [];
    if (/^0+$/.test(size)) return 0;
    const read = readTape(size, "in");
    return read.ok ? (sign ? -1 : 1) * toMm(read.value.adjusted) : Number.NaN;
  },
};

/** What whoever reads inches is shown in place of a unit. Those of no entry stay as they are: hours, days, money, shares. */
const IN_INCHES: Readonly<Record<string, RuleFigure>> = {
  mm: inches,
  kg: scaled("lb", KG_PER_LB, 1),
  "°C": scaled("°F", 1 / 1.8, 0, 32),
  kPa: scaled("psf", KPA_PER_PSF, 1),
  "m/s": scaled("mph", METRES_A_SECOND_PER_MPH, 0),
  "m²": scaled("ft²", SQUARE_METRES_PER_SQUARE_FOOT, 1),
  "t/m³": scaled("lb/ft³", TONNES_A_CUBIC_METRE_PER_LB_A_CUBIC_FOOT, 0),
};

/**
 * How a rule's figure is shown and typed by a reader.
 * @example ruleFigure("kg", "in") // 20 is shown as 44.1 lb; 44 typed is kept as 19.958
 * @example ruleFigure("h", "in") // as it is
 */
export const ruleFigure = (unit: string, reader: LengthUnit): RuleFigure =>
  (reader === "in" ? IN_INCHES[unit] : undefined) ?? asItIs(unit);
