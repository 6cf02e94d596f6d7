import { ENOUGH, type OwnFigure } from "../learn/own-figure.ts";
import type { OwnFrom } from "../learn/own-from.ts";
import { writeNumber } from "../tape/write.ts";
import { type LengthUnit, mm } from "../units/length.ts";

/** @example fromWords({ seen: 34, of: "sides" }) // "your own, from 34 sides" */
export const fromWords = (own: OwnFrom): string => `your own, from ${own.seen} ${own.of}`;

/**
 * A small figure, with its sign where it has one.
 * @example smallText(-1.24, "mm") // "−1.2 mm"
 * @example smallText(1.2, "in") // "3/64 in"
 */
export function smallText(value: number, unit: LengthUnit): string {
  const size = Math.abs(value);
  const text = unit === "mm" ? (Math.round(size * 10) / 10).toFixed(1) : writeNumber(mm(size), "in", { ticks: 64 });
  return `${value < 0 && !/^0(\.0)?$/.test(text) ? "−" : ""}${text} ${unit}`;
}

/** What a figure of the firm's own says of itself, in one sentence. */
export function figureSentence(f: OwnFigure, unit: LengthUnit): string {
  const more = ENOUGH[f.from.of] - f.from.seen;
  if (f.own === null)
    return f.from.seen === 0
      ? `Nothing seen yet: ${ENOUGH[f.from.of]} ${f.from.of} say something.`
      : `${f.from.seen} ${f.from.of} so far: ${more} more before they say anything.`;
  const widest = f.widest === null ? "" : ` Widest about ${dayOfYear(f.widest)}.`;
  return `From ${f.from.seen} ${f.from.of}: nine chances in ten that it is between ${smallText(f.within.lo, unit)} and ${smallText(f.within.hi, unit)}.${widest}`;
}

/** @example dayOfYear(213) // "the beginning of August" */
function dayOfYear(n: number): string {
  const [month, day] = [new Date(Date.UTC(2001, 0, n)).getUTCMonth(), new Date(Date.UTC(2001, 0, n)).getUTCDate()];
  return `the ${day <= 10 ? "beginning" : day <= 20 ? "middle" : "end"} of ${MONTHS[month] ?? ""}`;
}
const MONTHS = "January February March April May June July August September October November December".split(" ");
