import { capital } from "../text/capital.ts";
import type { Template } from "../text/template.ts";
/** The trade's words in two dialects. Everything stored is a concept; a dialect is chosen by each reader. */
export type Dialect = "a" | "b";

const TERMS = {
  pane: { a: "pane", b: "lite", means: "one piece of glass, or one {unit}, in its own {rebate}" },
  rebate: { a: "rebate", b: "rabbet", means: "the step the glass sits in" },
  bead: { a: "bead", b: "stop", means: "strip that holds the glass and comes off" },
  sprig: { a: "sprig", b: "point", means: "small metal holder under the {putty}" },
  packer: { a: "packer", b: "shim", means: "plastic or rubber block under or beside the glass" },
  toughened: { a: "toughened", b: "tempered", means: "heat-treated safety glass; it cannot be cut afterwards" },
  unit: { a: "sealed unit", b: "IG unit", means: "two or three panes sealed round a cavity" },
  bar: { a: "glazing bar", b: "muntin", means: "bar that divides a sash into {panes}" },
  sill: { a: "sill", b: "sill", means: "bottom of the frame" },
  putty: { a: "putty", b: "glazing compound", means: "compound that sets hard round the glass" },
} as const;

export type Term = keyof typeof TERMS;
export const TERM_LIST = Object.keys(TERMS) as Term[];

/** Words that are one in both dialects but need saying once to a first-year. */
export const PLAIN_TERMS: Readonly<Record<string, Template>> = {
  "sight size": "the clear opening you see, between frame edges",
  "tight size": "{rebate} wall to {rebate} wall",
  "glass size": "the tight size less clearances: what is cut",
  "edge gap": "glass edge to {rebate} wall",
  cover: "how far the {rebate} or {bead} overlaps the glass",
  lean: "how far the opening is out of square, along its height",
  "sight line": "where the frame's edge meets the glass",
  arrissed: "sharp edges taken off with a stone",
};

/** The word in a dialect. @example term("sprig", "b") // "point" */
export const term = (t: Term, dialect: Dialect): string => TERMS[t][dialect];
export const meaning = (t: Term, dialect: Dialect): string => say(TERMS[t].means, dialect);

const plural = (word: string): string => `${word}s`;

/** A sentence taken apart: plain text, and {words} with the term behind each. */
export type Piece = { readonly text: string; readonly term: Term | null };

/** @example piecesOf("Draw every {sprig}.", "b") // "Draw every ", "point" (sprig), "." */
export const piecesOf = (sentence: Template, dialect: Dialect): readonly Piece[] =>
  withArticles(sentence, dialect)
    .split(/(\{[A-Za-z]+\})/)
    .flatMap((text): Piece[] => {
      if (text === "") return [];
      const term = termIn(text);
      return [{ text: say(text, dialect), term: term }];
    });

function termIn(braced: string): Term | null {
  const name = /^\{([A-Za-z]+)\}$/.exec(braced)?.[1]?.toLowerCase() ?? "";
  if (isTerm(name)) return name;
  const single = name.replace(/s$/, "");
  return isTerm(single) ? single : null;
}

/**
 * Fills the {words} of a sentence in a dialect: singular or plural, small or capital.
 * @example say("Draw every {sprig}.", "b") // "Draw every point."
 * @example say("{Packers} on the {sill}.", "b") // "Shims on the sill."
 */
export function say(sentence: Template, dialect: Dialect): string {
  return withArticles(sentence, dialect).replace(/\{([A-Za-z]+)\}/g, (whole, name: string) => {
    const small = name.toLowerCase();
    const single = isTerm(small)
      ? small
      : small.endsWith("s") && isTerm(small.slice(0, -1))
        ? small.slice(0, -1)
        : undefined;
    if (single === undefined || !isTerm(single)) return whole;
    const word = single === small ? term(single, dialect) : plural(term(single, dialect));
    return name === small ? word : capital(word);
  });
}

/** "a" before a word that wants "an" in this dialect. @example "a {unit}" in b // "an {unit}": an IG unit */
const withArticles = (sentence: string, dialect: Dialect): string =>
  sentence.replace(/\b([Aa]) (?=\{([a-z]+)\})/g, (whole, article: string, name: string) =>
    isTerm(name) && /^[AEIOaeio]/.test(term(name, dialect)) ? `${article}n ` : whole,
  );

const isTerm = (name: string): name is Term => Object.hasOwn(TERMS, name);
