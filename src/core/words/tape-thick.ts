import type { TapeThick } from "../pane/tape-thick.ts";
import { writeLength } from "../tape/write.ts";
import type { Template } from "../text/template.ts";
import type { LengthUnit, Nm } from "../units/length.ts";

/**
 * How thick a tape to take, and why, with {words} for the dialect.
 * @example a tape of 3 that fills // "3 mm thick: with glass and {bead} it fills the {rebate}"
 */
export function tapeThickText({ strips, because }: TapeThick, unit: LengthUnit): Template {
  const text = (length: Nm): string => writeLength(length, unit, { places: 1, ticks: 32 });
  const [tape, ...packing] = strips.map(text);
  const thick = packing.length > 0 ? `${tape} thick on packing of ${packing.join(" and ")}` : `${tape} thick`;
  switch (because) {
    case "fills":
      return `${thick}: with glass and {bead} it fills the {rebate}`;
    case "nearest":
      return `${thick}, the nearest under what glass and {bead} leave`;
    case "read":
      return `${thick}, as what lay under the old one`;
    case "usual":
      return `${thick}, the house's usual: nobody read the {rebate} and its {bead} across`;
  }
}
