/** Fills the {words} of a sentence in the reader's dialect. */
export type Say = (sentence: string) => string;
