/**
 * What a spreadsheet would take for a formula, or for the end of a cell: the signs, tab, return, and the signs' full-width
 * forms, which some spreadsheets read as the plain ones. Source: usual guidance against CSV injection.
 */
const STARTS = /^[=+\-@\t\r\n\uff1d\uff0b\uff0d\uff20]/;

/** A cell that a spreadsheet would run is made text. @example safeCell("=1+1") // "'=1+1" */
export const safeCell = (cell: string): string => (STARTS.test(cell) ? `'${cell}` : cell);

/** The mark taken off again. @example unsafeCell("'=1+1") // "=1+1"; unsafeCell("'quoted'") // "'quoted'" */
export const unsafeCell = (cell: string): string =>
  cell.startsWith("'") && STARTS.test(cell.slice(1)) ? cell.slice(1) : cell;
