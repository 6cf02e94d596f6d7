import { exactIn } from "../text/exact.ts";
import { fractionText } from "../units/inch-make.ts";
import type { LengthUnit, Mm } from "../units/length.ts";
import { G_PER_OZ, KG_PER_LB } from "../units/mass.ts";
import { KPA_PER_PSF, METRES_A_SECOND_PER_MPH } from "../units/other-units.ts";
import { HEAT_UNIT, heatFigure } from "./heat.ts";

const MM_PER_INCH = 25.4;
/** A fluid ounce of the gallon of 231 cubic inches. */
const ML_PER_FL_OZ = 29.5735295625;
const PSI_PER_MPA = 145.038;
/** A rule of thumb may be off by so much of itself to be a mark that people use. */
const NEAR = 0.06;
const FINEST = 64;

/**
 * A figure of the trade in inches: the coarsest fraction that is near enough, down to a sixty-fourth.
 * @example inchText(25) // "1"
 * @example inchText(4) // "5/32"
 * @example inchText(225) // "8 7/8"
 */
export function inchText(mm: Mm): string {
  const inches = mm / MM_PER_INCH;
  const size = Math.abs(inches);
  for (let parts = 1; parts <= FINEST; parts *= 2) {
    const n = Math.round(size * parts);
    // However large it is, it is within a sixteenth.
    const near = Math.min(size * NEAR, 1 / 16);
    if (parts === FINEST || (n > 0 && Math.abs(n / parts - size) <= near))
      return signed(inches, fractionText(n, parts));
  }
  return String(inches);
}

const signed = (n: number, text: string): string => (n < 0 && text !== "0" ? `−${text}` : text);

const N = "[−-]?\\d+(?:\\.\\d+)?";
/** Figures before a unit, ranges and products with it: "225 to 300 mm", "600 × 900 mm", "3 mm". A fixed space keeps a figure as it is. */
const FIGURES = new RegExp(`(${N}(?:(?: to | × |, | or | and |–)${N})*) (mm|kg|g|ml|°C|MPa|kPa|m/s|W/m²K)\\b`, "g");

/** As one weighs by hand: two figures that count, and none after the point from ten on. @example ouncesText(10.48) // "10" */
const ouncesText = (oz: number): string => (oz >= 10 ? oz.toFixed(0) : String(Number(oz.toPrecision(2))));

/** So much or more, of what nobody cuts to: whole inches, and never less. */
const AT_LEAST = /at least (\d{3,}) mm\b/g;

const OTHER: Readonly<Record<string, { readonly unit: string; readonly of: (n: number) => string }>> = {
  mm: { unit: "in", of: inchText },
  kg: { unit: "lb", of: (n) => (n / KG_PER_LB).toFixed(1) },
  g: { unit: "oz", of: (n) => ouncesText(n / G_PER_OZ) },
  ml: { unit: "fl oz", of: (n) => ouncesText(n / ML_PER_FL_OZ) },
  "°C": { unit: "°F", of: (n) => String(Math.round(n * 1.8 + 32)) },
  "m/s": { unit: "mph", of: (n) => String(Math.round(n / METRES_A_SECOND_PER_MPH)) },
  kPa: { unit: "psf", of: (n) => (n / KPA_PER_PSF).toFixed(1) },
  "W/m²K": { unit: HEAT_UNIT.in, of: (n) => heatFigure(n, "in") },
  MPa: { unit: "psi", of: (n) => String(Math.round((n * PSI_PER_MPA) / 10) * 10) },
};

/**
 * A sentence with its figures in the reader's unit. What must stay in millimetres for whoever cuts by them is written with a
 * fixed space (`metric`).
 * @example inUnit("Above 5 °C, 2 mm on to the glass.", "in") // "Above 41 °F, 5/64 in on to the glass."
 * @example inUnit("a tube of 310 ml", "in") // "a tube of 10 fl oz"
 * @example inUnit("at least 800 mm out", "in") // "at least 32 in out"
 * @example inUnit("within 75 mm of each corner", "mm") // as it is
 */
export function inUnit<Text extends string>(sentence: Text, unit: LengthUnit): Text {
  const exact = exactIn(sentence, unit);
  if (unit === "mm") return exact;
  const figured = exact
    .replace(AT_LEAST, (_, n: string) => `at least ${Math.ceil(Number(n) / MM_PER_INCH - 1e-9)} in`)
    .replace(FIGURES, (_, figures: string, name: string) => {
      const other = OTHER[name];
      const number = (n: string): string => other?.of(Number(n.replace("−", "-"))) ?? n;
      return `${figures.replace(new RegExp(N, "g"), number)} ${other?.unit ?? name}`;
    });
  return figured.replace(WHOLE_AND_PART, "$1\u00a0$2") as Text;
}

/** The whole inches and their fraction stand on one line, whatever the width of the screen. */
const WHOLE_AND_PART = /(\d) (\d{1,2}\/\d{1,3}\b)/g;

/** Figures that stay metric whoever reads them: a supplier cuts by them. @example metric("545 × 1193 mm") */
export const metric = (figures: string): string => figures.replaceAll(" ", "\u00a0");
