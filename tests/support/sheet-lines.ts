/* Whatever is worked out, written one fact a line, so that a person reads it and a changed figure is a changed line. */

const DIGITS = 6;
const WIDEST = 200;

/** What goes without saying: nothing was said, nothing is there, or it is a way to work something out. */
const isNothing = (v: unknown): boolean =>
  v === undefined ||
  v === null ||
  v === false ||
  v === "" ||
  typeof v === "function" ||
  (typeof v === "object" && Object.values(v as object).every(isNothing));

/** A number as it stands on a sheet: six digits; whole lengths, which are nanometres, in millimetres. */
function numberText(name: string, n: number): string {
  if (Number.isInteger(n) && Math.abs(n) >= 50_000 && !/pence/i.test(name)) return `${n / 1e6} mm`;
  return Math.abs(n) < 1e-9 ? "0" : String(Number(n.toPrecision(DIGITS)));
}

const wordText = (text: string): string => text.replaceAll("00000000-0000-7000-8000-0000000000", "#");

/** On one line, whatever it holds. @example { at: { x: 1, y: 2 }, on: true } // "at (x 1, y 2), on" */
function inlineText(name: string, value: unknown): string {
  if (typeof value === "number") return numberText(name, value);
  if (typeof value !== "object" || value === null) return wordText(String(value));
  if (Array.isArray(value)) return value.map((v) => inParts(name, v)).join(" | ");
  return Object.entries(value)
    .filter(([, v]) => !isNothing(v))
    .map(([k, v]) => (v === true ? k : `${k} ${inParts(k, v)}`))
    .join(", ");
}
const inParts = (name: string, value: unknown): string =>
  typeof value === "object" && value !== null && !Array.isArray(value)
    ? `(${inlineText(name, value)})`
    : inlineText(name, value);

const plain = (value: unknown): unknown =>
  value instanceof Map ? Object.fromEntries(value) : value instanceof Set ? [...value] : value;

/**
 * A value as lines: on one where it is short, its parts under it where it is not. What is nothing, or no, is left out.
 * @example sheetLines("gaps", { left: 1.5, top: 2, bound: false }) // ["gaps: left 1.5, top 2"]
 */
export function sheetLines(name: string, told: unknown, indent = ""): string[] {
  const value = plain(told);
  if (isNothing(value)) return [];
  const line = value === true ? `${indent}${name}` : `${indent}${name}: ${inlineText(name, value)}`;
  if (line.length <= WIDEST || typeof value !== "object" || value === null) return [line];
  const parts = Array.isArray(value)
    ? value.flatMap((v) => sheetLines("-", v, `${indent}  `))
    : Object.entries(value).flatMap(([k, v]) => sheetLines(k, v, `${indent}  `));
  return [`${indent}${name}:`, ...parts];
}
