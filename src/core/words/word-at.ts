import { type Dialect, meaning, PLAIN_TERMS, say, TERM_LIST, term } from "./dialect.ts";

/** A word of the trade as it stands in a text, and what it means, both in the reader's words. */
export type Glossed = { readonly word: string; readonly means: string };

const escaped = (word: string): string => word.replace(/[.*+?^${}()|[\]\\]/g, "\\$&");

/** Every word that is explained, the longer before what is part of it: "sight line" before "sight". */
const glossaryOf = (dialect: Dialect): readonly Glossed[] =>
  [
    ...TERM_LIST.map((t) => ({ word: term(t, dialect), means: meaning(t, dialect) })),
    ...Object.entries(PLAIN_TERMS).map(([word, means]) => ({ word, means: say(means, dialect) })),
  ].toSorted((x, y) => y.word.length - x.word.length);

const GLOSSARY: Readonly<Record<Dialect, readonly Glossed[]>> = { a: glossaryOf("a"), b: glossaryOf("b") };

/**
 * The word of the trade that a tap into a text met, one or many of it, small or capital; null where none stands there.
 * @param at - which character was met, from 0
 * @example wordAt("Draw every sprig.", 12, "a") // { word: "sprig", means: "small metal holder under the putty" }
 * @example wordAt("Draw every sprig.", 3, "a") // null
 */
export function wordAt(text: string, at: number, dialect: Dialect): Glossed | null {
  for (const glossed of GLOSSARY[dialect])
    for (const met of text.matchAll(new RegExp(`\\b${escaped(glossed.word)}s?\\b`, "gi")))
      if (met.index <= at && at < met.index + met[0].length) return { word: met[0], means: glossed.means };
  return null;
}
