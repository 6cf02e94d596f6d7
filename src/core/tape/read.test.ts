import { describe, expect, it } from "vitest";
import { inches, type LengthUnit, mm, type Nm } from "../units/length.ts";
import { readTape, type TapeError } from "./read.ts";

/** What a tape says, however long: the limit of a reading is tested by itself. */
const ANY = Number.MAX_SAFE_INTEGER;

const exactOf = (text: string, reader: LengthUnit) => {
  const read = readTape(text, reader, ANY);
  if (!read.ok) throw new Error(`${text}: ${JSON.stringify(read.error)}`);
  return read.value;
};

const READ: readonly (readonly [string, LengthUnit, Nm])[] = [
  ["23 11/16", "in", inches(23, 11, 16)],
  ["23 11/16", "mm", inches(23, 11, 16)],
  ["601.5", "mm", mm(601.5)],
  ["601,5", "mm", mm(601.5)],
  ["601.5", "in", inches(601.5)],
  ["0,125", "in", inches(0, 1, 8)],
  ["1,2000", "mm", mm(1.2)],
  ["23-11/16", "in", inches(23, 11, 16)],
  ["23–11/16", "in", inches(23, 11, 16)],
  ["23 - 11/16", "in", inches(23, 11, 16)],
  ["34⅝", "in", inches(34, 5, 8)],
  ["34 ⅝″", "mm", inches(34, 5, 8)],
  ["34 ¹¹⁄₁₆", "mm", inches(34, 11, 16)],
  ["34 ⅟16", "in", inches(34, 1, 16)],
  ["8/16", "in", inches(0, 1, 2)],
  ["63/64", "in", inches(0, 63, 64)],
  ["1' 11 11/16", "mm", inches(23, 11, 16)],
  ["1' 11 11/16\"", "in", inches(23, 11, 16)],
  ["1'-11 11/16\"", "in", inches(23, 11, 16)],
  ["1′ 11½″", "mm", inches(23, 1, 2)],
  ["1 ft 11.5 in.", "mm", inches(23.5)],
  ["1' 3/4", "mm", inches(12, 3, 4)],
  ["2 FEET", "mm", inches(24)],
  ["1.5 ft", "mm", inches(18)],
  ["23 11/16''", "mm", inches(23, 11, 16)],
  ["60.15 cm", "in", mm(601.5)],
  ["0.6015 m", "in", mm(601.5)],
  ["601.5MM.", "in", mm(601.5)],
  ["  601.5  ", "mm", mm(601.5)],
  ["23 INS", "mm", inches(23)],
  ["６０１", "mm", mm(601)],
  ["0", "mm", mm(0)],
];

describe("a length as read", () => {
  it.each(READ)("%s, reader in %s", (text, reader, expected) => {
    const read = exactOf(text, reader);
    expect(read.exact).toBe(expected);
    expect(read.adjusted).toBe(expected);
    expect(read.written).toBe(text);
  });

  it.each([
    ["23-11/16+", "in", "heavy", inches(23, 11, 16), inches(23, 45, 64)],
    ["23 11/16 -", "mm", "light", inches(23, 11, 16), inches(23, 43, 64)],
    ["23-", "in", "light", inches(23), inches(22, 63, 64)],
    ["601.5+", "mm", "heavy", mm(601.5), mm(601.75)],
    ["601 mm–", "in", "light", mm(601), mm(600.75)],
    ["1'-", "mm", "light", inches(12), inches(11, 63, 64)],
  ] as const)("%s is a hair off the mark", (text, reader, hair, exact, adjusted) => {
    expect(exactOf(text, reader)).toMatchObject({ hair, exact, adjusted });
  });

  it.each([
    ["", "empty", 0],
    ["   ", "empty", 0],
    ["-5", "sign-in-front", 0],
    ["+5", "sign-in-front", 0],
    ["−5", "sign-in-front", 0],
    ["1e3", "exponent", 1],
    ["23x", "letters", 2],
    ["about 23", "letters", 0],
    ["23 constructor", "letters", 3],
    ["23 1?/16", "strange-character", 4],
    ["23 24", "second-number", 3],
    ["23 11/16 24", "second-number", 9],
    ["23 - 24", "second-number", 5],
    ['23" 11/16', "second-number", 4],
    ["1 200", "second-number", 2],
    ["17/16", "improper-fraction", 0],
    ["16/16", "improper-fraction", 0],
    ["23 1/3", "denominator", 3],
    ["23 ⅓", "denominator", 3],
    ["1/0", "denominator", 0],
    ["1/", "broken-fraction", 0],
    ["/16", "broken-fraction", 0],
    ["1/2/4", "broken-fraction", 0],
    ["23.5 1/2", "decimal-with-fraction", 0],
    ["601 1/2 mm", "metric-fraction", 4],
    ["1,200", "ambiguous-comma", 0],
    ["1,200.5", "two-separators", 0],
    ["1.2.3", "two-separators", 0],
    ["601.", "unfinished-decimal", 0],
    ["1' 12", "inches-over-a-foot", 3],
    ["1.5' 3\"", "decimal-feet-with-inches", 0],
    ["1' 11 mm", "metric-after-feet", 3],
    ["1' 2'", "second-unit", 3],
    ["23 in mm", "second-unit", 6],
    ["mm", "no-number", 0],
    ["23+ -", "stray-mark", 2],
    ["0-", "below-nothing", 0],
    ["99999999999999", "too-long", 0],
  ] as const)("%s is refused: %s at %i", (text, kind, at) => {
    const read = readTape(text, "mm");
    expect(read.ok ? null : ({ kind: read.error.kind, at: read.error.at } as Pick<TapeError, "kind" | "at">)).toEqual({
      kind,
      at,
    });
  });
});

describe("the longest reading", () => {
  it.each([
    ["10000", "mm", true],
    ["10000.5", "mm", false],
    ["999999999", "mm", false],
    ["393 11/16", "in", true],
    ["601.5", "in", false],
    ["33 ft", "mm", false],
  ] as const)("%s in %s is one: %s", (text, unit, fits) => {
    const read = readTape(text, unit);
    expect(read.ok ? true : read.error.kind).toBe(fits || "too-long");
  });
});
