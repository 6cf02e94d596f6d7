import type { LengthUnit } from "../units/length.ts";
import type { Written } from "./written.ts";

/** Whether the text says by itself what it is in: a sign or letters of a unit, or a fraction. */
const saysUnit = (text: string): boolean => /[a-z"'″′”’/]/i.test(text);

/**
 * The unit that a length was written in: the one its text says, as a fraction does, else that of the tape.
 * @example { text: "3/4", unit: "mm" } // "in"
 * @example { text: "18 mm", unit: "in" } // "mm"
 */
export const writtenIn = (w: Written): LengthUnit =>
  /mm/.test(w.text) ? "mm" : /["″/]|in\b/.test(w.text) ? "in" : w.unit;

/**
 * A length as somebody wrote it, with its unit unless the text has one.
 * @example { text: "44", unit: "mm" } // "44 mm"
 * @example { text: "44 mm", unit: "mm" } // "44 mm": typed on the pad, which writes the unit along
 * @example { text: "1 3/4", unit: "in" } // "1 3/4"
 */
export const asWritten = (w: Written): string => (saysUnit(w.text) ? w.text : `${w.text} ${w.unit}`);

/**
 * The same for whoever does not know what tape it was read with, as on an order: a fraction is of an inch.
 * @example { text: "1 3/4", unit: "in" } // "1 3/4 in"
 * @example { text: "44 mm", unit: "in" } // "44 mm"
 */
export const withUnit = (w: Written): string => (/^[\d ./]+$/.test(w.text) ? `${w.text} ${writtenIn(w)}` : w.text);

/**
 * A size as it was written, width before height, the unit once where it is said of both.
 * @example "455" and "712", mm // "455 × 712 mm"
 * @example "455 mm" and "712 mm" // "455 mm × 712 mm"
 */
export const sizeWritten = (width: Written, height: Written): string =>
  saysUnit(width.text) || saysUnit(height.text) || width.unit !== height.unit
    ? `${asWritten(width)} × ${asWritten(height)}`
    : `${width.text} × ${asWritten(height)}`;
