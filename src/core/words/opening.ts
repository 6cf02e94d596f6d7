import type { Assumption } from "../measure/figure.ts";
import { OPENING, type OpeningPlace } from "../measure/places.ts";
import type { Slip } from "../measure/slips.ts";
import type { Conflict } from "../measure/thickness.ts";
import type { Twist } from "../measure/twist.ts";
import type { Stack } from "../specify/stack.ts";
import { writeLength } from "../tape/write.ts";
import { capital } from "../text/capital.ts";
import type { Template } from "../text/template.ts";
import { type LengthUnit, mm, toMm } from "../units/length.ts";
import { PLACE_NAMES } from "./places.ts";
import { MISSING_TELLS } from "./size.ts";

export const ASSUMPTION_WORDS: Readonly<Record<Assumption, Template>> = {
  "no-lean": "corners taken as square until a diagonal is read",
  "sides-parallel-widths": "jambs taken as parallel",
  "sides-parallel-heights": "head and {sill} taken as parallel",
};

/** What each reading that is not there would tell. */
export const missingWords = (read: Readonly<Partial<Record<OpeningPlace, unknown>>>) =>
  OPENING.filter((p) => read[p] === undefined).map((place) => ({ kind: place, says: MISSING_TELLS[place] }));

/** The likeliest slip behind a reading that the others contradict. */
export function slipWords(s: Slip, unit: LengthUnit): Template {
  const name = PLACE_NAMES[s.place];
  const meant = writeLength(s.meant, unit, { places: 1, ticks: 32 });
  switch (s.kind) {
    case "whole-inch":
      return `${capital(name)}: a whole inch off what the others allow. Meant ${meant}?`;
    case "ten-mm":
      return `${capital(name)}: ten millimetres off what the others allow. Meant ${meant}?`;
    case "hundred-mm":
      return `${capital(name)}: ${unit === "mm" ? "a hundred millimetres" : "ten inches"} off what the others allow. Meant ${meant}?`;
    case "digits-swapped":
      return `${capital(name)}: two digits changed about? ${meant} would fit the others.`;
    case "width-for-height":
      return `${capital(name)} and ${s.with ? PLACE_NAMES[s.with] : "a height"}: in each other's place?`;
    case "widths-for-heights":
      return "Widths and heights look changed about: the opening does not have this shape by eye, or by its old {pane}.";
    case "misread":
      return `${capital(name)}: does not fit the others, which expect about ${meant}. Read it again.`;
  }
}

/** Less twist than this is the tape, mm. */
const TWIST_MM = 1.5;

/** What the two faces say of each other; null until both were read somewhere. */
export function twistWords(t: Twist, unit: LengthUnit): Template | null {
  if (t.worst === null) return null;
  const by = writeLength(mm(Math.abs(t.worst.by)), unit, { places: 1, ticks: 32 });
  return Math.abs(t.worst.by) < TWIST_MM
    ? `Both faces agree to ${by}: not twisted.`
    : `Twisted: the other face is ${by} ${t.worst.by > 0 ? "larger" : "smaller"} at ${PLACE_NAMES[t.worst.place]}. The smaller of each is used.`;
}

export function conflictWords(c: Conflict, unit: LengthUnit): Template {
  const text = (length: Parameters<typeof writeLength>[0]): string =>
    writeLength(length, unit, { places: 1, ticks: 32 });
  switch (c.kind) {
    case "overall-differs":
      return `Caliper says ${text(c.caliper)} overall, the slip of wood ${text(c.slip)}: ${text(mm(Math.abs(c.by)))} apart. Is the bed of tape or sealant right? Mark it again.`;
    case "pane-differs":
      return `Caliper says ${text(c.caliper)} for the {pane}, the marks ${text(c.slip)}. Feel both again.`;
    case "marks-out-of-order":
      return "The mark at the inner face must be nearer the upstand than the one at the outer face. Look which is which.";
    case "pane-thicker-than-whole":
      return "The {panes} read are as thick as the whole: no spacer is left. One of them is misread.";
    case "bed-thicker-than-mark":
      return "The bed is thicker than the mark is far: nothing is left for glass. Check both.";
  }
}

/** @example 4-16-4, or 1/8-1/2-1/8 */
export function stackText(s: Pick<Stack, "make" | "panes" | "spacers">): string {
  const parts = s.panes.flatMap((p, i) => [p, ...(s.spacers[i] === undefined ? [] : [s.spacers[i]])]);
  return parts
    .map((p) => (s.make === "metric" ? String(toMm(p)) : writeLength(p, "in").replace('"', "")))
    .join(s.make === "metric" ? "-" : " - ");
}
