import type { PaneBook } from "../pane/book.ts";
import { orderLineOf } from "../pane/order-line.ts";
import type { Reckoning } from "../pane/reckoning.ts";
import { isRefurbished } from "../pane/refurbishing.ts";
import { isUnit } from "../pane/unit.ts";
import { wholeOf } from "../pane/whole-here.ts";
import { isSafetyGlass } from "../specify/glass.ts";
import { makeupIsSafe } from "../specify/makeup.ts";
import type { Whole } from "../specify/whole.ts";
import type { LengthUnit } from "../units/length.ts";
import { toMm } from "../units/length.ts";
import type { Dialect } from "./dialect.ts";
import { say } from "./dialect.ts";
import { glassText } from "./glass.ts";
import { inUnit } from "./in-unit.ts";

const WHOLE_FITTED: Readonly<Record<Whole, string>> = {
  insert: "A new door insert, frame and glass in one",
  sash: "A new sash, with its glass in it",
  window: "A new window, frame and glass in one",
};

/**
 * What was done to the glass, in the customer's words and without codes.
 * @example packed anew // "Your own glass, packed and set anew"
 * @example a unit of 4-16-4 with a coating // "A new sealed unit, 24 mm thick, coated to keep warmth in"
 */
export function fittedText(
  book: PaneBook,
  r: Reckoning,
  by: { readonly dialect: Dialect; readonly unit: LengthUnit },
): string {
  if (isRefurbished(book)) return say("Your own {unit}, opened, dried and resealed; it holds no gas", by.dialect);
  if (book.before.option?.option === "repack") return "Your own glass, packed and set anew";
  const whole = wholeOf(book);
  if (whole) return WHOLE_FITTED[whole];
  if (book.panel) return "A new solid panel";
  if (isUnit(book)) {
    const more = [
      book.makeup ? inUnit(`${Math.round(toMm(r.glass.thickness))} mm thick`, by.unit) : "",
      book.makeup && book.makeup.coatings.length > 0 ? "coated to keep warmth in" : "",
      book.makeup && makeupIsSafe(book.makeup) ? "of safety glass" : "",
      book.looks?.pattern ? `one sheet patterned: ${book.looks.pattern}` : "",
      book.looks?.tint ? `tinted: ${book.looks.tint}` : "",
      book.bars && (book.bars.uprights > 0 || book.bars.crosses > 0) ? "with bars as they were" : "",
    ].filter(Boolean);
    return say(["A new {unit}", ...more].join(", "), by.dialect);
  }
  const line = orderLineOf(book, r);
  if (!line) return "New glass";
  const glass = [glassText(line, by), line.pattern, book.looks?.tint].filter(Boolean).join(", ");
  return `New ${isSafetyGlass(line.glass) ? "safety glass" : "glass"}, ${glass}`;
}
