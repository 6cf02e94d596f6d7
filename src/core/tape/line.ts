import { fail, ok, type Result } from "../result.ts";
import type { Template } from "../text/template.ts";
import type { LengthUnit } from "../units/length.ts";
import { readTape, type TapeError } from "./read.ts";

/** What a letter on the tape line stands for. */
export const LINE_LETTERS = {
  w: "width",
  h: "height",
  d: "diagonal",
  r: "{rebate} depth",
  t: "{rebate} width",
} as const satisfies Readonly<Record<string, Template>>;
export type LineLetter = keyof typeof LINE_LETTERS;

export type TapeLine = Readonly<Partial<Record<LineLetter, readonly string[]>>>;

export type TapeLineError =
  | { readonly kind: "nothing-typed" }
  | { readonly kind: "no-letter-first"; readonly at: number; readonly found: string }
  | { readonly kind: "letter-twice"; readonly at: number; readonly letter: LineLetter }
  | { readonly kind: "no-reading-after"; readonly at: number; readonly letter: LineLetter }
  | { readonly kind: "too-many"; readonly at: number; readonly letter: LineLetter; readonly most: number }
  | {
      readonly kind: "reading";
      readonly at: number;
      readonly letter: LineLetter;
      readonly text: string;
      readonly error: TapeError;
    };

const MOST: Readonly<Record<LineLetter, number>> = { w: 3, h: 3, d: 2, r: 1, t: 1 };

/**
 * One line that holds all readings of an opening. Each reading is kept as typed; a whole number takes the fraction
 * behind it, feet take the inches behind them.
 * @example readTapeLine("w 23 11/16 23 5/8 h 35 1/2", "in") // { w: ["23 11/16", "23 5/8"], h: ["35 1/2"] }
 */
export function readTapeLine(text: string, reader: LengthUnit): Result<TapeLine, TapeLineError> {
  const words = [...text.matchAll(/\S+/g)].flatMap(splitLetter);
  if (words.length === 0) return fail({ kind: "nothing-typed" });
  const line: Partial<Record<LineLetter, string[]>> = {};
  let letter: LineLetter | undefined;
  let at = 0;
  for (let i = 0; i < words.length; ) {
    const word = words[i];
    if (word === undefined) break;
    if (isLetter(word.text)) {
      if (letter !== undefined && line[letter]?.length === 0) return fail({ kind: "no-reading-after", at, letter });
      letter = word.text.toLowerCase() as LineLetter;
      at = word.at;
      if (line[letter] !== undefined) return fail({ kind: "letter-twice", at, letter });
      line[letter] = [];
      i++;
      continue;
    }
    if (letter === undefined) return fail({ kind: "no-letter-first", at: word.at, found: word.text });
    const span = readingSpan(
      words.map((w) => w.text),
      i,
    );
    const reading = words
      .slice(i, i + span)
      .map((w) => w.text)
      .join(" ");
    const read = readTape(reading, reader);
    if (!read.ok) return fail({ kind: "reading", at: word.at, letter, text: reading, error: read.error });
    const list = line[letter] ?? [];
    if (list.length === MOST[letter]) return fail({ kind: "too-many", at: word.at, letter, most: MOST[letter] });
    list.push(reading);
    i += span;
  }
  if (letter !== undefined && line[letter]?.length === 0) return fail({ kind: "no-reading-after", at, letter });
  return ok(line);
}

type Word = { readonly at: number; readonly text: string };

const isLetter = (text: string): boolean => /^[whdrt]$/i.test(text);

/** "w23" is "w 23". */
function splitLetter(match: RegExpMatchArray): Word[] {
  const at = match.index ?? 0;
  const text = match[0];
  return /^[whdrt]\d/i.test(text)
    ? [
        { at, text: text.slice(0, 1) },
        { at: at + 1, text: text.slice(1) },
      ]
    : [{ at, text }];
}

const FEET = /^\d+(?:['′’]|ft\.?|feet)-?$/i;
const WHOLE = /^\d+$/;
const FRACTION = /^(?:\d+\s*[/⁄]\s*\d+|[½¼¾⅛⅜⅝⅞])(?:["″”]|''|in\.?|ins\.?)?[+\-–—−]?$/i;
const UNIT = /^(?:mm|cm|m|in|ins|inch|inches|ft|feet|foot)\.?[+\-–—−]?$/i;

/** How many words from `i` on belong to one reading. */
function readingSpan(words: readonly string[], i: number): number {
  const word = words[i] ?? "";
  let span = 1;
  const feet = FEET.test(word);
  if (feet && /^\d/.test(words[i + span] ?? ""))
    span += WHOLE.test(words[i + span] ?? "") && FRACTION.test(words[i + span + 1] ?? "") ? 2 : 1;
  else if (WHOLE.test(word) && FRACTION.test(words[i + span] ?? "")) span++;
  if (UNIT.test(words[i + span] ?? "")) span++;
  if (/^[+\-–—−]$/.test(words[i + span] ?? "")) span++;
  return span;
}
