import { COLUMNS, type RowProblem } from "../round/openings-table.ts";
import type { Template } from "../text/template.ts";
import { PLACE_NAMES } from "./places.ts";
import { tapeErrorSentence } from "./tape-error.ts";

/** What is wrong with a table of openings, by row and column, and what to do. */
export function rowProblemSentence(p: RowProblem): Template {
  switch (p.kind) {
    case "no-headings":
      return "The first row has no heading that is known. Give it the headings of the list below.";
    case "unknown-heading":
      return `Column ${p.column}: “${p.heading}” is not a heading that is known. It is left out; rename it if it should count.`;
    case "twice":
      return `Column ${p.column}: “${p.heading}” is there twice. The first is taken.`;
    case "missing":
      return `Row ${p.row}: give the ${p.column}. The row is left out.`;
    case "not-one-of":
      return `Row ${p.row}: “${p.found}” is not one of the ${p.column} there are (${COLUMNS[p.column]}). The row is left out.`;
    case "too-long":
      return `Row ${p.row}: ${p.heading} is too long. Shorten it.`;
    case "unreadable":
      return `Row ${p.row}, ${PLACE_NAMES[p.place]}, “${p.text}”: ${tapeErrorSentence(p.error)} It is kept as it is.`;
  }
}
