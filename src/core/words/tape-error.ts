import type { TapeLineError } from "../tape/line.ts";
import { LINE_LETTERS } from "../tape/line.ts";
import type { TapeError } from "../tape/read.ts";
import { counted } from "../text/counted.ts";

/** What is wrong with a reading, in a sentence that says what to do. */
export function tapeErrorSentence(error: TapeError): string {
  switch (error.kind) {
    case "empty":
      return "Nothing is typed yet. Type a length, such as 23 11/16 or 601.5.";
    case "sign-in-front":
      return "A length has no sign in front. A hair under or over goes behind: 601.5- or 601.5+.";
    case "exponent":
      return "Write the number out in full, without e.";
    case "letters":
      return `“${error.found}” is not a unit. Use mm, cm, m, in or ft, or leave it out.`;
    case "strange-character":
      return `“${error.found}” cannot be read. Type only what the tape shows, or read it again.`;
    case "broken-fraction":
      return "The fraction is not finished. Write it as 11/16.";
    case "denominator":
      return `A tape has no 1/${error.denominator} marks. Use halves, quarters, 8ths, 16ths, 32nds or 64ths.`;
    case "improper-fraction":
      return `${error.numerator}/${error.denominator} is an inch or more. Write the whole inches first, then the rest.`;
    case "ambiguous-comma":
      return "The comma could mean thousands or a decimal. Write 1200, or 1.2.";
    case "two-separators":
      return "There are two points or commas. Keep one.";
    case "unfinished-decimal":
      return "The decimal is not finished. Type the digit after the point.";
    case "too-long":
      return "No opening is that long. Check the digits.";
    case "stray-mark":
      return "A hair under (-) or over (+) goes at the very end.";
    case "no-number":
      return "Type the number first, then its unit.";
    case "second-number":
      return "There are two lengths here. One field takes one reading.";
    case "second-unit":
      return "There are two units here. Keep one.";
    case "decimal-with-fraction":
      return "A decimal and a fraction together cannot be right. Keep one of them.";
    case "metric-fraction":
      return "Millimetres have no fractions. Write 601.5 mm, or leave out the mm for inches.";
    case "inches-over-a-foot":
      return "After feet, inches stay under 12.";
    case "decimal-feet-with-inches":
      return "Feet with inches behind them must be whole.";
    case "metric-after-feet":
      return "Feet go with inches, not with millimetres.";
    case "below-nothing":
      return "A hair under nothing is not a length. Read it again.";
  }
}

export function tapeLineErrorSentence(error: TapeLineError): string {
  switch (error.kind) {
    case "nothing-typed":
      return "Type w, then the widths; h, then the heights; d, then the two diagonals.";
    case "no-letter-first":
      return `Say first what “${error.found}” is: w, h, d, r or t.`;
    case "letter-twice":
      return `The ${LINE_LETTERS[error.letter]} stands twice. Put its readings behind one ${error.letter}.`;
    case "no-reading-after":
      return `No reading follows ${error.letter}. Type the ${LINE_LETTERS[error.letter]}, or take the letter out.`;
    case "too-many":
      return `The ${LINE_LETTERS[error.letter]} takes ${counted(error.most, "reading")} at most.`;
    case "reading":
      return `“${error.text}”: ${tapeErrorSentence(error.error)}`;
  }
}
