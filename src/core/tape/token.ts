import { fail, ok, type Result } from "../result.ts";
import {
  digitOf,
  isApostrophe,
  isDash,
  isDoubleQuote,
  isPlus,
  isSlash,
  isSpace,
  loweredDigitOf,
  ONE_OVER,
  raisedDigitOf,
  VULGAR,
} from "./characters.ts";

export type UnitWord = "inch" | "foot" | "mm" | "cm" | "m";

/** One thing on the tape line. `at` counts characters from 0 in the text as typed. */
export type Token =
  | { readonly kind: "number"; readonly at: number; readonly text: string }
  | { readonly kind: "fraction"; readonly at: number; readonly numerator: number; readonly denominator: number }
  | { readonly kind: "unit"; readonly at: number; readonly unit: UnitWord }
  | { readonly kind: "dash" | "plus" | "gap"; readonly at: number };

export type TokenError =
  | { readonly kind: "letters"; readonly at: number; readonly found: string }
  | { readonly kind: "strange-character"; readonly at: number; readonly found: string }
  | { readonly kind: "exponent"; readonly at: number }
  | { readonly kind: "broken-fraction"; readonly at: number };

const UNIT_WORDS: Readonly<Record<string, UnitWord>> = {
  in: "inch",
  ins: "inch",
  inch: "inch",
  inches: "inch",
  ft: "foot",
  foot: "foot",
  feet: "foot",
  mm: "mm",
  cm: "cm",
  m: "m",
};

const isLetter = (c: string): boolean => /\p{L}/u.test(c);

/** Splits typed text into numbers, fractions, units and marks. Each bad character is named with its place. */
export function tokens(text: string): Result<readonly Token[], TokenError> {
  const chars = Array.from(text);
  const found: Token[] = [];
  let i = 0;
  const char = (k: number): string => chars[k] ?? "";
  const run = (digit: (c: string) => string): string => {
    let digits = "";
    for (; digit(char(i)) !== ""; i++) digits += digit(char(i));
    return digits;
  };
  while (i < chars.length) {
    const at = i;
    const c = char(i);
    if (isSpace(c)) {
      while (isSpace(char(i))) i++;
      found.push({ kind: "gap", at });
    } else if (VULGAR[c]) {
      i++;
      found.push({ kind: "fraction", at, numerator: VULGAR[c][0], denominator: VULGAR[c][1] });
    } else if (c === ONE_OVER || raisedDigitOf(c) !== "") {
      const numerator = c === ONE_OVER ? "1" : run(raisedDigitOf);
      if (c === ONE_OVER) i++;
      else if (isSlash(char(i))) i++;
      else return fail({ kind: "broken-fraction", at });
      const denominator = run((d) => loweredDigitOf(d) || digitOf(d));
      if (denominator === "") return fail({ kind: "broken-fraction", at });
      found.push({ kind: "fraction", at, numerator: Number(numerator), denominator: Number(denominator) });
    } else if (digitOf(c) !== "" || ((c === "." || c === ",") && digitOf(char(i + 1)) !== "")) {
      let number = "";
      for (; digitOf(char(i)) !== "" || char(i) === "." || char(i) === ","; i++) number += digitOf(char(i)) || char(i);
      if (isSlash(char(i))) {
        i++;
        const denominator = run(digitOf);
        if (denominator === "" || /[.,]/.test(number) || isSlash(char(i))) return fail({ kind: "broken-fraction", at });
        found.push({ kind: "fraction", at, numerator: Number(number), denominator: Number(denominator) });
      } else if (/^[eE]$/.test(char(i)) && /[\d+-]/.test(char(i + 1))) {
        return fail({ kind: "exponent", at: i });
      } else found.push({ kind: "number", at, text: number });
    } else if (isApostrophe(c)) {
      const two = isApostrophe(char(i + 1));
      i += two ? 2 : 1;
      found.push({ kind: "unit", at, unit: two ? "inch" : "foot" });
    } else if (isDoubleQuote(c)) {
      i++;
      found.push({ kind: "unit", at, unit: "inch" });
    } else if (isLetter(c)) {
      let word = "";
      for (; isLetter(char(i)); i++) word += char(i);
      const unit = Object.hasOwn(UNIT_WORDS, word.toLowerCase()) ? UNIT_WORDS[word.toLowerCase()] : undefined;
      if (unit === undefined) return fail({ kind: "letters", at, found: word });
      if (char(i) === ".") i++;
      found.push({ kind: "unit", at, unit });
    } else if (isDash(c)) {
      i++;
      found.push({ kind: "dash", at });
    } else if (isPlus(c)) {
      i++;
      found.push({ kind: "plus", at });
    } else if (isSlash(c)) {
      return fail({ kind: "broken-fraction", at });
    } else {
      return fail({ kind: "strange-character", at, found: c });
    }
  }
  return ok(found);
}
