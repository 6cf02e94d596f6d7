import { type Fineness, writeNumber } from "../tape/write.ts";
import { type LengthUnit, mm } from "../units/length.ts";

/* Signs nobody sees: they tell a figure that somebody cuts by from a rule of thumb, which may be told in coarser marks. */
const NEAR = "\u2060";
const DOWN = "\u2061";

const told = (mm: readonly number[], sign: string): string =>
  `${mm.map((n) => Number(n.toFixed(3))).join(" × ")}${sign} mm`;

/** Figures that a router or a plane is set by: told to the nearest mark of the tape. @example exactly(7.475) // "7.5 mm", in inches "9/32 in" */
export const exactly = (...mm: readonly number[]): string => told(mm, NEAR);

/** Sizes that glass is cut to: never told larger than they are. @example cutDown(603, 849) // "603 × 849 mm", in inches "23 23/32 × 33 13/32 in" */
export const cutDown = (...mm: readonly number[]): string => told(mm, DOWN);

const FIGURES = new RegExp(`((?:\\d+(?:\\.\\d+)?)(?: × \\d+(?:\\.\\d+)?)*)([${NEAR}${DOWN}]) mm\\b`, "g");
const MARKS: Fineness = { places: 1, ticks: 32 };
const MARK_MM = 25.4 / 32;
/** A size that stands on a mark is not taken down to the one below by the last digit of a float. */
const ON_MARK = 1e-3;

/** The exact figures of a sentence in the reader's unit; the rest as it is. */
export function exactIn<Text extends string>(sentence: Text, unit: LengthUnit): Text {
  return sentence.replace(FIGURES, (_, figures: string, sign: string) => {
    const one = (text: string): string => {
      const n = Number(text);
      if (sign === NEAR) return writeNumber(mm(n), unit, MARKS);
      const step = unit === "mm" ? 0.1 : MARK_MM;
      return writeNumber(mm(Math.floor(n / step + ON_MARK) * step), unit, MARKS);
    };
    return `${figures.split(" × ").map(one).join(" × ")} ${unit}`;
  }) as Text;
}
