import type { Template } from "../../core/text/template.ts";
/** Fills the {words} of a sentence in the reader's dialect. */
export type Say = (sentence: Template) => string;
