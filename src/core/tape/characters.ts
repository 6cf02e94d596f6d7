/** The many characters that mean one thing when a length is typed or pasted. */

const APOSTROPHES = "'′‘’ʹʼ`´‛＇";
const DOUBLE_QUOTES = '"″“”ʺ˝〃„‟＂';
const DASHES = "-‐‑‒–—―−﹣－";
const PLUSES = "+＋﹢";
const SLASHES = "/⁄∕／";
const SPACES = " \t\u00a0\u1680\u2000\u2001\u2002\u2003\u2004\u2005\u2006\u2007\u2008\u2009\u200a\u202f\u205f\u3000";

export const isApostrophe = (c: string): boolean => c !== "" && APOSTROPHES.includes(c);
export const isDoubleQuote = (c: string): boolean => c !== "" && DOUBLE_QUOTES.includes(c);
export const isDash = (c: string): boolean => c !== "" && DASHES.includes(c);
export const isPlus = (c: string): boolean => c !== "" && PLUSES.includes(c);
export const isSlash = (c: string): boolean => c !== "" && SLASHES.includes(c);
export const isSpace = (c: string): boolean => c !== "" && SPACES.includes(c);

const SUPERSCRIPTS = "⁰¹²³⁴⁵⁶⁷⁸⁹";
const SUBSCRIPTS = "₀₁₂₃₄₅₆₇₈₉";
const FULL_WIDTH = "０１２３４５６７８９";

/** The plain digit, or "" when the character is none. Raised and lowered digits belong to fractions only. */
export function digitOf(c: string): string {
  if (c >= "0" && c <= "9" && c.length === 1) return c;
  const wide = FULL_WIDTH.indexOf(c);
  return c !== "" && wide >= 0 ? String(wide) : "";
}
export function raisedDigitOf(c: string): string {
  const i = c === "" ? -1 : SUPERSCRIPTS.indexOf(c);
  return i < 0 ? "" : String(i);
}
export function loweredDigitOf(c: string): string {
  const i = c === "" ? -1 : SUBSCRIPTS.indexOf(c);
  return i < 0 ? "" : String(i);
}

/** Vulgar fraction characters, the thirds and fifths too: they are read, then refused by their denominator. */
export const VULGAR: Readonly<Record<string, readonly [number, number]>> = {
  "½": [1, 2],
  "¼": [1, 4],
  "¾": [3, 4],
  "⅛": [1, 8],
  "⅜": [3, 8],
  "⅝": [5, 8],
  "⅞": [7, 8],
  "⅓": [1, 3],
  "⅔": [2, 3],
  "⅕": [1, 5],
  "⅖": [2, 5],
  "⅗": [3, 5],
  "⅘": [4, 5],
  "⅙": [1, 6],
  "⅚": [5, 6],
  "⅐": [1, 7],
  "⅑": [1, 9],
  "⅒": [1, 10],
  "↉": [0, 3],
};
/** "⅟" stands for "1/" and is followed by the denominator. */
export const ONE_OVER = "⅟";
